package nimblestride.sound.recording;

import java.io.IOException;
import java.io.InputStream;

/** Bytes that a decoder hands out a block at a time. */
abstract class DecodedBlocks extends InputStream {
    private final InputStream in;
    private byte[] block = new byte[0];
    private int at;

    /** @param in is closed at the end */
    DecodedBlocks(InputStream in) {
        this.in = in;
    }

    /** Decodes the next block. It is empty only at the end. */
    abstract byte[] next() throws IOException;

    @Override
    public final int read() throws IOException {
        byte[] one = new byte[1];
        return read(one, 0, 1) < 0 ? -1 : one[0] & 255;
    }

    @Override
    public final int read(byte[] to, int from, int length) throws IOException {
        if (at == block.length) {
            block = next();
            at = 0;
        }
        if (block.length == 0) {
            return -1;
        }
        int count = Math.min(length, block.length - at);
        System.arraycopy(block, at, to, from, count);
        at += count;
        return count;
    }

    @Override
    public final void close() throws IOException {
        in.close();
    }
}
