package nimblestride.desktop.document.library;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.desktop.async.DefectReporter;
import nimblestride.desktop.async.TaskSequence;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.service.Status;
import nimblestride.formats.json.DraftJson.InBook;
import nimblestride.store.book.Book;
import nimblestride.store.book.ExerciseSummary;
import nimblestride.store.book.SavedExercise;
import nimblestride.store.database.BookException;

/**
 * Saves every state of the open exercise in the Book, in the background, and takes over what another window saves of
 * it. A state that can't be written waits until it can.
 */
public final class BookAutosave implements AutoCloseable {
    private static final Duration TIME_TO_FINISH = Duration.ofSeconds(10);
    private static final javafx.util.Duration BEFORE_ANOTHER_TRY = javafx.util.Duration.seconds(3);

    private final ExerciseDocument document;
    private final OpenBook book;
    private final Status status;
    private final TaskSequence writing = TaskSequence.afterTheFrame("saving in the Book");
    private final PauseTransition anotherTry = new PauseTransition(BEFORE_ANOTHER_TRY);
    /** The last state of each exercise that is not written yet, in the order in which they came; guarded by itself. */
    private final Map<UUID, Waiting> waiting = new LinkedHashMap<>();
    /** The revisions this window has seen. Belongs to the writing thread. */
    private final Map<UUID, Long> seen = new HashMap<>();
    /** The writing thread's connection to the Book. The window uses another one, so it never waits for the disk. */
    private Optional<Book> own = Optional.empty();

    /** Why the last state could not be written; empty where it was. */
    private String failing = "";

    private record Waiting(Exercise exercise, long seen) {}

    /** @param status shows what the user should know */
    public BookAutosave(ExerciseDocument document, OpenBook book, Status status) {
        this.document = document;
        this.book = book;
        this.status = status;
        anotherTry.setOnFinished(event -> writing.execute(this::writeAll));
        document.onUnsaved(this::save);
        book.onChange(this::look);
    }

    /** Begins: saves what an earlier run could not, and takes over what another window has saved meanwhile. */
    public void begin() {
        if (!document.savedProperty().get()) {
            save();
        }
        look();
    }

    /** Returns the state of an exercise that is not in the Book yet; empty where the Book has the last one. */
    public Optional<Exercise> unsaved(UUID id) {
        synchronized (waiting) {
            return Optional.ofNullable(waiting.get(id)).map(Waiting::exercise);
        }
    }

    /** Waits until the last state of an exercise is written, or can't be. */
    public void finish(UUID id) {
        if (unsaved(id).isEmpty()) {
            return;
        }
        CountDownLatch done = new CountDownLatch(1);
        writing.execute(done::countDown);
        try {
            if (!done.await(TIME_TO_FINISH.toSeconds(), TimeUnit.SECONDS)) {
                status.show("The disk is not answering. Your last change may be lost.");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        synchronized (waiting) {
            waiting.remove(id);
        }
    }

    private void save() {
        if (document.inBookProperty().get().isEmpty()) {
            document.joinBook(UUID.randomUUID());
        }
        InBook place = document.inBookProperty().get().orElseThrow();
        Exercise exercise = document.exerciseProperty().get().withSelected(0);
        synchronized (waiting) {
            waiting.put(place.id(), new Waiting(exercise, place.revision()));
        }
        writing.execute(this::writeAll);
    }

    private void writeAll() {
        for (Optional<UUID> next = next(); next.isPresent(); next = next()) {
            if (!write(next.get())) {
                return;
            }
        }
    }

    private Optional<UUID> next() {
        synchronized (waiting) {
            return waiting.keySet().stream().findFirst();
        }
    }

    /** Writes the last state of an exercise. Returns whether it did; if not, it has shown why and tries again. */
    private boolean write(UUID id) {
        Waiting state;
        synchronized (waiting) {
            state = waiting.get(id);
        }
        LocalDateTime now = book.now();
        try {
            long revision = Math.max(state.seen, seen.getOrDefault(id, 0L));
            SavedExercise saved = connected().exercises().save(id, revision, state.exercise, now);
            seen.put(id, saved.summary().revision());
            synchronized (waiting) {
                // A newer state may wait by now.
                waiting.remove(id, state);
            }
            Platform.runLater(() -> written(saved, state.exercise));
            return true;
        } catch (StrideException e) {
            disconnect();
            Platform.runLater(() -> failed(e.getMessage()));
        } catch (RuntimeException | Error e) {
            DefectReporter.report(e);
            disconnect();
            Platform.runLater(() -> failed("Something in the program broke. See Help > Program log."));
        }
        return false;
    }

    private Book connected() {
        Path file = book.file();
        // What is written to a file that was taken away would be gone with it; opening it would make a new Book.
        if (!Files.exists(file)) {
            throw new BookException("The Book " + file + " is not there. Put it back.");
        }
        if (own.isEmpty()) {
            own = Optional.of(Book.open(file, OpenBook.AS_JSON));
        }
        return own.get();
    }

    private void disconnect() {
        own.ifPresent(Book::close);
        own = Optional.empty();
    }

    private void written(SavedExercise saved, Exercise exercise) {
        ExerciseSummary summary = saved.summary();
        document.savedInBook(new InBook(summary.id(), summary.revision()), exercise);
        if (!failing.isEmpty()) {
            failing = "";
            status.show("The Book has everything again.");
        }
        switch (saved.others()) {
            case NONE -> {}
            case EDITED ->
                status.show("Another window changed \"" + summary.name()
                        + "\" at the same time. Yours is open; the other one is in its history.");
            case REMOVED ->
                status.show("Another window removed \"" + summary.name() + "\". Your edit brought it back.");
        }
        book.saved(summary);
    }

    private void failed(String why) {
        failing = why;
        // Again after each try: an edit clears the message, and it must stand as long as it is true.
        status.show("The Book can't take your edits now; they are safe in this window. " + why);
        anotherTry.playFromStart();
    }

    /** Looks whether another window has saved a newer state of the open exercise. */
    private void look() {
        if (!failing.isEmpty()) {
            writing.execute(this::writeAll);
        }
        document.inBookProperty()
                .get()
                .filter(open -> book.book().isPresent())
                .ifPresent(open -> writing.execute(() -> look(open)));
    }

    private void look(InBook open) {
        try {
            Optional<ExerciseSummary> found = connected().exercises().find(open.id());
            long known = Math.max(open.revision(), seen.getOrDefault(open.id(), 0L));
            if (found.isEmpty() || found.get().revision() <= known) {
                return;
            }
            Exercise exercise = connected().exercises().read(open.id());
            Platform.runLater(() -> receive(found.get(), exercise));
        } catch (StrideException e) {
            // This only checks for changes. A command that needs the Book shows its own error.
            disconnect();
        }
    }

    private void receive(ExerciseSummary found, Exercise exercise) {
        // What is being edited here is saved over it; then both states are in the history.
        if (document.is(found.id()) && document.savedProperty().get()) {
            document.receive(new InBook(found.id(), found.revision()), exercise);
            status.show("Another window changed \"" + found.name() + "\". Ctrl+Z brings back what was here.");
        }
    }

    /** Waits until everything is written. */
    @Override
    public void close() {
        anotherTry.stop();
        try {
            if (!writing.finish(TIME_TO_FINISH)) {
                status.show("The disk is not answering. Your last change may be lost.");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        disconnect();
    }
}
