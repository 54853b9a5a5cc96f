package nimblestride.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.time.value.Tempo;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.store.book.Book;
import nimblestride.store.database.Backups;

/**
 * Keeps exercises in a Book while its disk fills up, becomes read-only and is taken away, and reports what the user would read
 * and what is left of the Book. It mounts a small disk, so it runs only as root on Linux.
 */
public final class FaultsMeasure {
    private static final int MAX = 20_000;

    private FaultsMeasure() {}

    public static void main(String[] args) throws Exception {
        Path disk = Files.createTempDirectory("nimble-stride-faults");
        SmallDisk.mount(disk, "2m");
        Path file = disk.resolve("small.book");
        int kept = 0;
        try {
            try (Book book = Book.open(file, OpenBook.AS_JSON)) {
                Backups.Backup backup = book.backups().keepNow("early", BigBook.NOW);
                kept = until(book, "full disk", kept);
                left(book, kept);
                attempt("backing up on a full disk", () -> book.backups().keepNow("late", BigBook.NOW));
                attempt("restoring on a full disk", () -> book.restore(backup.file(), BigBook.NOW));
                left(book, kept);
                Files.delete(backup.file());
            }
            SmallDisk.remount(disk, "ro");
            try (Book book = Book.open(file, OpenBook.AS_JSON)) {
                kept = until(book, "read-only disk", kept);
                left(book, kept);
            }
            SmallDisk.remount(disk, "rw,size=8m");
            try (Book book = Book.open(file, OpenBook.AS_JSON)) {
                book.exercises().add(exercise(kept++), BigBook.NOW);
                left(book, kept);
            }
            Files.copy(file, Path.of(file + ".copy"), StandardCopyOption.REPLACE_EXISTING);
            try (Book book = Book.open(file, OpenBook.AS_JSON)) {
                Files.delete(file);
                System.out.printf("taken away: %s%n", word(book));
            }
            try (Book book = Book.open(Path.of(file + ".copy"), OpenBook.AS_JSON)) {
                left(book, kept);
            }
            SmallDisk.remount(disk, "ro");
            try (Book book = Book.open(file.resolveSibling("new.book"), OpenBook.AS_JSON)) {
                System.out.printf("new on a read-only disk: opened %s, which cannot be%n", book.file());
            } catch (StrideException e) {
                System.out.printf("new on a read-only disk: %s%n", e.getMessage());
            }
        } finally {
            SmallDisk.unmount(disk);
        }
    }

    private static void attempt(String what, Runnable attempt) {
        try {
            attempt.run();
            System.out.printf("%s: done, which cannot be%n", what);
        } catch (StrideException e) {
            System.out.printf("%s: %s%n", what, e.getMessage());
        }
    }

    private static Exercise exercise(int number) {
        return new Exercise("Exercise " + number, BarsText.read("11/8(3+3+3+2)"), List.of(), Tempo.ofQuarters(96));
    }

    /** Keeps exercises until that fails. */
    private static int until(Book book, String what, int from) {
        for (int kept = from; kept < MAX; kept++) {
            try {
                book.exercises().add(exercise(kept), BigBook.NOW);
            } catch (StrideException e) {
                System.out.printf("%s, after %,d: %s%n", what, kept, e.getMessage());
                return kept;
            }
        }
        System.out.printf("%s: never told%n", what);
        return MAX;
    }

    private static String word(Book book) {
        try {
            book.exercises().add(exercise(0), BigBook.NOW);
            return "it was written to what nobody can find any more";
        } catch (StrideException e) {
            return e.getMessage();
        }
    }

    private static void left(Book book, int kept) throws IOException {
        book.checkWhole();
        System.out.printf(
                "    whole, %,d of %,d exercises there%n", book.exercises().size(), kept);
    }
}
