package nimblestride.desktop.document.library;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import nimblestride.core.exercise.plan.RepRating;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.language.text.Examples;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.practice.journal.LogEntry;
import nimblestride.core.practice.journal.LogOwner;
import nimblestride.core.practice.students.Assignment;
import nimblestride.core.practice.students.Lesson;
import nimblestride.core.practice.students.Student;
import nimblestride.core.time.value.Tempo;
import nimblestride.desktop.async.CommandQueue;
import nimblestride.store.book.Book;
import nimblestride.store.book.Collections.Collection;
import nimblestride.store.book.ExerciseSummary;
import nimblestride.store.book.PracticeLog;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A teacher's Book that goes over to another machine as one file, and a student's log that comes back. */
class BookTransferTest {
    private static final CommandQueue.Progress QUIET = part -> {};
    private static final LocalDateTime NOW = LocalDateTime.of(2026, 11, 25, 18, 0);
    private static final LocalDate TODAY = NOW.toLocalDate();

    @TempDir
    private Path folder;

    private final Student wren = new Student(UUID.randomUUID(), "Wren", "left-handed");
    private Book book;
    private Book other;
    private ExerciseSummary steps;

    @BeforeEach
    void fill() throws IOException {
        book = Book.open(folder.resolve("here.book"), OpenBook.AS_JSON);
        other = Book.open(folder.resolve("there.book"), OpenBook.AS_JSON);
        steps = keep("Weir Steps", "10/8(3+3+2+2) x2, 9/16", "kick every 5/16");
        keep("Slow Ferry", "7/8", "snare 4 over bar");
        UUID collection = book.collections().named("for the autumn");
        book.collections().add(collection, steps.id());
        book.students().save(wren);
        book.students()
                .save(new Assignment(
                        UUID.randomUUID(),
                        wren.id(),
                        Optional.of(steps.id()),
                        "Weir Steps",
                        TODAY,
                        Optional.of(TODAY.plusDays(7)),
                        "count aloud",
                        Optional.of(Tempo.ofQuarters(75)),
                        Optional.empty()));
        book.students().save(new Lesson(UUID.randomUUID(), wren.id(), TODAY, "5/16 against tens", "the same, faster"));
        book.log().add(entry(Optional.of(steps.id()), Optional.empty()));
        book.log().add(entry(Optional.of(steps.id()), Optional.of(wren.id())));
    }

    @AfterEach
    void close() {
        book.close();
        other.close();
    }

    private ExerciseSummary keep(String name, String bars, String... layers) throws IOException {
        return book.exercises().add(Examples.exercise(bars, layers).withName(name), NOW);
    }

    private static LogEntry entry(Optional<UUID> exercise, Optional<UUID> student) {
        return new LogEntry(
                UUID.randomUUID(),
                exercise,
                "Weir Steps",
                NOW,
                600,
                Optional.of(TempoText.read("1/8=180")),
                Optional.of(RepRating.NEARLY),
                "the second ten drags",
                List.of("4& of bar 2"),
                student);
    }

    private interface Writing {
        void to(OutputStream out) throws IOException;
    }

    private Path written(Writing writing) throws IOException {
        Path file = Files.createTempFile(folder, "book", ".json");
        try (OutputStream out = Files.newOutputStream(file)) {
            writing.to(out);
        }
        return file;
    }

    private Path all(Book from) throws IOException {
        return written(out -> BookTransfer.writeAll(from, out));
    }

    private static List<LogEntry> logOf(Book of) throws IOException {
        List<LogEntry> log = new ArrayList<>();
        of.log().each(log::add);
        return log;
    }

    @Test
    void aWholeBookIsTakenOverAndTakenOverOnceMoreItChangesNothing() throws IOException {
        Path file = all(book);
        assertThat(BookTransfer.formatOf(file)).isNotEmpty();
        assertThat(BookTransfer.merge(other, file, NOW, QUIET))
                .isEqualTo("2 exercises new, 0 there already; 1 student new;"
                        + " 2 log entries new, 0 changed, 0 there already.");
        assertThat(other.exercises().read(steps.id()))
                .isEqualTo(book.exercises().read(steps.id()));
        assertThat(other.collections().all()).extracting(Collection::name).containsExactly("for the autumn");
        assertThat(other.collections().of(steps.id())).containsExactly("for the autumn");
        assertThat(other.students().students()).containsExactly(wren);
        assertThat(other.students().assignments(wren.id()))
                .isEqualTo(book.students().assignments(wren.id()));
        assertThat(other.students().lessons(wren.id()))
                .isEqualTo(book.students().lessons(wren.id()));
        assertThat(logOf(other)).containsExactlyInAnyOrderElementsOf(logOf(book));

        assertThat(BookTransfer.merge(other, file, NOW.plusDays(1), QUIET))
                .isEqualTo("0 exercises new, 2 there already; 0 students new;"
                        + " 0 log entries new, 0 changed, 2 there already.");
        assertThat(all(other)).hasSameTextualContentAs(file);
    }

    /** What is here keeps its own state: another Book's, under the same id, does not overwrite it. */
    @Test
    void whatIsThereAlreadyStaysAsItIs() throws IOException {
        BookTransfer.merge(other, all(book), NOW, QUIET);
        other.students().save(new Student(wren.id(), "Wren", "plays both ways"));
        BookTransfer.merge(other, all(book), NOW, QUIET);
        assertThat(other.students().students()).extracting(Student::note).containsExactly("plays both ways");
    }

    @Test
    void aFileThatBreaksOffChangesNothing() throws IOException {
        String whole = Files.readString(all(book));
        for (int part = 1; part < 8; part++) {
            Path broken = folder.resolve("broken.json");
            Files.writeString(broken, whole.substring(0, whole.length() * part / 8), StandardCharsets.UTF_8);
            assertThatThrownBy(() -> BookTransfer.merge(other, broken, NOW, QUIET))
                    .isInstanceOfAny(StrideException.class, StrideException.class)
                    .hasMessageContaining("line");
        }
        assertThat(other.exercises().all()).isEmpty();
        assertThat(other.students().students()).isEmpty();
        assertThat(other.log().size()).isZero();
    }

    @Test
    void chosenExercisesGoAlone() throws IOException {
        BookTransfer.merge(
                other, written(out -> BookTransfer.writeExercises(book, Set.of(steps.id()), out)), NOW, QUIET);
        assertThat(other.exercises().all()).extracting(ExerciseSummary::id).containsExactly(steps.id());
        assertThat(other.students().students()).isEmpty();
        assertThat(other.log().size()).isZero();
    }

    /** Two entries of the other machine: one of an exercise known here by its id, one of another of the same name. */
    @Test
    void aLogThatComesBackIsOfTheStudentAndOfTheExerciseOfThatName() throws IOException {
        other.exercises().add(Examples.exercise("10/8").withName("Weir Steps"), NOW);
        UUID there =
                other.exercises().named("Weir Steps").map(ExerciseSummary::id).orElseThrow();
        Path log = written(out -> BookTransfer.writeLog(book, LogOwner.student(wren.id()), "Wren", out));
        assertThat(BookTransfer.mergeLog(other, LogOwner.student(wren.id()), log, QUIET))
                .isEqualTo(new PracticeLog.Merged(1, 0, 0));
        assertThat(BookTransfer.mergeLog(other, LogOwner.student(wren.id()), log, QUIET))
                .isEqualTo(new PracticeLog.Merged(0, 0, 1));
        assertThat(logOf(other)).singleElement().satisfies(entry -> {
            assertThat(entry.exercise()).contains(there);
            assertThat(entry.student()).contains(wren.id());
            assertThat(entry.hard()).containsExactly("4& of bar 2");
        });
        assertThat(BookTransfer.mergeLog(book, LogOwner.student(wren.id()), log, QUIET))
                .isEqualTo(new PracticeLog.Merged(0, 0, 1));
    }

    @Test
    void aFileThatSaysNoFormatHasNone() throws IOException {
        Path plain = folder.resolve("plain.json");
        Files.writeString(plain, "[1, 2, 3]");
        assertThat(BookTransfer.formatOf(plain)).isEmpty();
    }
}
