package nimblestride.store.database;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStreamWriter;
import java.io.PrintWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.stream.Collectors;
import nimblestride.core.language.text.Examples;
import nimblestride.store.book.Book;
import nimblestride.store.book.ExerciseSummary;
import nimblestride.store.book.TypedText;

/** A second program on a Book, as another window is: it reads a command on a line, and answers on a line. */
final class OtherProgram implements AutoCloseable {
    private static final LocalDateTime NOW = LocalDateTime.of(2026, 11, 28, 18, 0);

    private final Process process;
    private final PrintWriter to;
    private final BufferedReader from;

    private OtherProgram(Process process) {
        this.process = process;
        this.to = new PrintWriter(new OutputStreamWriter(process.getOutputStream(), StandardCharsets.UTF_8), true);
        this.from = new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
    }

    /** Starts it; it opens the Book on command. */
    static OtherProgram on(Path book) throws IOException {
        return new OtherProgram(new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:TieredStopAtLevel=1",
                        "-cp",
                        System.getProperty("java.class.path"),
                        OtherProgram.class.getName(),
                        book.toString())
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start());
    }

    /** Has it do something: {@code open}, {@code list}, {@code add NAME}. */
    String does(String what) throws IOException {
        command(what);
        return answer();
    }

    void command(String what) {
        to.println(what);
    }

    String answer() throws IOException {
        return from.readLine();
    }

    @Override
    public void close() {
        to.close();
        process.destroyForcibly();
    }

    public static void main(String[] arguments) {
        BufferedReader in = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
        Book[] book = new Book[1];
        in.lines().forEach(line -> System.out.println(done(book, Path.of(arguments[0]), line)));
    }

    private static String done(Book[] book, Path file, String line) {
        try {
            if (line.equals("open")) {
                book[0] = Book.open(file, new TypedText());
                return "open";
            }
            if (line.equals("list")) {
                return book[0].exercises().all().stream()
                        .map(ExerciseSummary::name)
                        .collect(Collectors.joining(", "));
            }
            String name = line.substring("add ".length());
            book[0].exercises().add(Examples.exercise("7/8").withName(name), NOW);
            return "added";
        } catch (BookException | UncheckedIOException e) {
            return e.getMessage();
        }
    }
}
