package nimblestride.files;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.AccessDeniedException;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.UUID;
import java.util.regex.Pattern;

/** Writes a file so that at every moment either the old one or the new one is there, complete. */
public final class AtomicFile {
    private static final Pattern PART = Pattern.compile("\\..+-[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}\\.part");

    private static final long YOUNG_MILLISECONDS = 60_000;

    private AtomicFile() {}

    /** Writes what a file is to hold, piece by piece. */
    public interface Content {
        /** @throws IOException if the stream fails; {@link UncheckedIOException} does as well */
        void writeTo(OutputStream out) throws IOException;
    }

    /**
     * Writes beside the file, forces it to disk, and puts it in place in one step. Removes what a killed program has left half written
     * in the same folder.
     *
     * @throws FileException if it can't be written; what was there before is untouched
     */
    public static void write(Path file, byte[] content) {
        write(file, out -> out.write(content));
    }

    /** Does the same for content that is too large to hold in memory. */
    public static void write(Path file, Content content) {
        try {
            Path target = target(file);
            sweep(target.getParent());
            Path beside = target.resolveSibling("." + target.getFileName() + "-" + UUID.randomUUID() + ".part");
            try {
                // Not a temporary file of the system's kind: those can be read by their owner alone, and this one
                // stays.
                try (FileChannel channel =
                        FileChannel.open(beside, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE)) {
                    // Says that somebody is still writing it.
                    channel.tryLock();
                    OutputStream out = new BufferedOutputStream(Channels.newOutputStream(channel));
                    content.writeTo(out);
                    out.flush();
                    channel.force(true);
                }
                moveIntoPlace(beside, target);
            } finally {
                Files.deleteIfExists(beside);
            }
        } catch (IOException e) {
            throw FileException.writing(file, e);
        } catch (UncheckedIOException e) {
            throw FileException.writing(file, e.getCause());
        }
    }

    private static Path target(Path file) throws IOException {
        if (!Files.exists(file)) {
            if (Files.exists(file, LinkOption.NOFOLLOW_LINKS)) {
                throw new FileException(file + " is a link to a missing file; choose another name");
            }
            return file.toAbsolutePath();
        }
        Path target = file.toRealPath();
        if (Files.isDirectory(target)) {
            throw new FileException(file + " is a folder; add a file name");
        }
        if (!Files.isRegularFile(target)) {
            throw new FileException(file + " is a device or a pipe; choose a file");
        }
        if (!Files.isWritable(target)) {
            throw new AccessDeniedException(target.toString());
        }
        return target;
    }

    private static void moveIntoPlace(Path from, Path to) throws IOException {
        try {
            Files.move(from, to, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (AtomicMoveNotSupportedException e) {
            Files.move(from, to, StandardCopyOption.REPLACE_EXISTING);
        }
    }

    /** Removes what a killed program left half written in a folder, and leaves what another program is writing. */
    private static void sweep(Path folder) throws IOException {
        try (DirectoryStream<Path> parts = Files.newDirectoryStream(
                folder, file -> PART.matcher(file.getFileName().toString()).matches())) {
            for (Path part : parts) {
                if (isAbandoned(part)) {
                    Files.deleteIfExists(part);
                }
            }
        } catch (NoSuchFileException e) {
            // Another program has swept it.
        }
    }

    /** One that has just been made may not be locked yet. */
    private static boolean isAbandoned(Path part) throws IOException {
        long age = System.currentTimeMillis() - Files.getLastModifiedTime(part).toMillis();
        if (age < YOUNG_MILLISECONDS) {
            return false;
        }
        try (FileChannel channel = FileChannel.open(part, StandardOpenOption.WRITE)) {
            return channel.tryLock() != null;
        } catch (OverlappingFileLockException e) {
            return false;
        }
    }
}
