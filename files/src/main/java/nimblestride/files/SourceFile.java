package nimblestride.files;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.Locale;

/** Reads files that people name: only ordinary files, and never more of one than expected. */
public final class SourceFile {
    private SourceFile() {}

    /**
     * Reads a whole file.
     *
     * @param most the largest number of bytes it may have
     * @param what it should be, for messages: {@code an exercise file}
     * @throws FileException if it is not there, is no ordinary file, can't be read, or is larger
     */
    public static byte[] bytes(Path file, int most, String what) {
        try (InputStream in = open(file, what)) {
            // Counted while reading: what the system says of a file's size need not be true.
            byte[] read = in.readNBytes(most + 1);
            if (read.length > most) {
                throw new FileException(
                        String.format(Locale.ROOT, "%s is larger than %,d MB; %s is smaller", file, most >> 20, what));
            }
            return read;
        } catch (IOException e) {
            throw FileException.reading(file, e);
        }
    }

    /** Reads from a stream. */
    public interface Reading<T> {
        T from(InputStream in) throws IOException;
    }

    /**
     * Reads a file piece by piece, and closes it.
     *
     * @param what it should be, for messages: {@code an exercise file}
     * @throws FileException if it is not there, is no ordinary file, or can't be read
     */
    public static <T> T read(Path file, String what, Reading<T> reading) {
        try (InputStream in = open(file, what)) {
            return reading.from(in);
        } catch (IOException e) {
            throw FileException.reading(file, e);
        } catch (UncheckedIOException e) {
            throw FileException.reading(file, e.getCause());
        }
    }

    /**
     * Opens a file to read it piece by piece.
     *
     * @param what it should be, for messages: {@code an exercise file}
     * @throws FileException if it is not there, is no ordinary file, or can't be read
     */
    public static InputStream open(Path file, String what) {
        try {
            BasicFileAttributes attributes = Files.readAttributes(file, BasicFileAttributes.class);
            if (attributes.isDirectory()) {
                throw new FileException(file + " is a folder; expected " + what);
            }
            if (!attributes.isRegularFile()) {
                throw new FileException(file + " is a device or a pipe; expected " + what);
            }
            return Files.newInputStream(file);
        } catch (IOException e) {
            throw FileException.reading(file, e);
        }
    }
}
