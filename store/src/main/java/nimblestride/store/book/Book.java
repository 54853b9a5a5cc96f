package nimblestride.store.book;

import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.function.Supplier;
import nimblestride.store.database.Backups;
import nimblestride.store.database.BookException;
import nimblestride.store.database.BookFile;

/** An open Book: exercises, collections, students, and the practice log. */
public final class Book implements AutoCloseable {
    private final BookFile file;
    private final ExerciseShelf shelf;
    private final Collections collections;
    private final StudentRegister register;
    private final PracticeLog log;
    private final ImportedFiles originals;
    private final ExerciseHistory history;
    private final RecentlyRemoved removed;
    private final BookSettings settings;

    private Book(BookFile file, ExerciseCodec text) {
        this.file = file;
        this.shelf = new ExerciseShelf(file, text);
        this.collections = new Collections(file);
        this.register = new StudentRegister(file);
        this.log = new PracticeLog(file);
        this.originals = new ImportedFiles(file);
        this.history = new ExerciseHistory(file, text);
        this.removed = new RecentlyRemoved(file);
        this.settings = new BookSettings(file);
    }

    /**
     * Opens a Book, or makes a new one where there is none.
     *
     * @throws BookException if it can't be opened; it is then left as it was
     */
    public static Book open(Path file, ExerciseCodec text) {
        return new Book(BookFile.open(file), text);
    }

    /** Returns the file of the Book. */
    public Path file() {
        return file.file();
    }

    /** Returns its exercises. */
    public ExerciseShelf exercises() {
        return shelf;
    }

    /** Returns its collections of exercises. */
    public Collections collections() {
        return collections;
    }

    /** Returns its students. */
    public StudentRegister students() {
        return register;
    }

    /** Returns its practice log. */
    public PracticeLog log() {
        return log;
    }

    /** Returns the files its exercises were imported from. */
    public ImportedFiles importedFiles() {
        return originals;
    }

    /** Returns the earlier states of its exercises. */
    public ExerciseHistory history() {
        return history;
    }

    /** Returns what was removed and can be brought back. */
    public RecentlyRemoved removed() {
        return removed;
    }

    /** Returns what is chosen for all of it. */
    public BookSettings settings() {
        return settings;
    }

    /** Returns its backups. */
    public Backups backups() {
        return new Backups(file.file());
    }

    /**
     * Makes several changes in one transaction: all of them or, where any of them throws, none.
     *
     * @throws BookException if the Book can't be written; nothing has been changed then
     */
    public <T> T inTransaction(Supplier<T> changes) {
        return file.inTransaction(changes);
    }

    /** Counts the changes others have made since the Book was opened; any other number than before means some. */
    public long changesOfOthers() {
        return file.changesOfOthers();
    }

    /** Returns whether the open Book is still the file of that name. */
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

    /**
     * Checks the whole file.
     *
     * @throws BookException if any of it is damaged
     */
    public void checkWhole() {
        file.checkWhole();
    }

    @Override
    public void close() {
        file.close();
    }
}
