package nimblestride.store.book;

import java.nio.file.Path;
import nimblestride.store.database.Backups;
import nimblestride.store.database.BookFile;
import nimblestride.store.database.BookProblem;

/** A Book, open: what is on its shelf, who is in its register, and its log. */
public final class Book implements AutoCloseable {
    private final BookFile file;
    private final Shelf shelf;
    private final Collections collections;
    private final Register register;
    private final LogBook log;
    private final Originals originals;

    private Book(BookFile file, ExerciseText text) {
        this.file = file;
        this.shelf = new Shelf(file, text);
        this.collections = new Collections(file);
        this.register = new Register(file);
        this.log = new LogBook(file);
        this.originals = new Originals(file);
    }

    /**
     * Opens a Book, or makes a new one where there is none.
     *
     * @throws BookProblem if it cannot be opened; it is then left as it was
     */
    public static Book open(Path file, ExerciseText text) throws BookProblem {
        return new Book(BookFile.open(file), text);
    }

    public Path file() {
        return file.file();
    }

    /** Its exercises. */
    public Shelf shelf() {
        return shelf;
    }

    /** Its exercises in collections. */
    public Collections collections() {
        return collections;
    }

    /** Its students. */
    public Register register() {
        return register;
    }

    /** What has been practised. */
    public LogBook log() {
        return log;
    }

    /** The files its exercises were brought in from. */
    public Originals originals() {
        return originals;
    }

    public Backups backups() {
        return new Backups(file.file());
    }

    /** @throws BookProblem if any of it is damaged */
    public void checkWhole() throws BookProblem {
        file.checkWhole();
    }

    @Override
    public void close() {
        file.close();
    }
}
