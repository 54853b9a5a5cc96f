package nimblestride.desktop.shell;

import java.nio.file.Path;
import nimblestride.desktop.async.BackgroundTask;
import nimblestride.desktop.document.library.OpenBook;

/**
 * What a window needs from the disk, begun before there is a window: the settings, the Book, and what lay on the desk.
 *
 * @param home the folder in which the program keeps drafts, settings and the Book
 */
public record StartupTasks(
        Path home,
        BackgroundTask<Settings.Found> settings,
        BackgroundTask<DraftSession.Found> document,
        BackgroundTask<OpenBook.Opened> book) {
    /** The file of the Book, within the program's folder. */
    public static final String BOOK = "nimble-stride.book";

    /** Begins on a folder as it is. */
    public static StartupTasks begin(Path home) {
        return begin(home, () -> home.resolve(BOOK));
    }

    /** @param making makes the Book and tells its file, before it is opened */
    public static StartupTasks begin(Path home, BackgroundTask.Beginning<Path> making) {
        return new StartupTasks(
                home,
                BackgroundTask.begin("reading the settings", () -> Settings.in(home)),
                BackgroundTask.begin("the desk as it was", () -> DraftSession.Found.in(home.resolve("drafts"))),
                BackgroundTask.begin("opening the Book", () -> OpenBook.open(making.make())));
    }

    Path file() {
        return home.resolve(BOOK);
    }
}
