package nimblestride.formats.json;

import java.io.InputStream;
import java.io.OutputStream;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Consumer;
import nimblestride.core.practice.journal.LogEntry;
import nimblestride.files.UnreadableFileException;

/** Reads and writes somebody's log as a JSON file for a teacher: version {@value #VERSION} of the format. */
public final class LogJson {
    /** The name of the format in its files. */
    public static final String FORMAT = "nimble-stride-log";
    /** The version of the format. */
    public static final int VERSION = 1;

    private LogJson() {}

    /** Visits all entries. */
    public interface Teller {
        void forEach(Consumer<LogEntry> entries);
    }

    /**
     * Writes a log.
     *
     * @param name whose it is
     */
    public static void write(OutputStream out, String name, Teller log) {
        try (StreamedDocument.Writer writer = new StreamedDocument.Writer(out, FORMAT, VERSION)) {
            writer.member("name", name);
            log.forEach(entry -> writer.item("entries", node -> LogEntryJson.write(entry, node)));
        }
    }

    /**
     * Reads a log. Nothing that comes after an error is read.
     *
     * @return whose it is
     * @throws UnreadableFileException if it is no log of this version
     */
    public static String read(InputStream in, Consumer<LogEntry> entries) {
        Map<String, StreamedDocument.Item> lists = new TreeMap<>();
        lists.put("entries", place -> entries.accept(LogEntryJson.read(place)));
        return StreamedDocument.read(in, FORMAT, VERSION, lists).getOrDefault("name", "");
    }
}
