package nimblestride.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.time.value.Tempo;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.document.sample.SampleBook;
import nimblestride.store.book.Book;
import nimblestride.store.book.ExerciseState;
import nimblestride.store.book.ExerciseSummary;

/**
 * Measures what the history takes: a season of daily work on 200 exercises, to add under 20 MB; opening a Book of 10,000 exercises with
 * three states each; one exercise with 100,000 edits.
 */
public final class HistoryMeasure {
    private static final int EXERCISES = 200;
    private static final int DAYS = 90;
    private static final int EDITS_A_DAY = 5;
    private static final int MANY_EXERCISES = 10_000;
    private static final int STATES = 3;
    private static final int EDITS = 100_000;
    private static final int ROUNDS = 30;
    private static final double MEGABYTE = 1e6;

    private HistoryMeasure() {}

    /** @param args what to measure: season, many, edits; nothing for all of them */
    public static void main(String[] args) throws IOException {
        Path folder = Files.createTempDirectory("nimble-stride-history");
        List<String> asked = args.length == 0 ? List.of("season", "many", "edits") : List.of(args);
        for (String one : asked) {
            Path file = folder.resolve(one + ".book");
            switch (one) {
                case "season" -> season(file);
                case "many" -> many(file);
                default -> edits(file);
            }
        }
    }

    /** Returns exercises as teachers write them. */
    private static List<Exercise> pieces(Path folder, int count) throws IOException {
        List<Exercise> pieces = new ArrayList<>();
        Path file = Files.createTempFile(folder, "sample", ".book");
        Files.delete(file);
        try (Book book = Book.open(file, OpenBook.AS_JSON)) {
            SampleBook.addPieces(book, BigBook.NOW);
            List<ExerciseSummary> all = book.exercises().all();
            for (int i = 0; i < count; i++) {
                pieces.add(book.exercises().read(all.get(i % all.size()).id()).withName("Piece " + i));
            }
        }
        return pieces;
    }

    private static Exercise edited(Exercise exercise, int day, int edit) {
        return exercise.withTempo(Tempo.ofQuarters(60 + (day + edit) % 100))
                .plusLayer(LayerText.read("cowbell every " + (1 + (day * EDITS_A_DAY + edit) % 13) + "/16"));
    }

    private static void season(Path file) throws IOException {
        List<Exercise> pieces = pieces(file.getParent(), EXERCISES);
        LocalDateTime first = BigBook.NOW.minusDays(DAYS);
        List<ExerciseSummary> kept;
        try (Book book = Book.open(file, OpenBook.AS_JSON)) {
            kept = book.exercises().addAll(pieces, first);
        }
        long before = Files.size(file);
        long began = System.nanoTime();
        try (Book book = Book.open(file, OpenBook.AS_JSON)) {
            for (int i = 0; i < EXERCISES; i++) {
                long seen = kept.get(i).revision();
                for (int day = 1; day <= DAYS; day++) {
                    for (int edit = 0; edit < EDITS_A_DAY; edit++) {
                        LocalDateTime now = first.plusDays(day).plusMinutes(edit);
                        seen = book.exercises()
                                .save(kept.get(i).id(), seen, edited(pieces.get(i), day, edit), now)
                                .summary()
                                .revision();
                    }
                }
            }
        }
        System.out.printf(
                "a season of %d exercises, %d days, %d edits a day: %.1f MB more, %.2f ms for each edit%n",
                EXERCISES,
                DAYS,
                EDITS_A_DAY,
                (Files.size(file) - before) / MEGABYTE,
                (System.nanoTime() - began) / MEGABYTE / (EXERCISES * DAYS * EDITS_A_DAY));
    }

    private static void many(Path file) throws IOException {
        List<Exercise> pieces = pieces(file.getParent(), MANY_EXERCISES);
        try (Book book = Book.open(file, OpenBook.AS_JSON)) {
            List<ExerciseSummary> kept = book.exercises().addAll(pieces, BigBook.NOW.minusDays(DAYS));
            for (int i = 0; i < MANY_EXERCISES; i++) {
                for (int state = 0; state < STATES; state++) {
                    book.history()
                            .name(
                                    kept.get(i).id(),
                                    edited(pieces.get(i), state, 0),
                                    "state " + state,
                                    BigBook.NOW.minusDays(state));
                }
            }
        }
        long began = System.nanoTime();
        for (int i = 0; i < ROUNDS; i++) {
            Book.open(file, OpenBook.AS_JSON).close();
        }
        System.out.printf(
                "opening a Book of %,d exercises with %d states each, %.0f MB: %.1f ms%n",
                MANY_EXERCISES, STATES, Files.size(file) / MEGABYTE, (System.nanoTime() - began) / MEGABYTE / ROUNDS);
    }

    private static void edits(Path file) throws IOException {
        Exercise piece = pieces(file.getParent(), 1).get(0);
        LocalDateTime first = BigBook.NOW.minusDays(DAYS);
        try (Book book = Book.open(file, OpenBook.AS_JSON)) {
            UUID id = book.exercises().add(piece, first).id();
            long seen = book.exercises().find(id).orElseThrow().revision();
            long began = System.nanoTime();
            for (int i = 0; i < EDITS; i++) {
                LocalDateTime now = first.plusMinutes(i);
                seen = book.exercises()
                        .save(id, seen, edited(piece, i, 0), now)
                        .summary()
                        .revision();
            }
            double each = (System.nanoTime() - began) / MEGABYTE / EDITS;
            began = System.nanoTime();
            List<ExerciseState> states = book.history().of(id);
            System.out.printf(
                    "%,d edits of one exercise over %d days: %.2f ms for each, %d states, listed in %.1f ms, %.1f MB%n",
                    EDITS,
                    EDITS / 60 / 24,
                    each,
                    states.size(),
                    (System.nanoTime() - began) / MEGABYTE,
                    Files.size(file) / MEGABYTE);
        }
    }
}
