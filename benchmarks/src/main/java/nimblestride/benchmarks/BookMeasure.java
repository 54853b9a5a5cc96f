package nimblestride.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Comparator;
import java.util.UUID;
import java.util.stream.Stream;
import nimblestride.core.practice.journal.LogOwner;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.store.book.Book;

/**
 * Measures a Book of 10,000 exercises and 1,000,000 entries. To reach: a search and a student's year within 50 ms, opening within
 * a second of an empty one.
 */
public final class BookMeasure {
    private static final int EXERCISES = 10_000;
    private static final int ENTRIES = 1_000_000;
    private static final int ROUNDS = 60;

    private BookMeasure() {}

    /** Something that is asked of a Book. */
    private interface Question {
        void ask() throws IOException;
    }

    public static void main(String[] args) throws IOException {
        Path folder = Files.createTempDirectory("nimble-stride-measure");
        Path big = folder.resolve("big.book");
        long began = System.nanoTime();
        BigBook.make(big, EXERCISES, ENTRIES);
        System.out.printf("made in %.0f s, %,d MB%n", (System.nanoTime() - began) / 1e9, Files.size(big) / 1_000_000);
        Path empty = folder.resolve("empty.book");
        Book.open(empty, OpenBook.AS_JSON).close();
        print("opening an empty Book", () -> Book.open(empty, OpenBook.AS_JSON).close());
        print("opening the Book", () -> Book.open(big, OpenBook.AS_JSON).close());
        try (Book book = Book.open(big, OpenBook.AS_JSON)) {
            LocalDate today = BigBook.NOW.toLocalDate();
            LogOwner student = LogOwner.student(new UUID(7, 3));
            UUID exercise = book.exercises().search("4711", 0, 1).get(0).id();
            print("search: e", () -> book.exercises().search("e", 0, 500));
            print("search: everything in elevens", () -> book.exercises().search("everything in elevens", 0, 500));
            print("search: heron flams", () -> book.exercises().search("heron flams", 0, 500));
            print("all, the first 500", () -> book.exercises().search("", 0, 500));
            print("a student's year, day by day", () -> book.log().secondsByDay(student, today.minusYears(1), today));
            print("a student's year, entries", () -> book.log().between(student, today.minusYears(1), today, 10_000));
            print("a student's exercise", () -> book.log().ofExercise(student, exercise, 5_000));
            print("what is practised of everything", () -> book.log().summaries(student));
        }
        try (Stream<Path> left = Files.walk(folder)) {
            left.sorted(Comparator.reverseOrder()).forEach(path -> path.toFile().delete());
        }
    }

    private static void print(String what, Question question) throws IOException {
        double[] milliseconds = new double[ROUNDS];
        for (int i = 0; i < ROUNDS; i++) {
            long began = System.nanoTime();
            question.ask();
            milliseconds[i] = (System.nanoTime() - began) / 1e6;
        }
        double first = milliseconds[0];
        Arrays.sort(milliseconds);
        System.out.printf(
                "%-34s first %7.1f ms, median %6.1f ms, longest of the rest %6.1f ms%n",
                what,
                first,
                milliseconds[ROUNDS / 2],
                milliseconds[ROUNDS - (milliseconds[ROUNDS - 1] == first ? 2 : 1)]);
    }
}
