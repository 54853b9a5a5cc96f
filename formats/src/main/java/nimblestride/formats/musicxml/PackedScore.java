package nimblestride.formats.musicxml;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import nimblestride.files.UnreadableFileException;

/** A compressed score: an archive that names, in its container, the document to read. It is unpacked to memory, within bounds. */
final class PackedScore {
    /** The most bytes all that is unpacked may have. */
    static final int LARGEST_UNPACKED = 64 << 20;

    private static final int MOST_ENTRIES = 1_000;
    private static final String CONTAINER = "META-INF/container.xml";
    private static final Pattern ROOT_FILE =
            Pattern.compile("<rootfile\\b[^>]*\\bfull-path\\s*=\\s*[\"']([^\"']+)[\"']");

    private PackedScore() {}

    static boolean is(byte[] file) {
        return file.length > 3 && file[0] == 'P' && file[1] == 'K' && file[2] == 3 && file[3] == 4;
    }

    /** The document that the container names; without one, the first that looks like a score. */
    static byte[] document(byte[] file) throws UnreadableFileException {
        Map<String, byte[]> entries = unpacked(file);
        Optional<String> named = Optional.ofNullable(entries.get(CONTAINER)).flatMap(PackedScore::rootFile);
        return named.map(entries::get)
                .or(() -> entries.entrySet().stream()
                        .filter(entry -> looksLikeScore(entry.getKey()))
                        .map(Map.Entry::getValue)
                        .findFirst())
                .orElseThrow(() -> new UnreadableFileException(
                        "this archive holds no score; expected " + CONTAINER + " that names one"));
    }

    private static Optional<String> rootFile(byte[] container) {
        Matcher found = ROOT_FILE.matcher(new String(container, StandardCharsets.UTF_8));
        return found.find() ? Optional.of(found.group(1)) : Optional.empty();
    }

    private static boolean looksLikeScore(String name) {
        String small = name.toLowerCase(Locale.ROOT);
        return !small.startsWith("meta-inf/") && (small.endsWith(".xml") || small.endsWith(".musicxml"));
    }

    private static Map<String, byte[]> unpacked(byte[] file) throws UnreadableFileException {
        Map<String, byte[]> entries = new HashMap<>();
        int room = LARGEST_UNPACKED;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(file))) {
            int count = 0;
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                byte[] content = zip.readNBytes(room + 1);
                room -= content.length;
                if (room < 0 || ++count > MOST_ENTRIES) {
                    throw new UnreadableFileException(String.format(
                            "this archive unpacks to more than %,d bytes or %,d files; a score has fewer",
                            LARGEST_UNPACKED, MOST_ENTRIES));
                }
                // Pictures and sounds beside the score are not kept.
                if (looksLikeScore(entry.getName()) || entry.getName().equals(CONTAINER)) {
                    entries.putIfAbsent(entry.getName(), content);
                }
            }
        } catch (UnreadableFileException e) {
            throw e;
        } catch (IOException | IllegalArgumentException e) {
            throw new UnreadableFileException("this archive is damaged or breaks off (" + e.getMessage() + ")");
        }
        return entries;
    }
}
