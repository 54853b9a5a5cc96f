package nimblestride.benchmarks;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.plan.RepRating;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.practice.journal.LogEntry;
import nimblestride.core.practice.students.Student;
import nimblestride.core.time.value.Tempo;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.store.book.Book;
import nimblestride.store.book.ExerciseSummary;

/** A Book as large as a school's: ten thousand exercises, thirty students, a million entries over ten years. */
final class BigBook {
    static final LocalDateTime NOW = LocalDateTime.of(2026, 11, 25, 18, 0);
    static final int STUDENTS = 30;

    private static final List<String> NAMES =
            List.of("Weir", "Lantern", "Ferry", "Towpath", "Reed", "Oar", "Mooring", "Barge", "Lock", "Heron");
    private static final List<String> BARS = List.of(
            "11/8(3+3+3+2)", "7/8, 5/8", "10/8 x2, 9/16", "19/16", "4/4", "13/8", "21/16(5+5+5+6)", "9/8(2+2+2+3)");
    private static final List<String> LAYERS =
            List.of("kick every 3/16", "snare 4 over bar", "hi-hat every 1/8", "snare sticking lR rrL R L of 1/16");

    private BigBook() {}

    static void make(Path file, int exercises, int entries) throws IOException {
        Random random = new Random(1);
        try (Book book = Book.open(file, OpenBook.AS_JSON)) {
            List<Exercise> all = new ArrayList<>();
            for (int i = 0; i < exercises; i++) {
                all.add(new Exercise(
                        NAMES.get(random.nextInt(NAMES.size())) + " " + NAMES.get(random.nextInt(NAMES.size())) + " "
                                + i,
                        BarsText.read(BARS.get(random.nextInt(BARS.size()))),
                        List.of(LayerText.read(LAYERS.get(random.nextInt(LAYERS.size())))),
                        Tempo.ofQuarters(60 + random.nextInt(120))));
            }
            List<ExerciseSummary> kept = book.exercises().addAll(all, NOW.minusYears(10));
            List<Optional<UUID>> whose = new ArrayList<>(List.of(Optional.empty()));
            for (int i = 0; i < STUDENTS; i++) {
                Student student = new Student(new UUID(7, i), "Student " + i, "");
                book.students().save(student);
                whose.add(Optional.of(student.id()));
            }
            List<LogEntry> log = new ArrayList<>();
            for (int i = 0; i < entries; i++) {
                ExerciseSummary one = kept.get(random.nextInt(kept.size()));
                log.add(new LogEntry(
                        new UUID(random.nextLong(), i),
                        Optional.of(one.id()),
                        one.name(),
                        NOW.minusMinutes(random.nextInt(10 * 365 * 24 * 60)),
                        random.nextInt(1_800),
                        Optional.of(Tempo.ofQuarters(60 + random.nextInt(120))),
                        Optional.of(RepRating.values()[random.nextInt(3)]),
                        i % 5 == 0 ? "left hand late" : "",
                        i % 7 == 0 ? List.of("4& of bar 2") : List.of(),
                        whose.get(random.nextInt(whose.size()))));
                if (log.size() == 50_000 || i == entries - 1) {
                    book.log().merge(log);
                    log.clear();
                }
            }
        }
    }
}
