package nimblestride.store.database;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.SQLException;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.sqlite.SQLiteDataSource;

/** Makes new Books, and brings older ones up to date: one program at a time, with a backup first. */
final class BookMigration {
    private BookMigration() {}

    /** Makes a Book beside its place and puts it there whole: a half-made one is never found, and one of another window stays. */
    static void make(Path file) throws IOException, SQLException {
        Path beside = Backups.beside(file);
        try {
            migrate(Database.in(beside));
            Files.move(beside, file);
        } catch (FileAlreadyExistsException e) {
            // Another window was quicker; its Book is the one that is opened.
        } finally {
            Files.deleteIfExists(beside);
            Files.deleteIfExists(beside.resolveSibling(beside.getFileName() + "-journal"));
        }
    }

    /** Brings a Book up to date, unless another program has done so meanwhile. Keeps a copy of it as it was. */
    static void bringUpToDate(Path file, SQLiteDataSource source) throws IOException, SQLException {
        // Threads of one program share its file locks, so they take turns here.
        synchronized (BookMigration.class) {
            Path lock = file.resolveSibling("." + file.getFileName() + ".lock");
            try (FileChannel channel = FileChannel.open(lock, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
                    FileLock held = channel.lock()) {
                int found = Database.version(source, file);
                if (held.isValid() && found < BookFile.VERSION) {
                    new Backups(file).keepBeforeMigration(found);
                    migrate(source);
                }
            }
        }
    }

    private static void migrate(SQLiteDataSource source) throws SQLException {
        try {
            Flyway.configure(BookMigration.class.getClassLoader())
                    .dataSource(source)
                    .locations("classpath:nimblestride/store/migration")
                    .table("migration")
                    .load()
                    .migrate();
        } catch (FlywayException e) {
            throw new SQLException(e.getMessage(), e);
        }
        try (Connection connection = source.getConnection()) {
            Database.mark(connection);
        }
    }
}
