package nimblestride.sound.recording;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.EnumSet;
import java.util.HexFormat;
import java.util.UUID;
import nimblestride.files.FileException;
import nimblestride.files.SourceFile;

/**
 * The recordings of a Book, in one folder: each is copied there once, under the SHA-256 of what it holds, so that it does
 * not matter what becomes of the file it came from.
 *
 * @param folder made when the first recording comes
 */
public record RecordingShelf(Path folder) {
    private static final String COMING = ".coming";
    private static final int BLOCK = 1 << 16;

    /**
     * Copies a recording, unless one with the same content is there.
     *
     * @return SHA-256 of what it holds, in small hexadecimal digits
     * @throws FileException if it is no recording, or can't be copied; nothing has changed then
     */
    public String add(Path source) {
        DecodedAudio.open(source, EnumSet.allOf(AudioKind.class)).close();
        try {
            Files.createDirectories(folder);
            Path coming = folder.resolve(COMING + UUID.randomUUID());
            try {
                String content = SourceFile.read(source, "a recording", in -> copy(in, coming));
                if (!Files.exists(file(content))) {
                    Files.move(coming, file(content));
                }
                return content;
            } finally {
                Files.deleteIfExists(coming);
            }
        } catch (IOException e) {
            throw FileException.writing(folder, e);
        }
    }

    /** Copies everything, and returns its SHA-256. A failure to write says so. */
    private static String copy(InputStream in, Path file) throws IOException {
        MessageDigest digest = sha256();
        byte[] block = new byte[BLOCK];
        try (OutputStream out = Files.newOutputStream(file)) {
            for (int count = in.read(block); count > 0; count = in.read(block)) {
                digest.update(block, 0, count);
                write(out, block, count, file);
            }
        }
        return HexFormat.of().formatHex(digest.digest());
    }

    private static void write(OutputStream out, byte[] block, int count, Path file) {
        try {
            out.write(block, 0, count);
        } catch (IOException e) {
            throw FileException.writing(file.getParent(), e);
        }
    }

    private static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("SHA-256 is missing", e);
        }
    }

    /** Returns the file of a recording; it may be missing. */
    public Path file(String content) {
        return folder.resolve(content);
    }
}
