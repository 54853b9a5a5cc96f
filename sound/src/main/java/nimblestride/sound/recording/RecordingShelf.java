package nimblestride.sound.recording;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.EnumSet;
import java.util.HexFormat;
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

    /**
     * Copies a recording, unless one with the same content is there.
     *
     * @return SHA-256 of what it holds, in small hexadecimal digits
     * @throws FileException if it is no recording, or can't be copied; nothing has changed then
     */
    public String add(Path source) {
        DecodedAudio.open(source, EnumSet.allOf(AudioKind.class)).close();
        Path coming = folder.resolve(COMING);
        try (InputStream in = SourceFile.open(source, "a recording")) {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            Files.createDirectories(folder);
            Files.copy(new DigestInputStream(in, digest), coming, StandardCopyOption.REPLACE_EXISTING);
            String content = HexFormat.of().formatHex(digest.digest());
            if (Files.exists(file(content))) {
                Files.delete(coming);
            } else {
                Files.move(coming, file(content));
            }
            return content;
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("SHA-256 is missing", e);
        } catch (IOException e) {
            throw FileException.writing(folder, e);
        }
    }

    /** Returns the file of a recording; it may be missing. */
    public Path file(String content) {
        return folder.resolve(content);
    }
}
