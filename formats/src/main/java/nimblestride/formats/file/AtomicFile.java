package nimblestride.formats.file;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.file.AccessDeniedException;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.UUID;

/** Writes a file so that at every moment either the old one or the new one is there, complete. */
public final class AtomicFile {
    private AtomicFile() {}

    /** What a file is to hold, written piece by piece. */
    public interface Content {
        void writeTo(OutputStream out) throws IOException;
    }

    /**
     * Writes beside the file, forces it to disk, and puts it in place in one step.
     *
     * @throws IOException with a message for the user, naming the file, if it cannot be written; what was there before
     *     is untouched
     */
    public static void write(Path file, byte[] content) throws IOException {
        write(file, out -> out.write(content));
    }

    /** The same for what is too large to be held in memory. */
    public static void write(Path file, Content content) throws IOException {
        Path target = Files.exists(file) ? file.toRealPath() : file.toAbsolutePath();
        Path beside = null;
        try {
            if (Files.isDirectory(target)) {
                throw new IOException(file + " is a folder; expected the name of a file in it");
            }
            if (Files.exists(target) && !Files.isWritable(target)) {
                throw new AccessDeniedException(target.toString());
            }
            // Not a temporary file of the system's kind: those can be read by their owner alone, and this one stays.
            beside = target.resolveSibling("." + target.getFileName() + "-" + UUID.randomUUID() + ".part");
            try (FileChannel channel =
                    FileChannel.open(beside, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE)) {
                OutputStream out = new BufferedOutputStream(Channels.newOutputStream(channel));
                content.writeTo(out);
                out.flush();
                channel.force(true);
            }
            moveIntoPlace(beside, target);
        } catch (NoSuchFileException e) {
            throw new IOException("there is no folder " + target.getParent() + " to write into", e);
        } catch (AccessDeniedException e) {
            throw new IOException(file + " cannot be written: the folder or file does not allow it", e);
        } catch (FileSystemException e) {
            throw new IOException(file + " cannot be written: " + e.getReason(), e);
        } finally {
            if (beside != null) {
                Files.deleteIfExists(beside);
            }
        }
    }

    private static void moveIntoPlace(Path from, Path to) throws IOException {
        try {
            Files.move(from, to, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (AtomicMoveNotSupportedException e) {
            Files.move(from, to, StandardCopyOption.REPLACE_EXISTING);
        }
    }
}
