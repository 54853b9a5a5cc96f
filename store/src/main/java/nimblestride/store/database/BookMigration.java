package nimblestride.store.database;

import java.io.IOException;
import java.io.InputStream;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import org.sqlite.SQLiteDataSource;

/** Makes new Books, and updates older ones: one program at a time, with a backup first. */
final class BookMigration {
    /** The script that makes each version out of the one before it. */
    private static final List<String> SCRIPTS = List.of(
            "V1__the_book.sql",
            "V2__originals.sql",
            "V3__history_and_removed.sql",
            "V4__settings.sql",
            "V5__assigned_tempos.sql");

    /** The version whose script adds a column. SQLite can't leave that out by itself where the column is there. */
    private static final int WITH_TEMPOS = 5;

    private static final String HAS_TEMPOS =
            "SELECT count(*) FROM pragma_table_info('assignment') WHERE name = 'tempo'";

    private BookMigration() {}

    /**
     * Makes a Book beside its place and moves it there complete, so that nobody finds a half-made one, and one of
     * another window stays.
     */
    static void make(Path file) throws IOException, SQLException {
        Path beside = Backups.beside(file);
        try {
            migrate(Database.in(beside), 0);
            moveUnlessThereIsOne(beside, file);
        } catch (FileAlreadyExistsException e) {
            // Another window was quicker; its Book is opened.
        } finally {
            Files.deleteIfExists(beside);
            Files.deleteIfExists(beside.resolveSibling(beside.getFileName() + "-journal"));
        }
    }

    /** Gives a Book its name, unless another has it. A link finds that out as it is made; a move looks first, and then moves. */
    private static void moveUnlessThereIsOne(Path made, Path file) throws IOException {
        try {
            Files.createLink(file, made);
        } catch (FileAlreadyExistsException e) {
            throw e;
        } catch (UnsupportedOperationException | FileSystemException e) {
            // This disk has no links.
            Files.move(made, file);
        }
    }

    /** Updates a Book, unless another program has done so meanwhile. Keeps a copy of it as it was. */
    static void bringUpToDate(Path file, SQLiteDataSource source) throws IOException, SQLException {
        // Threads of one program share its file locks, so they take turns here.
        synchronized (BookMigration.class) {
            Path lock = file.resolveSibling("." + file.getFileName() + ".lock");
            try (FileChannel channel = FileChannel.open(lock, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
                    FileLock held = channel.lock()) {
                int found = Database.version(source, file);
                if (held.isValid() && found < BookFile.VERSION) {
                    new Backups(file).keepBeforeMigration(found);
                    migrate(source, found);
                }
            }
        }
    }

    /** Runs the script of each version the Book does not have yet, each whole or not at all. */
    private static void migrate(SQLiteDataSource source, int from) throws IOException, SQLException {
        for (int version = from + 1; version <= BookFile.VERSION; version++) {
            try (Connection connection = source.getConnection();
                    Statement statement = connection.createStatement()) {
                connection.setAutoCommit(false);
                if (version != WITH_TEMPOS || !holds(statement, HAS_TEMPOS)) {
                    statement.executeUpdate(script(version));
                }
                Database.mark(statement, version);
                connection.commit();
            }
        }
    }

    private static boolean holds(Statement statement, String question) throws SQLException {
        try (ResultSet answer = statement.executeQuery(question)) {
            return answer.getInt(1) > 0;
        }
    }

    private static String script(int version) throws IOException {
        String name = "/nimblestride/store/migration/" + SCRIPTS.get(version - 1);
        try (InputStream in = BookMigration.class.getResourceAsStream(name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
