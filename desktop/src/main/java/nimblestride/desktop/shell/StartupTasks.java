package nimblestride.desktop.shell;

import java.nio.file.Path;
import nimblestride.desktop.async.BackgroundTask;
import nimblestride.desktop.document.library.OpenBook;

/**
 * Tasks that read what a window needs from the disk, started before the window: the settings, the Book, and the draft.
 *
 * @param home the program's folder, with drafts, settings, and the Book
 */
public record StartupTasks(
        Path home,
        BackgroundTask<Settings.Found> settings,
        BackgroundTask<DraftSession.Found> document,
        BackgroundTask<OpenBook.Opened> book) {
    /** The file name of the Book in the program's folder. */
    public static final String BOOK = "nimble-stride.book";

    /** Starts the tasks on an existing folder. */
    public static StartupTasks begin(Path home) {
        return begin(home, () -> home.resolve(BOOK));
    }

    /**
     * Starts the tasks.
     *
     * @param making makes the Book and returns its file, before it is opened
     */
    public static StartupTasks begin(Path home, BackgroundTask.Beginning<Path> making) {
        return new StartupTasks(
                home,
                BackgroundTask.begin("reading the settings", () -> Settings.in(home)),
                BackgroundTask.begin(
                        "restoring your last exercise", () -> DraftSession.Found.in(home.resolve("drafts"))),
                BackgroundTask.begin("opening the Book", () -> OpenBook.open(making.make())));
    }

    Path file() {
        return home.resolve(BOOK);
    }
}
