package nimblestride.desktop.book;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import nimblestride.core.exercise.Exercise;
import nimblestride.desktop.desk.Early;
import nimblestride.desktop.desk.Newest;
import nimblestride.formats.json.ExerciseJson;
import nimblestride.store.book.Book;
import nimblestride.store.book.ExerciseText;
import nimblestride.store.database.Backups;

/**
 * The Book of a window, or why there is none. What is changed in it is told to all who show it. All methods belong to the
 * interface thread; a Book that is open may be read on others.
 */
public final class OpenBook implements AutoCloseable {
    /** Exercises are kept as they stand in their files. */
    public static final ExerciseText AS_JSON = new ExerciseText() {
        @Override
        public String write(Exercise exercise) {
            return ExerciseJson.write(exercise);
        }

        @Override
        public Exercise read(String text) throws IOException {
            return ExerciseJson.read(text);
        }
    };

    private final Path file;
    private final Clock clock;
    private final Consumer<String> tell;
    private final List<Runnable> listeners = new ArrayList<>();
    private final Newest backingUp = new Newest("backing up");
    private Optional<Book> book = Optional.empty();
    private String problem = "";

    /** Something that is done with a Book. */
    public interface Doing<T> {
        T with(Book book) throws IOException;
    }

    /** A Book as it is when it has just been opened. */
    public record Opened(Book book, boolean isNew) {}

    /**
     * @param opened the Book of that file, which may still be on its way
     * @param tell is given what the user is to know
     */
    public OpenBook(Path file, Early<Opened> opened, Clock clock, Consumer<String> tell) {
        this.file = file;
        this.clock = clock;
        this.tell = tell;
        take(opened::get);
    }

    /** Opens a Book, or makes a new one where there is none. The first question takes longest, so it is asked here. */
    public static Opened open(Path file) throws IOException {
        boolean isNew = !Files.exists(file);
        Book book = Book.open(file, AS_JSON);
        book.collections().all();
        return new Opened(book, isNew);
    }

    private void take(Early.Beginning<Opened> opening) {
        try {
            Opened opened = opening.make();
            book = Optional.of(opened.book());
            problem = "";
            if (opened.isNew()) {
                takeOver(file.resolveSibling("book"));
            }
            Backups backups = new Backups(file);
            LocalDate today = today();
            backingUp.ask(() -> backedUp(backups, today), told -> told.ifPresent(tell));
        } catch (IOException e) {
            book = Optional.empty();
            // Told wherever the Book would be shown.
            problem = e.getMessage();
        }
    }

    private static Optional<String> backedUp(Backups backups, LocalDate today) {
        try {
            backups.keepOf(today);
            return Optional.empty();
        } catch (IOException e) {
            return Optional.of("The Book could not be backed up: " + e.getMessage());
        }
    }

    /** Books were folders of files once: what can be read in such a folder comes into a new Book. The files stay. */
    private void takeOver(Path folder) throws IOException {
        if (!Files.isDirectory(folder)) {
            return;
        }
        List<Exercise> exercises = new ArrayList<>();
        List<String> unreadable = new ArrayList<>();
        try (Stream<Path> files = Files.list(folder)) {
            for (Path one : files.filter(path -> path.toString().endsWith(".json"))
                    .sorted()
                    .toList()) {
                try {
                    exercises.add(ExerciseJson.read(one));
                } catch (IOException e) {
                    unreadable.add(one.getFileName() + ": " + e.getMessage());
                }
            }
        }
        book.orElseThrow().shelf().addAll(exercises, now());
        if (!unreadable.isEmpty()) {
            tell.accept("Not all of the old Book could be read; the files are where they were. "
                    + String.join("; ", unreadable));
        }
    }

    /** The Book, where it could be opened. */
    public Optional<Book> book() {
        return book;
    }

    /** Why there is none; empty where there is one. */
    public String problem() {
        return problem;
    }

    public LocalDate today() {
        return LocalDate.now(clock);
    }

    public LocalDateTime now() {
        return LocalDateTime.now(clock).withNano(0);
    }

    /** Is told each time something has changed in the Book, or another one has been opened. */
    public void onChange(Runnable listener) {
        listeners.add(listener);
    }

    /** Tells everybody that something has changed. */
    public void changed() {
        List.copyOf(listeners).forEach(Runnable::run);
    }

    /** Asks something; where that fails the user is told, and the answer is empty. */
    public <T> Optional<T> ask(Doing<T> question) {
        if (book.isEmpty()) {
            tell.accept(problem);
            return Optional.empty();
        }
        try {
            return Optional.of(question.with(book.get()));
        } catch (IOException e) {
            tell.accept(e.getMessage());
            return Optional.empty();
        }
    }

    /** Changes something, and tells everybody; where that fails the user is told, and the answer is empty. */
    public <T> Optional<T> change(Doing<T> change) {
        Optional<T> answer = ask(change);
        if (answer.isPresent()) {
            changed();
        }
        return answer;
    }

    public Backups backups() {
        return new Backups(file);
    }

    /**
     * Puts a backup in the Book's place; the Book as it is now is put aside.
     *
     * @throws IOException if that cannot be done; the Book is then as it was, and open again
     */
    public void restore(Path backup) throws IOException {
        book.ifPresent(Book::close);
        book = Optional.empty();
        try {
            new Backups(file).restore(backup, now());
        } finally {
            take(() -> open(file));
            changed();
        }
    }

    @Override
    public void close() {
        backingUp.close();
        book.ifPresent(Book::close);
    }
}
