package nimblestride.store.database;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.UUID;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteDataSource;

/**
 * The file of a Book, open. Every change is whole or not at all, and on disk when it is told to be done. Several programs may
 * have one Book open: each waits a little for another that is writing. Safe for use by several threads, one after the other.
 */
public final class BookFile implements AutoCloseable {
    /** The version of the Book this program writes. */
    public static final int VERSION = 2;

    /** Marks the file as a Book: "NSbk". */
    private static final int OURS = 0x4E53626B;

    private static final byte[] SQLITE = "SQLite format 3\0".getBytes(StandardCharsets.US_ASCII);
    private static final int PATIENCE_MILLISECONDS = 4_000;

    private final Path file;
    private final Handle handle;

    private BookFile(Path file, Handle handle) {
        this.file = file;
        this.handle = handle;
    }

    /**
     * Opens a Book, or makes a new one where there is none.
     *
     * @throws BookProblem if it is no Book, a newer or damaged one, or cannot be written; it is then left as it was
     */
    public static BookFile open(Path file) throws BookProblem {
        try {
            Files.createDirectories(file.toAbsolutePath().getParent());
            if (!Files.exists(file) || Files.size(file) == 0) {
                make(file);
            }
            checkKind(file);
            SQLiteDataSource source = source(file);
            int found = check(source, file);
            if (found < VERSION) {
                new Backups(file).keepBeforeMigration(found);
                migrate(source);
            }
            Handle handle = Jdbi.create(source).open();
            return new BookFile(file, handle);
        } catch (BookProblem e) {
            throw e;
        } catch (IOException e) {
            throw new BookProblem("The Book " + file + " cannot be opened: " + e.getMessage(), e);
        } catch (SQLException | RuntimeException e) {
            throw BookProblem.of(e, file.toString());
        }
    }

    /** Makes a Book beside its place and puts it there whole: a half-made one is never found, and one of another window stays. */
    private static void make(Path file) throws IOException, SQLException {
        Path beside =
                file.toAbsolutePath().resolveSibling("." + file.getFileName() + "-" + UUID.randomUUID() + ".part");
        try {
            migrate(source(beside));
            if (Files.exists(file) && Files.size(file) == 0) {
                Files.delete(file);
            }
            Files.move(beside, file);
        } catch (FileAlreadyExistsException e) {
            // Another window was quicker.
        } finally {
            Files.deleteIfExists(beside);
            Files.deleteIfExists(beside.resolveSibling(beside.getFileName() + "-journal"));
        }
    }

    private static void checkKind(Path file) throws IOException {
        byte[] head = new byte[SQLITE.length];
        try (var in = Files.newInputStream(file)) {
            int read = in.readNBytes(head, 0, head.length);
            if (read < head.length || !Arrays.equals(head, SQLITE)) {
                throw new BookProblem(
                        file
                                + " is no Book of Nimble Stride, or a damaged one. It was not changed; a backup can be restored.");
            }
        }
    }

    private static SQLiteDataSource source(Path file) {
        SQLiteConfig config = new SQLiteConfig();
        config.enforceForeignKeys(true);
        config.setBusyTimeout(PATIENCE_MILLISECONDS);
        config.setSynchronous(SQLiteConfig.SynchronousMode.FULL);
        config.setJournalMode(SQLiteConfig.JournalMode.TRUNCATE);
        config.setCacheSize(-16_000);
        SQLiteDataSource source = new SQLiteDataSource(config);
        source.setUrl("jdbc:sqlite:" + file.toAbsolutePath());
        return source;
    }

    /** The version of a Book that is there already. */
    private static int check(SQLiteDataSource source, Path file) throws SQLException, BookProblem {
        try (Connection connection = source.getConnection();
                Statement statement = connection.createStatement()) {
            if (number(statement, "PRAGMA application_id") != OURS) {
                throw new BookProblem(file + " is a database of another program, and no Book of Nimble Stride.");
            }
            int version = number(statement, "PRAGMA user_version");
            if (version > VERSION) {
                throw new BookProblem(
                        "The Book " + file + " was written by a newer version of the program (Book version " + version
                                + "; this one reads up to " + VERSION + "). It was not changed.");
            }
            return version;
        }
    }

    private static int number(Statement statement, String pragma) throws SQLException {
        try (ResultSet result = statement.executeQuery(pragma)) {
            return result.getInt(1);
        }
    }

    private static void migrate(SQLiteDataSource source) throws SQLException {
        try {
            Flyway.configure(BookFile.class.getClassLoader())
                    .dataSource(source)
                    .locations("classpath:nimblestride/store/migration")
                    .table("migration")
                    .load()
                    .migrate();
        } catch (FlywayException e) {
            throw new SQLException(e.getMessage(), e);
        }
        try (Connection connection = source.getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute("PRAGMA application_id = " + OURS);
            statement.execute("PRAGMA user_version = " + VERSION);
        }
    }

    /** Something that is asked of the Book. */
    public interface Question<T> {
        T ask(Handle handle);
    }

    /** Something that is changed in the Book. */
    public interface Change {
        void make(Handle handle);
    }

    /** @throws BookProblem if it cannot be read */
    public synchronized <T> T read(Question<T> question) throws BookProblem {
        try {
            return question.ask(handle);
        } catch (RuntimeException e) {
            throw BookProblem.of(e, file.toString());
        }
    }

    /** Changes it, all of it or nothing. @throws BookProblem if it cannot be changed; nothing of it has then been changed */
    public synchronized void write(Change change) throws BookProblem {
        writing(handle -> {
            change.make(handle);
            return true;
        });
    }

    /**
     * Changes it, all of it or nothing, and tells something of it.
     *
     * @throws BookProblem if it cannot be changed; nothing of it has then been changed
     */
    public synchronized <T> T writing(Question<T> change) throws BookProblem {
        try {
            handle.execute("BEGIN IMMEDIATE");
            T told = change.ask(handle);
            handle.execute("COMMIT");
            return told;
        } catch (RuntimeException e) {
            takeBack();
            throw BookProblem.of(e, file.toString());
        }
    }

    /** Undoes what has not been finished; where it could not even begin, or the database has done so itself, nothing is left to. */
    private void takeBack() {
        try {
            handle.execute("ROLLBACK");
        } catch (RuntimeException e) {
            // There is no transaction any more.
        }
    }

    public Path file() {
        return file;
    }

    /**
     * Looks through the whole file for damage.
     *
     * @throws BookProblem if there is any
     */
    public void checkWhole() throws BookProblem {
        String found = read(handle ->
                handle.createQuery("PRAGMA quick_check(1)").mapTo(String.class).one());
        if (!found.equals("ok")) {
            throw new BookProblem("The Book " + file + " is damaged (" + found + "). A backup can be restored.");
        }
    }

    @Override
    public synchronized void close() {
        handle.close();
    }
}
