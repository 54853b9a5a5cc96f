package nimblestride.desktop.shell;

import java.nio.file.Path;
import nimblestride.desktop.async.BackgroundTask;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.ui.look.Typefaces;

/**
 * Tasks that read what a window needs from the disk, started before the window, one after the other: the settings, the draft, the
 * Book, and the faces. All at once, they would take the processors from the toolkit, which starts meanwhile.
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
        BackgroundTask<Settings.Found> settings = BackgroundTask.begin("reading the settings", () -> Settings.in(home));
        BackgroundTask<DraftSession.Found> document =
                settings.then("restoring your last exercise", () -> DraftSession.Found.in(home.resolve("drafts")));
        BackgroundTask<OpenBook.Opened> book = document.then("opening the Book", () -> OpenBook.open(making.make()));
        book.thenRun("loading the faces", Typefaces::await);
        return new StartupTasks(home, settings, document, book);
    }

    Path file() {
        return home.resolve(BOOK);
    }
}
