package nimblestride.sound.soundfont;

import java.io.EOFException;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import nimblestride.files.UnreadableFileException;

/** Finds the chunks of a RIFF file and reads parts of them; no more of the file is held in memory. */
final class RiffFile {
    private static final int HEADER = 8;
    private static final int NAME = 4;
    /** The most chunks; more would be no soundfont. */
    private static final int MAX_CHUNKS = 10_000;

    private final Path file;
    private final FileChannel channel;
    private final Map<String, Chunk> chunks = new LinkedHashMap<>();

    /** A named part of the file. */
    record Chunk(long start, long size) {}

    /**
     * Finds the chunks, those within lists too.
     *
     * @param kind the four letters after the header
     * @throws UnreadableFileException if it is another kind of file, or a chunk ends after the file
     */
    RiffFile(Path file, FileChannel channel, String kind) throws IOException {
        this.file = file;
        this.channel = channel;
        long size = channel.size();
        if (size < HEADER + NAME || !name(0).equals("RIFF") || !name(HEADER).equals(kind)) {
            throw new UnreadableFileException(file + " is no soundfont 2 file; it does not begin like one");
        }
        find(HEADER + NAME, Math.min(size, HEADER + size(NAME)));
    }

    private void find(long from, long to) throws IOException {
        long at = from;
        while (at + HEADER <= to && chunks.size() < MAX_CHUNKS) {
            String name = name(at);
            long size = size(at + NAME);
            long start = at + HEADER;
            if (size > to - start) {
                throw new UnreadableFileException(String.format(
                        Locale.ROOT,
                        "%s says that its part \"%s\" has %,d bytes, but only %,d are left; the file is cut off or damaged",
                        file,
                        name.strip(),
                        size,
                        to - start));
            }
            if (name.equals("LIST")) {
                find(start + NAME, start + size);
            } else {
                chunks.putIfAbsent(name, new Chunk(start, size));
            }
            at = start + size + size % 2;
        }
    }

    private String name(long at) throws IOException {
        return new String(bytes(at, NAME).array(), StandardCharsets.ISO_8859_1);
    }

    private long size(long at) throws IOException {
        return Integer.toUnsignedLong(bytes(at, Integer.BYTES).getInt());
    }

    /** Returns a chunk. Throws {@link UnreadableFileException} if there is none of that name. */
    Chunk chunk(String name) {
        Chunk chunk = chunks.get(name);
        if (chunk == null) {
            throw new UnreadableFileException(file + " has no part \"" + name + "\", as every soundfont has");
        }
        return chunk;
    }

    /** Reads bytes, the low end first. */
    ByteBuffer bytes(long at, int count) throws IOException {
        ByteBuffer read = ByteBuffer.allocate(count).order(ByteOrder.LITTLE_ENDIAN);
        while (read.hasRemaining()) {
            if (channel.read(read, at + read.position()) < 0) {
                throw new EOFException(file + " ends too early");
            }
        }
        return read.flip();
    }
}
