package nimblestride.sound.recording;

import com.jcraft.jogg.Packet;
import com.jcraft.jogg.Page;
import com.jcraft.jogg.StreamState;
import com.jcraft.jogg.SyncState;
import com.jcraft.jorbis.Block;
import com.jcraft.jorbis.Comment;
import com.jcraft.jorbis.DspState;
import com.jcraft.jorbis.Info;
import java.io.IOException;
import java.io.InputStream;
import java.util.Arrays;
import javax.sound.sampled.AudioFormat;

/**
 * Decodes Ogg Vorbis to 16 bits, the low byte first, up to the very last sample (Vorbis I specification, Xiph.Org; the
 * loop is that of the library's own example, from memory).
 */
final class VorbisStream extends DecodedBlocks {
    private static final int HEADERS = 3;
    private static final int READ_AT_A_TIME = 4_096;
    private static final int BITS = 16;

    private final InputStream in;
    private final SyncState sync = new SyncState();
    private final StreamState stream = new StreamState();
    private final Page page = new Page();
    private final Packet packet = new Packet();
    private final Info info = new Info();
    private final DspState decoder = new DspState();
    private final Block block;

    /** @throws IOException if it can't be read, or is no Vorbis */
    VorbisStream(InputStream in) throws IOException {
        super(in);
        this.in = in;
        sync.init();
        info.init();
        Comment comment = new Comment();
        comment.init();
        if (!hasPage()) {
            throw new IOException("this is no Ogg file");
        }
        stream.init(page.serialno());
        stream.reset();
        stream.pagein(page);
        for (int header = 0; header < HEADERS; header++) {
            if (!hasPacket() || info.synthesis_headerin(comment, packet) < 0) {
                throw new IOException("this Ogg file holds no Vorbis");
            }
        }
        decoder.synthesis_init(info);
        block = new Block(decoder);
    }

    AudioFormat format() {
        return new AudioFormat(info.rate, BITS, info.channels, true, false);
    }

    /** Reads on to the next page. Returns false at the end. */
    private boolean hasPage() throws IOException {
        while (true) {
            int found = sync.pageout(page);
            if (found == 1) {
                return true;
            }
            if (found == 0) {
                int index = sync.buffer(READ_AT_A_TIME);
                int count = in.read(sync.data, index, READ_AT_A_TIME);
                if (count <= 0) {
                    return false;
                }
                sync.wrote(count);
            }
        }
    }

    private boolean hasPacket() throws IOException {
        while (true) {
            int found = stream.packetout(packet);
            if (found == 1) {
                return true;
            }
            if (found == 0) {
                if (!hasPage()) {
                    return false;
                }
                stream.pagein(page);
            }
        }
    }

    @Override
    byte[] next() throws IOException {
        float[][][] samples = new float[1][][];
        int[] index = new int[info.channels];
        byte[] decoded = new byte[0];
        while (decoded.length == 0 && hasPacket()) {
            if (block.synthesis(packet) == 0) {
                decoder.synthesis_blockin(block);
            }
            for (int count = decoder.synthesis_pcmout(samples, index);
                    count > 0;
                    count = decoder.synthesis_pcmout(samples, index)) {
                decoded = appended(decoded, samples[0], index, count);
                decoder.synthesis_read(count);
            }
        }
        return decoded;
    }

    private byte[] appended(byte[] before, float[][] samples, int[] index, int count) {
        int from = before.length;
        byte[] decoded = Arrays.copyOf(before, from + 2 * count * info.channels);
        for (int i = 0; i < count; i++) {
            for (int channel = 0; channel < info.channels; channel++) {
                float sample = Math.max(-1, Math.min(1, samples[channel][index[channel] + i]));
                int value = Math.round(sample * Short.MAX_VALUE);
                decoded[from++] = (byte) value;
                decoded[from++] = (byte) (value >> Byte.SIZE);
            }
        }
        return decoded;
    }
}
