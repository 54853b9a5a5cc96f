package nimblestride.store.database;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.sql.SQLException;
import java.time.DateTimeException;
import java.util.Arrays;
import java.util.Objects;
import java.util.function.Supplier;
import nimblestride.files.FileException;
import nimblestride.files.SourceFile;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;
import org.jdbi.v3.core.JdbiException;
import org.jdbi.v3.core.statement.SqlStatements;
import org.jdbi.v3.core.statement.TemplateEngine;
import org.sqlite.SQLiteConnection;
import org.sqlite.SQLiteDataSource;
import org.sqlite.SQLiteErrorCode;

/**
 * Holds the file of a Book open. Every change is whole or not at all, and on disk when it is done. Several programs may have one
 * Book open: each waits a little for another that is writing. Several threads may use it, one after the other.
 */
public final class BookFile implements AutoCloseable {
    /** The version of the Book this program writes. */
    public static final int VERSION = 5;

    private static final byte[] SQLITE = "SQLite format 3\0".getBytes(StandardCharsets.US_ASCII);

    private final Path file;
    private final Handle handle;
    /** Which file this is, whatever its name; null where the system tells files apart by their names only. */
    private final Object key;

    private BookFile(Path file, Handle handle, Object key) {
        this.file = file;
        this.handle = handle;
        this.key = key;
    }

    /**
     * Opens a Book, or makes a new one where there is none.
     *
     * @throws BookException if it is no Book, an empty, newer, or damaged one, or can't be written; it is then left as it was
     */
    public static BookFile open(Path file) {
        try {
            Files.createDirectories(file.toAbsolutePath().getParent());
            if (!Files.exists(file)) {
                BookMigration.make(file);
            }
            checkKind(file);
            SQLiteDataSource source = Database.in(file);
            if (Database.version(source, file) < VERSION) {
                BookMigration.bringUpToDate(file, source);
            }
            Object key = keyOf(file);
            return new BookFile(file, connected(source), key);
        } catch (FileException e) {
            throw new BookException("The Book can't be opened: " + e.getMessage(), e);
        } catch (IOException e) {
            throw new BookException(
                    "The Book can't be opened: "
                            + FileException.writing(file, e).getMessage(),
                    e);
        } catch (SQLException | JdbiException e) {
            throw BookException.of(e, file);
        }
    }

    /** Connects. A change stays in memory until it is complete, so that others can read the Book until then. */
    private static Handle connected(SQLiteDataSource source) {
        Jdbi jdbi = Jdbi.create(source);
        // No statement is a template: what looks like one is a comparison.
        jdbi.getConfig(SqlStatements.class)
                .setTemplateEngine(TemplateEngine.NOP)
                .setSqlParser(new StatementParameters());
        Handle handle = jdbi.open();
        try {
            handle.execute("PRAGMA cache_spill = 0");
            return handle;
        } catch (JdbiException e) {
            handle.close();
            throw e;
        }
    }

    private static void checkKind(Path file) {
        byte[] head = SourceFile.read(file, "a Book", in -> in.readNBytes(SQLITE.length));
        if (head.length == 0) {
            throw new BookException("The Book " + file + " is an empty file. Restore a backup, or start a new Book.");
        }
        if (!Arrays.equals(head, SQLITE)) {
            throw new BookException(file + " is not a Nimble Stride Book, or it is damaged. It is unchanged."
                    + " Restore a backup, or start a new Book.");
        }
    }

    private static Object keyOf(Path file) throws IOException {
        return Files.readAttributes(file, BasicFileAttributes.class).fileKey();
    }

    /** Says whether the file that is open is still the one of that name: it may have been moved, removed, or replaced. */
    public boolean isInPlace() {
        try {
            return Objects.equals(key, keyOf(file));
        } catch (IOException e) {
            return false;
        }
    }

    /** Asks something of the Book. */
    public interface Question<T> {
        T ask(Handle handle);
    }

    /** Changes something in the Book. */
    public interface Change {
        void make(Handle handle);
    }

    /**
     * Reads from the Book.
     *
     * @throws BookException if it can't be read
     */
    public synchronized <T> T read(Question<T> question) {
        try {
            return question.ask(handle);
        } catch (JdbiException e) {
            throw BookException.of(e, file);
        } catch (IllegalArgumentException | DateTimeException e) {
            // An invalid id, or a day the calendar doesn't have: somebody else wrote them.
            throw new BookException(
                    "Something in the Book " + file + " can't be read (" + e.getMessage() + "). Restore a backup.", e);
        }
    }

    /**
     * Changes the Book, all of it or nothing.
     *
     * @throws BookException if it can't; nothing has been changed then
     */
    public synchronized void write(Change change) {
        writing(handle -> {
            change.make(handle);
            return true;
        });
    }

    /**
     * Changes the Book, all of it or nothing, and returns a result.
     *
     * @throws BookException if it can't; nothing has been changed then
     */
    public synchronized <T> T writing(Question<T> change) {
        return inTransaction(() -> change.ask(handle));
    }

    /**
     * Makes several changes in one transaction: all of them or, where any of them throws, none.
     *
     * @throws BookException if the Book can't be written; nothing has been changed then
     */
    public synchronized <T> T inTransaction(Supplier<T> changes) {
        if (handle.isInTransaction()) {
            return changes.get();
        }
        if (!isInPlace()) {
            throw new BookException("The Book " + file
                    + " was moved, deleted, or replaced while it was open here, so nothing changed in it."
                    + " Put it back, or restart the program to open what is there now.");
        }
        try {
            return handle.inTransaction(one -> changes.get());
        } catch (JdbiException e) {
            forgetFailedBegin();
            throw BookException.of(e, file);
        }
    }

    /** A transaction that could not begin, because another program holds the Book, leaves the driver believing in one. */
    private void forgetFailedBegin() {
        try {
            handle.getConnection().setAutoCommit(true);
        } catch (SQLException e) {
            // There is nothing to commit; the driver believes so from now on.
        }
    }

    /** Returns the file. */
    public Path file() {
        return file;
    }

    /** Counts the changes others have made since the Book was opened; any other number than before means some. */
    public long changesOfOthers() {
        return read(
                one -> one.createQuery("PRAGMA data_version").mapTo(Long.class).one());
    }

    /**
     * Checks the whole file.
     *
     * @throws BookException if any of it is damaged
     */
    public void checkWhole() {
        String found = read(one ->
                one.createQuery("PRAGMA quick_check(1)").mapTo(String.class).one());
        if (!found.equals("ok")) {
            throw new BookException("The Book " + file + " is damaged (" + found + "). Restore a backup.");
        }
    }

    /**
     * Replaces the content of this Book by another one's, in one transaction of the database engine. Every program
     * that has this Book open sees it from its next question on. Every revision becomes the next one after the highest
     * so far, so that nothing opened before is mistaken for what is there now.
     *
     * @throws BookException if it can't be done; nothing is changed then
     */
    synchronized void replaceWith(Path other) {
        try (BookFile copy = open(other)) {
            copy.checkWhole();
            long next = Math.max(highestRevision(), copy.highestRevision()) + 1;
            copy.write(one -> one.createUpdate("UPDATE exercise SET revision = ?")
                    .bind(0, next)
                    .execute());
        }
        try {
            int result = handle.getConnection()
                    .unwrap(SQLiteConnection.class)
                    .getDatabase()
                    .restore("main", other.toAbsolutePath().toString(), (remaining, pages) -> {});
            if (result != SQLiteErrorCode.SQLITE_OK.code && result != SQLiteErrorCode.SQLITE_DONE.code) {
                throw new SQLException("the engine's restore returned " + result, "", result);
            }
        } catch (SQLException e) {
            throw BookException.of(e, file);
        }
        checkWhole();
    }

    private long highestRevision() {
        return read(one -> one.createQuery("SELECT coalesce(max(revision), 0) FROM exercise")
                .mapTo(Long.class)
                .one());
    }

    @Override
    public synchronized void close() {
        handle.close();
    }
}
