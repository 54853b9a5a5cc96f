package nimblestride.core.language.text;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import nimblestride.core.exercise.plan.RepRating;
import nimblestride.core.practice.journal.LogEntry;
import nimblestride.core.practice.journal.PracticeNote;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;

/**
 * Reads and prints a line about practice: {@code 20 min, at 96, clean, hard 4& and a of 2: the left hand was late}. A
 * name in quotation marks comes first if it is not the open exercise, and a day ({@code yesterday}, {@code
 * 2026-11-20}) if it was not today.
 */
public final class PracticeNoteText {
    private static final String EXAMPLE = "For example: 20 min, at 96, clean: the left hand was late";
    private static final Pattern NAMED = Pattern.compile("\\s*\"([^\"]*)\"\\s*,?");
    private static final Pattern LASTED = Pattern.compile(
            "(?:(\\d{1,2})\\s*h(?:ours?)?)?\\s*(?:(\\d{1,4})\\s*min(?:utes?)?)?\\s*(?:(\\d{1,5})\\s*s)?",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern COMMA = Pattern.compile(",");
    private static final Pattern BETWEEN_PLACES = Pattern.compile(" and |;");
    private static final Pattern DAY = Pattern.compile("\\d{4}-\\d{1,2}-\\d{1,2}");

    private PracticeNoteText() {}

    /**
     * Reads a line.
     *
     * @param today day that {@code yesterday} counts from
     * @param beatOf returns the beat a bare tempo counts: of the exercise that is named, or of the open one where none
     *     is
     * @throws TextException at the first place that can't be read
     */
    public static PracticeNote read(String text, LocalDate today, Function<Optional<String>, NoteValue> beatOf) {
        TextCursor whole = new TextCursor(text);
        Optional<String> what = whole.take(NAMED).map(named -> named.group(1));
        Optional<TextCursor> colon = whole.find(":", whole.at());
        Reader reader = new Reader(today, () -> beatOf.apply(what));
        for (TextCursor part : whole.part(
                        whole.at(), colon.map(TextCursor::start).orElse(whole.end()))
                .split(COMMA)) {
            if (!part.isBlank()) {
                reader.read(part.stripped());
            }
        }
        if (whole.isBlank()) {
            throw whole.part(0, 0).error("what you practiced. " + EXAMPLE);
        }
        TextCursor remark = whole.part(colon.map(TextCursor::end).orElse(whole.end()), whole.end());
        String words = remark.content().strip();
        if (words.length() > LogEntry.MAX_WORDS_LENGTH) {
            throw remark.error(
                    String.format(Locale.ROOT, "at most %,d characters after the colon", LogEntry.MAX_WORDS_LENGTH));
        }
        return new PracticeNote(what, reader.day, reader.seconds, reader.tempo, reader.rating, words, reader.hard);
    }

    /** Reads the parts between commas, in any order. */
    private static final class Reader {
        private final LocalDate today;
        private final Supplier<NoteValue> alone;
        private final List<String> hard = new ArrayList<>();
        private Optional<LocalDate> day = Optional.empty();
        private Optional<Tempo> tempo = Optional.empty();
        private Optional<RepRating> rating = Optional.empty();
        private int seconds;

        Reader(LocalDate today, Supplier<NoteValue> alone) {
            this.today = today;
            this.alone = alone;
        }

        void read(TextCursor part) {
            String small = part.content().toLowerCase(Locale.ROOT);
            Optional<MatchResult> lasted = part.match(LASTED);
            Optional<RepRating> clean = Arrays.stream(RepRating.values())
                    .filter(one -> one.title().equals(small))
                    .findFirst();
            if (clean.isPresent()) {
                rating = clean;
            } else if (small.startsWith("at ")) {
                tempo = Optional.of(tempo(part.part(part.start() + "at ".length(), part.end())));
            } else if (small.startsWith("hard ")) {
                hard(part);
            } else if (small.equals("today") || small.equals("yesterday")) {
                day = Optional.of(small.equals("today") ? today : today.minusDays(1));
            } else if (part.match(DAY).isPresent()) {
                day = Optional.of(date(part));
            } else {
                seconds = lasted.map(match -> seconds(part, match))
                        .orElseThrow(() -> part.error("how long, a tempo, clean, nearly, or not yet, what was"
                                + " hard, or a day. " + EXAMPLE));
            }
        }

        private Tempo tempo(TextCursor word) {
            try {
                return TempoText.read(word, alone.get());
            } catch (TextException e) {
                throw word.error("a tempo, such as at 96. " + EXAMPLE);
            }
        }

        private void hard(TextCursor part) {
            int places = part.start() + "hard ".length();
            for (TextCursor place : part.part(places, part.end()).split(BETWEEN_PLACES)) {
                if (!place.isBlank()) {
                    hard.add(place.content().strip());
                }
            }
            if (hard.size() > LogEntry.MAX_HARD || hard.stream().anyMatch(place -> place.length() > 80)) {
                throw part.part(part.start(), places).error("at most " + LogEntry.MAX_HARD + " short places");
            }
        }

        private static LocalDate date(TextCursor word) {
            String[] numbers = word.content().split("-", -1);
            try {
                return LocalDate.of(
                        Integer.parseInt(numbers[0]), Integer.parseInt(numbers[1]), Integer.parseInt(numbers[2]));
            } catch (DateTimeException e) {
                throw word.error("a real date, such as 2026-11-20");
            }
        }

        private static int seconds(TextCursor part, MatchResult lasted) {
            long all = 3_600L * number(lasted.group(1)) + 60L * number(lasted.group(2)) + number(lasted.group(3));
            if (all > LogEntry.MAX_SECONDS) {
                throw part.error("at most 24 hours. " + EXAMPLE);
            }
            return (int) all;
        }

        private static int number(String digits) {
            return digits == null ? 0 : Integer.parseInt(digits);
        }
    }

    /**
     * Prints a note as a user would type it; name and day only where the note has them.
     *
     * @param alone beat that a bare number counts; where that is no quarter, every tempo is printed with its beat
     */
    public static String write(PracticeNote note, NoteValue alone) {
        List<String> parts = new ArrayList<>();
        note.day().ifPresent(day -> parts.add(day.toString()));
        if (note.seconds() > 0) {
            parts.add(lasted(note.seconds()));
        }
        note.tempo().ifPresent(tempo -> parts.add("at " + tempo(tempo, alone)));
        note.rating().ifPresent(rating -> parts.add(rating.title()));
        if (!note.hard().isEmpty()) {
            parts.add("hard " + String.join(" and ", note.hard()));
        }
        String name =
                note.what().map(what -> "\"" + what.replace('"', '\'') + "\" ").orElse("");
        return name + String.join(", ", parts) + (note.words().isEmpty() ? "" : ": " + note.words());
    }

    /** Prints a tempo where a bare number counts a beat; without its beat only where both are quarters. */
    public static String tempo(Tempo tempo, NoteValue alone) {
        boolean usual = tempo.beat().equals(NoteValue.QUARTER) && alone.equals(NoteValue.QUARTER);
        return (usual ? "" : tempo.beat() + "=") + TempoText.written(tempo.perMinute());
    }

    /** Prints a time: {@code 20 min}, {@code 1 h 5 min}, {@code 45 s}. */
    public static String lasted(int seconds) {
        List<String> parts = new ArrayList<>();
        if (seconds >= 3_600) {
            parts.add(seconds / 3_600 + " h");
        }
        if (seconds % 3_600 >= 60) {
            parts.add(seconds % 3_600 / 60 + " min");
        }
        if (seconds % 60 > 0 || parts.isEmpty()) {
            parts.add(seconds % 60 + " s");
        }
        return String.join(" ", parts);
    }
}
