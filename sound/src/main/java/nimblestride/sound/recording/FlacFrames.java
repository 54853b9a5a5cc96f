package nimblestride.sound.recording;

import java.io.ByteArrayInputStream;
import java.io.EOFException;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.SequenceInputStream;
import java.nio.ByteBuffer;
import java.util.Arrays;

/**
 * The sound of a FLAC file, without the comments and pictures around it (RFC 9639).
 *
 * <p>The decoder asks for all memory where the number of comments is damaged, and never ends where the number of samples
 * is. Here it gets neither of them, and is stopped when it reads on after the end again and again.
 */
final class FlacFrames extends FilterInputStream {
    private static final int MARKER_BYTES = 4;
    private static final int HEADER_BYTES = 4;
    private static final int STREAM_INFO_BYTES = 34;
    private static final int LAST = 0x80;
    private static final int LENGTH_MASK = 0xFF_FFFF;
    private static final int SAMPLES_AT = MARKER_BYTES + HEADER_BYTES + 13;
    private static final int SAMPLES_BYTES = 5;
    private static final int SHARED_BITS_MASK = 0xF0;
    private static final int MAX_READS_AFTER_END = 100;

    private int readsAfterEnd;

    /**
     * Reads up to the first frame.
     *
     * @throws EOFException if there is none
     */
    FlacFrames(InputStream in) throws IOException {
        super(new SequenceInputStream(new ByteArrayInputStream(head(in)), in));
    }

    private static byte[] head(InputStream in) throws IOException {
        byte[] head = in.readNBytes(MARKER_BYTES + HEADER_BYTES + STREAM_INFO_BYTES);
        if (head.length <= SAMPLES_AT + SAMPLES_BYTES) {
            throw new EOFException("this FLAC file ends in its header");
        }
        boolean last = (head[MARKER_BYTES] & LAST) != 0;
        while (!last) {
            byte[] header = in.readNBytes(HEADER_BYTES);
            if (header.length < HEADER_BYTES) {
                throw new EOFException("this FLAC file ends before its sound");
            }
            last = (header[0] & LAST) != 0;
            in.skipNBytes(ByteBuffer.wrap(header).getInt() & LENGTH_MASK);
        }
        head[MARKER_BYTES] |= (byte) LAST;
        head[SAMPLES_AT] &= (byte) SHARED_BITS_MASK;
        Arrays.fill(head, SAMPLES_AT + 1, SAMPLES_AT + SAMPLES_BYTES, (byte) 0);
        return head;
    }

    /** @throws IllegalStateException if the end was reached, and read on after, many times */
    @Override
    public int read() throws IOException {
        return checked(super.read());
    }

    /** @throws IllegalStateException if the end was reached, and read on after, many times */
    @Override
    public int read(byte[] to, int from, int length) throws IOException {
        return checked(super.read(to, from, length));
    }

    private int checked(int read) {
        if (read < 0) {
            readsAfterEnd++;
            if (readsAfterEnd > MAX_READS_AFTER_END) {
                throw new IllegalStateException("the file has ended");
            }
        }
        return read;
    }
}
