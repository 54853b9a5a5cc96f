package nimblestride.desktop.document.sample;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.TempoText;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.formats.json.ExerciseJson;
import nimblestride.sound.recording.RecordingShelf;
import nimblestride.store.book.Book;
import nimblestride.store.book.ExerciseSummary;

/** The sample Book: a community drum troupe prepares a riverside lantern parade. All of it is invented. */
public final class SampleBook {
    /** The name of the exercise to open first. */
    public static final String FIRST = "Weir Steps";

    private static final Map<String, Set<String>> FILES = files();

    private SampleBook() {}

    private static Map<String, Set<String>> files() {
        Map<String, Set<String>> files = new LinkedHashMap<>();
        files.put("weir-steps", Set.of("parade", "opening"));
        files.put("lamplighters-walk", Set.of("parade"));
        files.put("oars-in-elevens", Set.of("hands"));
        files.put("lantern-bridge", Set.of("parade", "bridge"));
        files.put("paper-boats", Set.of("parade"));
        files.put("five-across-the-ferry", Set.of("hands"));
        files.put("drifting-reeds", Set.of("slow"));
        files.put("towpath-fourteen", Set.of("parade", "march"));
        files.put("three-mooring-posts", Set.of("reading"));
        files.put("rope-walk", Set.of("march"));
        files.put("lock-gate", Set.of("bridge"));
        files.put("turning-the-barge", Set.of("change of tempo"));
        files.put("two-landing-stages", Set.of("bridge"));
        return files;
    }

    static Exercise piece(String file) {
        try (InputStream in = SampleBook.class.getResourceAsStream(file + ".json")) {
            if (in == null) {
                throw new IllegalStateException("the sample " + file + " is not in the program");
            }
            return ExerciseJson.read(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException("the sample " + file + " can't be read from the program", e);
        }
    }

    /**
     * Makes a fresh sample Book.
     *
     * @param today last day of its log
     */
    public static void make(Path file, LocalDate today) {
        Exercise recorded = SampleRecording.make(new RecordingShelf(file.resolveSibling("recordings")));
        try (Book book = OpenBook.open(file).book()) {
            book.inTransaction(() -> write(book, recorded, today));
        }
    }

    private static int write(Book book, Exercise recorded, LocalDate today) {
        SampleSeason season = new SampleSeason(book, today);
        for (Map.Entry<String, Set<String>> one : FILES.entrySet()) {
            Exercise exercise = season.planned(piece(one.getKey()));
            ExerciseSummary kept = exercise.name().equals(FIRST)
                    ? grown(book, exercise, today)
                    : book.exercises().add(exercise, today.minusDays(80).atTime(17, 0));
            book.exercises().tag(kept.id(), one.getValue());
        }
        ExerciseSummary heard =
                book.exercises().add(recorded, today.minusDays(12).atTime(20, 30));
        book.exercises().tag(heard.id(), Set.of("bridge", "recording"));
        collect(book, "Procession", List.of("Weir Steps", "Towpath Fourteen", "Lamplighters' Walk", "Rope Walk"));
        collect(book, "On the bridge", List.of("Lantern Bridge", "Lock Gate", "Turning the Barge"));
        season.write();
        return FILES.size();
    }

    /** Adds an exercise as it grew over the season, so that its history has something to show. */
    private static ExerciseSummary grown(Book book, Exercise exercise, LocalDate today) {
        Exercise bars = exercise.withLayers(List.of()).withTempo(TempoText.read("1/8=150"));
        Exercise slow = exercise.withTempo(TempoText.read("1/8=168"));
        ExerciseSummary kept = book.exercises().add(bars, today.minusDays(80).atTime(17, 0));
        book.exercises().save(kept.id(), 1, slow, today.minusDays(62).atTime(19, 10));
        book.history()
                .name(
                        kept.id(),
                        slow,
                        "Before the first rehearsal",
                        today.minusDays(60).atTime(18, 0));
        Exercise faster = exercise.withTempo(TempoText.read("1/8=190"));
        book.exercises().save(kept.id(), 2, faster, today.minusDays(31).atTime(18, 40));
        return book.exercises()
                .save(kept.id(), 3, exercise, today.minusDays(9).atTime(17, 25))
                .summary();
    }

    /**
     * Adds the sample exercises to a Book, all of them or none, except those it has by name. Returns how many are new.
     */
    public static int addPieces(Book book, LocalDateTime now) {
        return book.inTransaction(() -> addMissing(book, now));
    }

    private static int addMissing(Book book, LocalDateTime now) {
        int added = 0;
        for (Map.Entry<String, Set<String>> one : FILES.entrySet()) {
            Exercise exercise = piece(one.getKey());
            if (book.exercises().named(exercise.name()).isEmpty()) {
                ExerciseSummary kept = book.exercises().add(exercise, now);
                book.exercises().tag(kept.id(), one.getValue());
                added++;
            }
        }
        return added;
    }

    private static void collect(Book book, String name, List<String> pieces) {
        UUID collection = book.collections().named(name);
        for (String piece : pieces) {
            book.collections()
                    .add(collection, book.exercises().named(piece).orElseThrow().id());
        }
    }
}
