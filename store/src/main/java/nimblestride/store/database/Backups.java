package nimblestride.store.database;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** Copies of a Book, in a folder beside it: one for each of the last days it was used, and one before each change of version. */
public final class Backups {
    /** So many are kept, the oldest given up first; those made before a restore or a change of version are not counted. */
    public static final int KEPT = 14;

    private static final String DAILY = "day-";
    private static final String ENDING = ".book";
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss-SSS");

    private final Path book;
    private final Path folder;

    public Backups(Path book) {
        this.book = book;
        this.folder = book.resolveSibling("backups");
    }

    /**
     * A backup.
     *
     * @param name for people: {@code day-2026-11-20}
     */
    public record Backup(Path file, String name, long bytes) {}

    /** All there are, the newest first. */
    public List<Backup> all() throws IOException {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(file -> file.getFileName().toString().endsWith(ENDING))
                    .map(Backups::backup)
                    .sorted(Comparator.comparing((Backup backup) -> day(backup.name))
                            .reversed())
                    .toList();
        }
    }

    private static Backup backup(Path file) {
        String name = file.getFileName().toString();
        return new Backup(
                file,
                name.substring(0, name.length() - ENDING.length()),
                file.toFile().length());
    }

    /** The day in a backup's name, whatever kind it is. */
    private static String day(String name) {
        return name.replaceFirst("^\\D+", "");
    }

    /** Makes the backup of a day, unless there is one; gives up what is too old. */
    public void keepOf(LocalDate day) throws IOException {
        Path copy = folder.resolve(DAILY + day + ENDING);
        if (!Files.exists(copy)) {
            copyTo(copy);
            giveUpOld();
        }
    }

    /** A backup by the user's own wish, or before something that cannot be undone. */
    public Backup keepNow(String why, LocalDateTime now) throws IOException {
        Path copy = folder.resolve(why + "-" + MOMENT.format(now) + ENDING);
        copyTo(copy);
        return backup(copy);
    }

    void keepBeforeMigration(int version) throws IOException {
        Path copy = folder.resolve("version-" + version + ENDING);
        if (!Files.exists(copy)) {
            Files.createDirectories(folder);
            Files.copy(book, copy);
        }
    }

    /** A whole copy, also while the Book is open and written in; under its name only once it is complete. */
    public void copyTo(Path copy) throws IOException {
        Files.createDirectories(copy.toAbsolutePath().getParent());
        Path part = copy.resolveSibling("." + copy.getFileName() + ".part");
        Files.deleteIfExists(part);
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + book.toAbsolutePath());
                Statement statement = connection.createStatement()) {
            statement.execute("VACUUM INTO '" + part.toAbsolutePath().toString().replace("'", "''") + "'");
        } catch (SQLException e) {
            Files.deleteIfExists(part);
            throw BookProblem.of(e, book.toString());
        }
        Files.move(part, copy, StandardCopyOption.REPLACE_EXISTING);
    }

    private void giveUpOld() throws IOException {
        List<Backup> daily =
                all().stream().filter(backup -> backup.name.startsWith(DAILY)).toList();
        for (Backup old : daily.subList(Math.min(KEPT, daily.size()), daily.size())) {
            Files.delete(old.file);
        }
    }

    /**
     * Puts a backup in the Book's place. The Book as it is now, damaged or not, is put aside among the backups first. It must not
     * be open.
     *
     * @throws IOException if that cannot be done; the Book is then as it was
     */
    public void restore(Path backup, LocalDateTime now) throws IOException {
        Files.createDirectories(folder);
        Path beside = book.resolveSibling("." + book.getFileName() + ".part");
        Files.copy(backup, beside, StandardCopyOption.REPLACE_EXISTING);
        // Looked through, and brought up to date, before anything gives way to it.
        try (BookFile readable = BookFile.open(beside)) {
            readable.checkWhole();
        } catch (BookProblem e) {
            Files.deleteIfExists(beside);
            throw new BookProblem("This backup cannot be restored; the Book is as it was. " + e.getMessage(), e);
        }
        if (Files.exists(book)) {
            Files.copy(book, folder.resolve("replaced-" + MOMENT.format(now) + ENDING));
        }
        Files.deleteIfExists(book.resolveSibling(book.getFileName() + "-journal"));
        Files.move(beside, book, StandardCopyOption.REPLACE_EXISTING);
    }
}
