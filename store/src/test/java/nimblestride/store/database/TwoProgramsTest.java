package nimblestride.store.database;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.time.LocalDateTime;
import java.util.List;
import java.util.stream.IntStream;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.Examples;
import nimblestride.store.book.Book;
import nimblestride.store.book.ExerciseSummary;
import nimblestride.store.book.TypedText;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Two programs on one Book: whatever one of them does to all of it, the other loses nothing, and sees it. */
class TwoProgramsTest {
    private static final LocalDateTime NOW = LocalDateTime.of(2026, 11, 28, 18, 0);

    @TempDir
    private Path folder;

    private static Exercise exercise(String name) {
        return Examples.exercise("7/8").withName(name);
    }

    private static List<String> names(Book book) {
        return book.exercises().all().stream().map(ExerciseSummary::name).toList();
    }

    @Test
    void aBackupAndARestoreLoseNothingOfTheOther() throws Exception {
        Path file = folder.resolve("my.book");
        try (Book book = Book.open(file, new TypedText());
                OtherProgram other = OtherProgram.on(file)) {
            book.exercises().add(exercise("Weir Steps"), NOW);
            assertThat(other.does("open")).isEqualTo("open");
            Backups.Backup backup = book.backups().keepNow("kept", NOW);
            assertThat(other.does("add Lock Gate")).isEqualTo("added");
            assertThat(names(book)).containsExactly("Lock Gate", "Weir Steps");
            book.restore(backup.file(), NOW);
            assertThat(other.does("list")).isEqualTo("Weir Steps");
            assertThat(other.does("add After")).isEqualTo("added");
            assertThat(names(book)).containsExactly("After", "Weir Steps");
            // What was there before is among the backups, with what the other had written.
            Backups.Backup replaced = book.backups().all().stream()
                    .filter(one -> one.name().startsWith("replaced"))
                    .findFirst()
                    .orElseThrow();
            try (Book before = Book.open(replaced.file(), new TypedText())) {
                assertThat(names(before)).containsExactly("Lock Gate", "Weir Steps");
            }
        }
    }

    @Test
    void anImportIsWholeForTheOtherAndNothingItAddsMeanwhileIsLost() throws Exception {
        Path file = folder.resolve("my.book");
        try (Book book = Book.open(file, new TypedText());
                OtherProgram other = OtherProgram.on(file)) {
            assertThat(other.does("open")).isEqualTo("open");
            book.inTransaction(() -> {
                IntStream.range(0, 50).forEach(i -> book.exercises().add(exercise("Import " + i), NOW));
                assertThat(list(other))
                        .as("nothing of it is seen before all of it is there")
                        .isEmpty();
                other.command("add Meanwhile");
                return 0;
            });
            assertThat(other.answer()).isEqualTo("added");
            assertThat(names(book)).hasSize(51).contains("Meanwhile");
        }
    }

    private static String list(OtherProgram other) {
        try {
            return other.does("list");
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void bothOpenAnOldBookAtOnce() throws Exception {
        Path file = folder.resolve("my.book");
        try (Book book = Book.open(file, new TypedText())) {
            book.exercises().add(exercise("Weir Steps"), NOW);
        }
        try (var connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = connection.createStatement()) {
            statement.execute("DROP TABLE original");
            statement.execute("PRAGMA user_version = 1");
        }
        try (OtherProgram one = OtherProgram.on(file);
                OtherProgram other = OtherProgram.on(file)) {
            one.command("open");
            other.command("open");
            try (Book book = Book.open(file, new TypedText())) {
                assertThat(names(book)).containsExactly("Weir Steps");
            }
            assertThat(List.of(one.answer(), other.answer())).containsOnly("open");
            assertThat(List.of(one.does("list"), other.does("list"))).containsOnly("Weir Steps");
        }
    }
}
