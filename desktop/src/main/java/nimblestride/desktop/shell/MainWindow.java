package nimblestride.desktop.shell;

import java.nio.file.Path;
import java.time.Clock;
import java.util.function.LongSupplier;
import javafx.stage.Stage;
import nimblestride.desktop.async.CommandQueue;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.document.library.UndoHistory;
import nimblestride.desktop.failure.DefectLog;
import nimblestride.desktop.playback.AudioDevices;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.service.Dialogs;
import nimblestride.desktop.service.PageId;
import nimblestride.desktop.service.WorkspaceId;

/** One window with one exercise. {@link WindowComposition} builds its content. */
public final class MainWindow {
    private final WindowComposition parts;

    /**
     * @param startup tasks that already read from the disk
     * @param dialogs asks the user
     * @param audio sound cards and microphones
     * @param clock tells the day and the time
     * @param nanos a clock in nanoseconds, for taps
     * @param defects logs unexpected errors
     */
    public MainWindow(
            Stage stage,
            StartupTasks startup,
            Dialogs dialogs,
            AudioDevices audio,
            Clock clock,
            LongSupplier nanos,
            DefectLog defects) {
        this.parts = new WindowComposition(stage, startup, dialogs, audio, clock, nanos, defects);
        stage.setOnCloseRequest(event -> close());
    }

    /** Shows the window. */
    public void show() {
        parts.show();
    }

    /** Shows a workspace. */
    public void open(WorkspaceId workspace) {
        parts.services.navigation().open(workspace);
    }

    /** Shows a page of a workspace. */
    public void open(PageId page) {
        parts.services.navigation().open(page);
    }

    /** Opens a file, as if it had been chosen in the menu. */
    public void open(Path file) {
        parts.files.open(file);
    }

    /** Opens an exercise of the Book by its name; does nothing where there is none. */
    public void openFromBook(String name) {
        parts.book
                .ask(one -> one.exercises().named(name))
                .flatMap(found -> found)
                .ifPresent(parts.library::open);
    }

    /** Shows the start page. */
    public void showStart() {
        parts.start.show();
    }

    /** Shows the history of the open exercise. */
    public void showHistory() {
        parts.history.showHistory();
    }

    /** Closes the start page, where it is shown. */
    void leaveStart() {
        parts.start.leave();
    }

    /** Shows the help. */
    public void showHelp() {
        parts.help.welcome();
    }

    /** Returns how the window looks. */
    public ViewOptions options() {
        return parts.options;
    }

    /** Returns the stage the window is on. */
    public Stage stage() {
        return parts.stage;
    }

    ExerciseDocument document() {
        return parts.document;
    }

    UndoHistory steps() {
        return parts.steps;
    }

    OpenBook book() {
        return parts.book;
    }

    Transport transport() {
        return parts.transport();
    }

    CommandQueue commands() {
        return parts.commands;
    }

    Appearance appearance() {
        return parts.appearance;
    }

    MusicStandWindow musicStand() {
        return parts.stand;
    }

    /** Stops playback, saves the draft, and lets commands finish. */
    public void close() {
        parts.close();
    }
}
