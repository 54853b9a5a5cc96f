package nimblestride.formats.musicxml;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import nimblestride.files.UnreadableFileException;

/** Unpacks a compressed score to memory, within limits: an archive whose container names the document to read. */
final class CompressedScore {
    /** The most bytes of all that is unpacked. */
    static final int MAX_UNPACKED = 64 << 20;

    private static final int MAX_ENTRIES = 1_000;
    private static final String CONTAINER = "META-INF/container.xml";

    private CompressedScore() {}

    static boolean is(byte[] file) {
        return file.length > 3 && file[0] == 'P' && file[1] == 'K' && file[2] == 3 && file[3] == 4;
    }

    /** Returns the document that the container names; without one, the first that looks like a score. */
    static byte[] document(byte[] file) throws UnreadableFileException {
        Map<String, byte[]> entries = unpacked(file);
        Optional<String> named = Optional.ofNullable(entries.get(CONTAINER)).flatMap(CompressedScore::rootFile);
        return named.map(entries::get)
                .or(() -> entries.entrySet().stream()
                        .filter(entry -> looksLikeScore(entry.getKey()))
                        .map(Map.Entry::getValue)
                        .findFirst())
                .orElseThrow(() -> new UnreadableFileException(
                        "this archive has no score; expected " + CONTAINER + " that names one"));
    }

    /**
     * Returns the first root file that the container names (MusicXML 4.0, "Compressed .mxl files"); a comment names
     * none.
     */
    private static Optional<String> rootFile(byte[] container) {
        try {
            BoundedXml reader = BoundedXml.of(new StringReader(new String(container, StandardCharsets.UTF_8)));
            while (reader.hasNext()) {
                if (reader.next() == XMLStreamConstants.START_ELEMENT
                        && reader.element().equals("rootfile")) {
                    return Optional.ofNullable(reader.getAttributeValue(null, "full-path"));
                }
            }
            return Optional.empty();
        } catch (XMLStreamException e) {
            throw new UnreadableFileException("this archive's container is not XML (" + e.getMessage() + ")");
        }
    }

    private static boolean looksLikeScore(String name) {
        String small = name.toLowerCase(Locale.ROOT);
        return !small.startsWith("meta-inf/") && (small.endsWith(".xml") || small.endsWith(".musicxml"));
    }

    private static Map<String, byte[]> unpacked(byte[] file) throws UnreadableFileException {
        Map<String, byte[]> entries = new HashMap<>();
        int room = MAX_UNPACKED;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(file))) {
            int count = 0;
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                byte[] content = zip.readNBytes(room + 1);
                room -= content.length;
                if (room < 0 || ++count > MAX_ENTRIES) {
                    throw new UnreadableFileException(String.format(
                            Locale.ROOT,
                            "this archive unpacks to more than %,d bytes or %,d files, too large for a score",
                            MAX_UNPACKED,
                            MAX_ENTRIES));
                }
                // Pictures and sounds beside the score are dropped.
                if (looksLikeScore(entry.getName()) || entry.getName().equals(CONTAINER)) {
                    entries.putIfAbsent(entry.getName(), content);
                }
            }
        } catch (UnreadableFileException e) {
            throw e;
        } catch (IOException | IllegalArgumentException e) {
            throw new UnreadableFileException("this archive is damaged or cut off (" + e.getMessage() + ")");
        }
        return entries;
    }
}
