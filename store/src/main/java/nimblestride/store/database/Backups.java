package nimblestride.store.database;

import java.io.IOException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.FileTime;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.stream.Stream;
import nimblestride.files.FileException;

/**
 * Copies of a Book, in a folder beside it: one for each of the last days it was used, and one before each change of
 * version.
 */
public final class Backups {
    /** How many are kept; the oldest go first. Those made before a restore or a change of version do not count. */
    public static final int KEPT = 14;

    private static final String DAILY = "day-";
    private static final String ENDING = ".book";
    private static final String MAKING = ".making";
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss-SSS", Locale.ROOT);

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

    /** Does something with files. */
    private interface Work<T> {
        T run() throws IOException;
    }

    private static <T> T explained(Path file, Work<T> work) {
        try {
            return work.run();
        } catch (IOException e) {
            throw FileException.writing(file, e);
        }
    }

    /** Lists all backups, newest first. */
    public List<Backup> all() {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        return explained(folder, () -> {
            try (Stream<Path> files = Files.list(folder)) {
                return files.filter(file -> file.getFileName().toString().endsWith(ENDING))
                        .map(Backups::backup)
                        .sorted(Comparator.comparing((Backup backup) -> day(backup.name))
                                .reversed())
                        .toList();
            }
        });
    }

    private static Backup backup(Path file) {
        String name = file.getFileName().toString();
        return new Backup(
                file,
                name.substring(0, name.length() - ENDING.length()),
                file.toFile().length());
    }

    /** Returns the day in a backup's name, whatever its kind. */
    private static String day(String name) {
        return name.replaceFirst("^\\D+", "");
    }

    /** Makes the backup of a day, unless there is one; removes old ones, and what a killed program left half made. */
    public void keepOf(LocalDate day) {
        sweep(book.toAbsolutePath().getParent(), day);
        sweep(folder, day);
        Path copy = folder.resolve(DAILY + day + ENDING);
        if (!Files.exists(copy)) {
            copyTo(copy);
            removeOld();
        }
    }

    /** A Book is made in seconds, so one started two days ago or more was abandoned. */
    private static void sweep(Path within, LocalDate day) {
        if (!Files.isDirectory(within)) {
            return;
        }
        FileTime old =
                FileTime.from(day.minusDays(1).atStartOfDay(ZoneOffset.UTC).toInstant());
        explained(within, () -> {
            try (DirectoryStream<Path> made = Files.newDirectoryStream(within, ".*" + MAKING)) {
                for (Path one : made) {
                    if (Files.getLastModifiedTime(one).compareTo(old) < 0) {
                        Files.deleteIfExists(one);
                    }
                }
            }
            return within;
        });
    }

    /** Makes a backup at the user's request, or before something that can't be undone. */
    public Backup keepNow(String why, LocalDateTime now) {
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

    /**
     * Copies the whole Book, also while it is open and written in. The copy gets its name only once it has been read back whole.
     *
     * @throws BookException if that would replace the Book itself, under whatever name, or can't be done
     */
    public void copyTo(Path copy) {
        explained(copy, () -> {
            refuseTheBookItself(copy);
            Files.createDirectories(copy.toAbsolutePath().getParent());
            Path part = beside(copy);
            try {
                vacuumInto(part);
                try (BookFile readable = BookFile.open(part)) {
                    readable.checkWhole();
                }
                refuseTheBookItself(copy);
                Files.move(part, copy, StandardCopyOption.REPLACE_EXISTING);
            } finally {
                Files.deleteIfExists(part);
            }
            return copy;
        });
    }

    /** Returns where a Book is made until it is complete. */
    static Path beside(Path file) {
        return file.toAbsolutePath().resolveSibling("." + file.getFileName() + "-" + UUID.randomUUID() + MAKING);
    }

    private void vacuumInto(Path part) {
        try (Connection connection = Database.in(book).getConnection();
                PreparedStatement statement = connection.prepareStatement("VACUUM INTO ?")) {
            statement.setString(1, part.toString());
            statement.execute();
        } catch (SQLException e) {
            throw BookException.of(e, book);
        }
    }

    /** A link to the Book, another spelling of its path, or a second name of its file is the Book itself too. */
    private void refuseTheBookItself(Path copy) throws IOException {
        if (Files.exists(copy) && Files.isSameFile(copy, book)) {
            throw new BookException(copy + " is the Book itself. Choose another name or folder for the backup.");
        }
        if (!Files.exists(copy) && Files.exists(copy, LinkOption.NOFOLLOW_LINKS)) {
            throw new FileException(copy + " is a link to a missing file; choose another name");
        }
    }

    private void removeOld() {
        List<Backup> daily =
                all().stream().filter(backup -> backup.name.startsWith(DAILY)).toList();
        for (Backup old : daily.subList(Math.min(KEPT, daily.size()), daily.size())) {
            explained(old.file, () -> Files.deleteIfExists(old.file));
        }
    }

    /**
     * Restores a backup into a Book that is open. The Book as it is now goes among the backups first. Other windows that have the
     * Book open see what was restored.
     *
     * @throws BookException if that can't be done; the Book is then as it was
     */
    public void restore(Path backup, BookFile open, LocalDateTime now) {
        explained(book, () -> {
            Path copy = beside(book);
            try {
                Files.createDirectories(folder);
                Files.copy(backup, copy);
                checkReadable(copy);
                keepNow("replaced", now);
                open.replaceWith(copy);
                return copy;
            } finally {
                Files.deleteIfExists(copy);
                Files.deleteIfExists(copy.resolveSibling(copy.getFileName() + "-journal"));
            }
        });
    }

    private static void checkReadable(Path copy) {
        try (BookFile readable = BookFile.open(copy)) {
            readable.checkWhole();
        } catch (BookException e) {
            throw new BookException("I can't restore this backup; the Book is unchanged. " + e.getMessage(), e);
        }
    }

    /**
     * Restores a backup in the place of a file that can't be opened as a Book. That file goes among the backups first.
     *
     * @throws BookException if that can't be done; everything is then as it was
     */
    public void replaceUnreadable(Path backup, LocalDateTime now) {
        explained(book, () -> {
            Path copy = beside(book);
            try {
                Files.copy(backup, copy);
                checkReadable(copy);
                setAside(now);
                Files.move(copy, book, StandardCopyOption.ATOMIC_MOVE);
                return copy;
            } finally {
                Files.deleteIfExists(copy);
                Files.deleteIfExists(copy.resolveSibling(copy.getFileName() + "-journal"));
            }
        });
    }

    /** Moves a file that can't be opened as a Book among the backups, so that a new Book can be made in its place. */
    public void setAside(LocalDateTime now) {
        explained(folder, () -> {
            Files.createDirectories(folder);
            String name = "replaced-" + MOMENT.format(now);
            if (Files.exists(book)) {
                Files.move(book, folder.resolve(name + ENDING));
            }
            // The journal, which undoes the damaged file's last change, stays beside it.
            Path journal = book.resolveSibling(book.getFileName() + "-journal");
            if (Files.exists(journal)) {
                Files.move(journal, folder.resolve(name + ENDING + "-journal"));
            }
            return book;
        });
    }
}
