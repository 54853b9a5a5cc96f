package nimblestride.desktop.document.library;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.util.Duration;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.desktop.async.BackgroundTask;
import nimblestride.desktop.async.CommandQueue;
import nimblestride.desktop.async.DefectReporter;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.desktop.service.Status;
import nimblestride.formats.json.ExerciseJson;
import nimblestride.store.book.Book;
import nimblestride.store.book.ExerciseCodec;
import nimblestride.store.book.ExerciseSummary;
import nimblestride.store.database.Backups;

/**
 * Holds the Book of a window, or the reason why there is none. Notifies all who show it when it changes, here or in
 * another window. All methods belong to the interface thread; other threads may read an open Book.
 */
public final class OpenBook implements AutoCloseable {
    /** Writes and reads exercises as they stand in their files. */
    public static final ExerciseCodec AS_JSON = new ExerciseCodec() {
        @Override
        public String write(Exercise exercise) {
            return ExerciseJson.write(exercise);
        }

        @Override
        public Exercise read(String text) {
            return ExerciseJson.read(text);
        }
    };

    /** How long nobody edits before lists follow. */
    private static final Duration PAUSE = Duration.millis(600);

    private final Path file;
    private final Clock clock;
    private final CommandQueue commands;
    private final Status status;
    private final List<Runnable> listeners = new ArrayList<>();
    private final LatestOnly backingUp = new LatestOnly("backing up");
    private final BookWatcher watch;
    /** How each exercise saved in the background stands in lists. */
    private final Map<UUID, String> savedAs = new HashMap<>();

    private final PauseTransition editsPause = new PauseTransition(PAUSE);

    private Optional<Book> book = Optional.empty();
    private String problem = "";

    /** Does something with a Book. */
    public interface Doing<T> {
        T with(Book book);
    }

    /** Does something that takes a while, and reports how far it is. */
    public interface Command<T> {
        T with(Book book, CommandQueue.Progress progress);
    }

    /** A Book that has just been opened. */
    public record Opened(Book book, boolean isNew) {}

    /**
     * @param opened the Book of that file, which may still be on its way
     * @param status shows what the user should know
     */
    public OpenBook(Path file, BackgroundTask<Opened> opened, Clock clock, CommandQueue commands, Status status) {
        this.file = file;
        this.clock = clock;
        this.commands = commands;
        editsPause.setOnFinished(event -> changed());
        this.status = status;
        this.watch = new BookWatcher(() -> book, this::changed, this::outOfPlace);
        take(opened::get);
    }

    /**
     * Opens a Book, or makes a new one where there is none. The first question takes longest, so it is asked here.
     *
     * @throws StrideException if it can't be opened
     */
    public static Opened open(Path file) {
        boolean isNew = !Files.exists(file);
        Book book = Book.open(file, AS_JSON);
        try {
            book.collections().all();
            return new Opened(book, isNew);
        } catch (RuntimeException e) {
            book.close();
            throw e;
        }
    }

    private void take(BackgroundTask.Beginning<Opened> opening) {
        try {
            Opened opened = opening.make();
            book = Optional.of(opened.book());
            problem = "";
            watch.begin(opened.book());
            if (opened.isNew()) {
                importLegacyBook(LegacyBookFolder.in(file.resolveSibling("book")));
            }
            Backups backups = new Backups(file);
            LocalDate today = today();
            backingUp.ask(() -> backedUp(backups, today), message -> message.ifPresent(status::show));
        } catch (StrideException e) {
            // Shown wherever the Book would be.
            without(e.getMessage());
        } catch (RuntimeException | Error e) {
            DefectReporter.report(e);
            without("The Book can't be opened because something in the program broke. See Help > Program log.");
        }
    }

    private void without(String why) {
        book.ifPresent(Book::close);
        book = Optional.empty();
        problem = why;
    }

    private static Optional<String> backedUp(Backups backups, LocalDate today) {
        try {
            backups.keepOf(today);
            return Optional.empty();
        } catch (StrideException e) {
            return Optional.of("The Book can't be backed up: " + e.getMessage());
        }
    }

    /** Books were folders of files once: what can be read in such a folder comes into a new Book. */
    private void importLegacyBook(LegacyBookFolder folder) {
        book.orElseThrow().exercises().addAll(folder.exercises(), now());
        if (!folder.unreadable().isEmpty()) {
            status.show("I couldn't read all of the old Book. Its files are untouched. "
                    + String.join("; ", folder.unreadable()));
        }
    }

    /** Returns the file of the Book. */
    public Path file() {
        return file;
    }

    /** Returns the Book; empty where it could not be opened. */
    public Optional<Book> book() {
        return book;
    }

    /** Returns why there is none; empty where there is one. */
    public String problem() {
        return problem;
    }

    /** Returns today. */
    public LocalDate today() {
        return LocalDate.now(clock);
    }

    /** Returns the time, to the second. */
    public LocalDateTime now() {
        return LocalDateTime.now(clock).withNano(0);
    }

    /** Runs a listener each time something in the Book changes, or another one is opened. */
    public void onChange(Runnable listener) {
        listeners.add(listener);
    }

    /**
     * Notes that an exercise was saved in the background; where a list would show it differently, notifies everybody once
     * the edits pause, so that no frame waits for lists while somebody edits.
     */
    void saved(ExerciseSummary now) {
        String shown = now.name() + "\n" + now.about();
        if (!shown.equals(savedAs.put(now.id(), shown))) {
            editsPause.playFromStart();
        }
    }

    /** Notifies everybody that something has changed. */
    public void changed() {
        List.copyOf(listeners).forEach(Runnable::run);
    }

    private void outOfPlace() {
        if (Files.exists(file)) {
            reopen();
            status.show("Another program replaced the Book. This window shows the new one.");
        } else {
            status.show("The Book " + file + " was moved or deleted. Put it back, or restart the program.");
        }
    }

    private void reopen() {
        book.ifPresent(Book::close);
        book = Optional.empty();
        take(() -> open(file));
        changed();
    }

    /** Asks something. Where that fails, shows why and returns empty. */
    public <T> Optional<T> ask(Doing<T> question) {
        if (book.isEmpty()) {
            status.show(problem);
            return Optional.empty();
        }
        try {
            return Optional.of(question.with(book.get()));
        } catch (StrideException e) {
            status.show(e.getMessage());
            return Optional.empty();
        }
    }

    /** Asks something in the background. Where that fails, shows why and returns empty. */
    public <T> Optional<T> askElsewhere(Book open, Doing<T> question) {
        try {
            return Optional.of(question.with(open));
        } catch (StrideException e) {
            Platform.runLater(() -> status.show(e.getMessage()));
            return Optional.empty();
        }
    }

    /** Changes something, and notifies everybody. Where that fails, shows why and returns empty. */
    public <T> Optional<T> change(Doing<T> change) {
        Optional<T> answer = ask(change);
        if (answer.isPresent()) {
            changed();
        }
        return answer;
    }

    /**
     * Does something that takes a while as a command, so that the window goes on meanwhile.
     *
     * @param what it does, for people: {@code Importing parade.json}
     * @param then gets the result
     */
    public <T> void run(String what, Command<T> command, Consumer<T> then) {
        if (book.isEmpty()) {
            status.show(problem);
            return;
        }
        commands.run(
                what,
                progress -> {
                    // A connection of its own, so that the window's questions need not wait.
                    try (Book own = Book.open(file, AS_JSON)) {
                        return command.with(own, progress);
                    }
                },
                answer -> {
                    changed();
                    then.accept(answer);
                });
    }

    /** Returns the backups of the Book. */
    public Backups backups() {
        return new Backups(file);
    }

    /**
     * Restores a backup; the Book as it is now goes among the backups first. Other windows see what was restored.
     *
     * @param then runs once it is restored
     */
    public void restore(Path backup, Runnable then) {
        String what = "Restoring " + backup.getFileName();
        LocalDateTime now = now();
        if (book.isPresent()) {
            run(
                    what,
                    (own, progress) -> {
                        own.restore(backup, now);
                        return backup;
                    },
                    restored -> then.run());
            return;
        }
        commands.run(
                what,
                progress -> {
                    backups().replaceUnreadable(backup, now);
                    return backup;
                },
                restored -> {
                    reopen();
                    then.run();
                });
    }

    /** Moves a file that can't be opened as a Book among the backups, and makes a new Book in its place. */
    public void startNew() {
        if (book.isPresent()) {
            return;
        }
        try {
            backups().setAside(now());
            reopen();
        } catch (StrideException e) {
            status.show(e.getMessage());
        }
    }

    @Override
    public void close() {
        editsPause.stop();
        watch.close();
        backingUp.close();
        book.ifPresent(Book::close);
    }
}
