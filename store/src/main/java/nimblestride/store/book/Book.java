package nimblestride.store.book;

import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.function.Supplier;
import nimblestride.store.database.Backups;
import nimblestride.store.database.BookException;
import nimblestride.store.database.BookFile;

/** A Book, open: what is on its shelf, who is in its register, and its log. */
public final class Book implements AutoCloseable {
    private final BookFile file;
    private final ExerciseShelf shelf;
    private final Collections collections;
    private final StudentRegister register;
    private final PracticeLog log;
    private final ImportedFiles originals;

    private Book(BookFile file, ExerciseCodec text) {
        this.file = file;
        this.shelf = new ExerciseShelf(file, text);
        this.collections = new Collections(file);
        this.register = new StudentRegister(file);
        this.log = new PracticeLog(file);
        this.originals = new ImportedFiles(file);
    }

    /**
     * Opens a Book, or makes a new one where there is none.
     *
     * @throws BookException if it cannot be opened; it is then left as it was
     */
    public static Book open(Path file, ExerciseCodec text) {
        return new Book(BookFile.open(file), text);
    }

    public Path file() {
        return file.file();
    }

    /** Its exercises. */
    public ExerciseShelf exercises() {
        return shelf;
    }

    /** Its exercises in collections. */
    public Collections collections() {
        return collections;
    }

    /** Its students. */
    public StudentRegister students() {
        return register;
    }

    /** What has been practised. */
    public PracticeLog log() {
        return log;
    }

    /** The files its exercises were brought in from. */
    public ImportedFiles importedFiles() {
        return originals;
    }

    public Backups backups() {
        return new Backups(file.file());
    }

    /**
     * Makes several changes one: all of them are made or, where any of them throws something, none.
     *
     * @throws BookException if the Book can't be written; nothing of it has then been changed
     */
    public <T> T inTransaction(Supplier<T> changes) {
        return file.inTransaction(changes);
    }

    /** Counts the changes that others have made in this Book since it was opened: any other number than before means some. */
    public long changesOfOthers() {
        return file.changesOfOthers();
    }

    /** Says whether the Book that is open is still the file of that name. */
    public boolean isInPlace() {
        return file.isInPlace();
    }

    /**
     * Restores a backup; the Book as it is now goes among the backups first, and every window sees what was restored.
     *
     * @throws BookException if that can't be done; the Book is then as it was
     */
    public void restore(Path backup, LocalDateTime now) {
        backups().restore(backup, file, now);
    }

    /** @throws BookException if any of it is damaged */
    public void checkWhole() {
        file.checkWhole();
    }

    @Override
    public void close() {
        file.close();
    }
}
