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
import java.util.regex.Matcher;
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
            "(?:(\\d{1,2})\\s*h(?:ours?)?)?\\s*(?:(\\d{1,4})\\s*min(?:utes?)?)?\\s*(?:(\\d{1,5})\\s*s)?");
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
        Matcher named = NAMED.matcher(text);
        Optional<String> what = named.lookingAt() ? Optional.of(named.group(1)) : Optional.empty();
        int from = what.isPresent() ? named.end() : 0;
        int colon = text.indexOf(':', from);
        int end = colon < 0 ? text.length() : colon;
        Reader reader = new Reader(text, today, () -> beatOf.apply(what));
        int start = from;
        for (String part : text.substring(from, end).split(",", -1)) {
            if (!part.isBlank()) {
                reader.read(part, start);
            }
            start += part.length() + 1;
        }
        if (text.isBlank()) {
            throw new TextException(text, 0, 0, "expected what was practised. " + EXAMPLE);
        }
        String words = colon < 0 ? "" : text.substring(colon + 1).strip();
        if (words.length() > LogEntry.MAX_WORDS_LENGTH) {
            throw new TextException(
                    text,
                    colon + 1,
                    text.length(),
                    String.format(
                            Locale.ROOT, "expected at most %,d characters after the colon", LogEntry.MAX_WORDS_LENGTH));
        }
        return new PracticeNote(what, reader.day, reader.seconds, reader.tempo, reader.rating, words, reader.hard);
    }

    /** Reads the parts between commas, in any order. */
    private static final class Reader {
        private final String text;
        private final LocalDate today;
        private final Supplier<NoteValue> alone;
        private final List<String> hard = new ArrayList<>();
        private Optional<LocalDate> day = Optional.empty();
        private Optional<Tempo> tempo = Optional.empty();
        private Optional<RepRating> rating = Optional.empty();
        private int seconds;

        Reader(String text, LocalDate today, Supplier<NoteValue> alone) {
            this.text = text;
            this.today = today;
            this.alone = alone;
        }

        void read(String part, int start) {
            int from = start + part.length() - part.stripLeading().length();
            String word = part.strip();
            String small = word.toLowerCase(Locale.ROOT);
            Matcher lasted = LASTED.matcher(small);
            Optional<RepRating> clean = Arrays.stream(RepRating.values())
                    .filter(one -> one.title().equals(small))
                    .findFirst();
            if (clean.isPresent()) {
                rating = clean;
            } else if (small.startsWith("at ")) {
                tempo = Optional.of(tempo(word.substring(3), from + 3));
            } else if (small.startsWith("hard ")) {
                hard(word.substring(5), from);
            } else if (small.equals("today") || small.equals("yesterday")) {
                day = Optional.of(small.equals("today") ? today : today.minusDays(1));
            } else if (DAY.matcher(word).matches()) {
                day = Optional.of(date(word, from));
            } else if (lasted.matches()) {
                seconds = seconds(lasted, from, from + word.length());
            } else {
                throw wrong(from, from + word.length());
            }
        }

        private TextException wrong(int from, int to) {
            return new TextException(
                    text,
                    from,
                    to,
                    "expected how long, a tempo, clean, nearly or not yet, what was hard, or a day. " + EXAMPLE);
        }

        private Tempo tempo(String word, int from) {
            try {
                return TempoText.read(word, alone.get());
            } catch (TextException e) {
                throw new TextException(text, from, from + word.length(), "expected a tempo, as in at 96. " + EXAMPLE);
            }
        }

        private void hard(String places, int from) {
            for (String place : places.split(" and |;", -1)) {
                if (!place.isBlank()) {
                    hard.add(place.strip());
                }
            }
            if (hard.size() > LogEntry.MAX_HARD || hard.stream().anyMatch(place -> place.length() > 80)) {
                throw new TextException(
                        text, from, from + 5, "expected at most " + LogEntry.MAX_HARD + " short places");
            }
        }

        private LocalDate date(String word, int from) {
            String[] numbers = word.split("-", -1);
            try {
                return LocalDate.of(
                        Integer.parseInt(numbers[0]), Integer.parseInt(numbers[1]), Integer.parseInt(numbers[2]));
            } catch (DateTimeException e) {
                throw new TextException(
                        text, from, from + word.length(), "expected a day of the calendar, as in 2026-11-20");
            }
        }

        private int seconds(Matcher lasted, int from, int to) {
            long all = 3_600L * number(lasted.group(1)) + 60L * number(lasted.group(2)) + number(lasted.group(3));
            if (all > LogEntry.MAX_SECONDS) {
                throw new TextException(text, from, to, "expected at most 24 hours. " + EXAMPLE);
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
