package nimblestride.store.database;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteDataSource;

/** Connects to the database in a file, whatever characters are in its path, and identifies it. */
final class Database {
    /** Marks a file as a Book: "NSbk". */
    private static final int BOOK = 0x4E53626B;

    private static final int PATIENCE_MILLISECONDS = 4_000;

    private Database() {}

    /**
     * Returns a source for the database in a file. Each change is on disk when it is done; a writer waits up to 4 s
     * for another one.
     */
    static SQLiteDataSource in(Path file) {
        SQLiteConfig config = new SQLiteConfig();
        config.enforceForeignKeys(true);
        config.setBusyTimeout(PATIENCE_MILLISECONDS);
        config.setSynchronous(SQLiteConfig.SynchronousMode.FULL);
        config.setJournalMode(SQLiteConfig.JournalMode.TRUNCATE);
        config.setCacheSize(-16_000);
        // A change that reads first must not find that another program has written meanwhile.
        config.setTransactionMode(SQLiteConfig.TransactionMode.IMMEDIATE);
        SQLiteDataSource source = new SQLiteDataSource(config);
        source.setUrl(url(file));
        return source;
    }

    /** Writes a path as a URI, so that no character of a folder's name is taken for a command. */
    private static String url(Path file) {
        return "jdbc:sqlite:" + file.toAbsolutePath().toUri();
    }

    /**
     * Returns the version of the Book in a file.
     *
     * @throws BookException if it is no Book, newer than this program reads, or marked with a number no version has
     */
    static int version(SQLiteDataSource source, Path file) throws SQLException {
        try (Connection connection = source.getConnection();
                Statement statement = connection.createStatement()) {
            if (number(statement, "PRAGMA application_id") != BOOK) {
                throw new BookException(file + " is another program's database, not a Nimble Stride Book.");
            }
            int version = number(statement, "PRAGMA user_version");
            if (version < 0) {
                throw new BookException("The Book " + file + " is damaged: no version has the number " + version
                        + ". It was not changed. Restore a backup.");
            }
            if (version > BookFile.VERSION) {
                throw new BookException(
                        "The Book " + file + " comes from a newer version of the program (Book version " + version
                                + "; this one reads up to " + BookFile.VERSION
                                + "). It was not changed. Install the newer version to open it.");
            }
            return version;
        }
    }

    /** Marks a database as a Book of a version. */
    static void mark(Statement statement, int version) throws SQLException {
        statement.execute("PRAGMA application_id = " + BOOK);
        statement.execute("PRAGMA user_version = " + version);
    }

    private static int number(Statement statement, String pragma) throws SQLException {
        try (ResultSet result = statement.executeQuery(pragma)) {
            return result.getInt(1);
        }
    }
}
