package nimblestride.desktop.shell;

import java.nio.file.Path;
import nimblestride.desktop.async.Early;
import nimblestride.desktop.document.library.OpenBook;

/**
 * What a window needs from the disk, begun before there is a window: the settings, the Book, and what lay on the desk.
 *
 * @param home the folder in which the program keeps drafts, settings and the Book
 */
public record Ahead(Path home, Early<Settings.Found> settings, Early<Keeping.Found> desk, Early<OpenBook.Opened> book) {
    /** The file of the Book, within the program's folder. */
    public static final String BOOK = "nimble-stride.book";

    /** Begins on a folder as it is. */
    public static Ahead at(Path home) {
        return at(home, () -> home.resolve(BOOK));
    }

    /** @param making makes the Book and tells its file, before it is opened */
    public static Ahead at(Path home, Early.Beginning<Path> making) {
        return new Ahead(
                home,
                Early.begin("reading the settings", () -> Settings.in(home)),
                Early.begin("the desk as it was", () -> Keeping.Found.in(home.resolve("drafts"))),
                Early.begin("opening the Book", () -> OpenBook.open(making.make())));
    }

    Path file() {
        return home.resolve(BOOK);
    }
}
