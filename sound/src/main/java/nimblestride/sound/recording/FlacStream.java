package nimblestride.sound.recording;

import java.io.IOException;
import java.io.InputStream;
import java.util.Arrays;
import java.util.Set;
import javax.sound.sampled.AudioFormat;
import org.jflac.FLACDecoder;
import org.jflac.frame.Frame;
import org.jflac.metadata.StreamInfo;
import org.jflac.util.ByteData;

/** Decodes FLAC, the low byte first. */
final class FlacStream extends DecodedBlocks {
    private static final Set<Integer> BITS = Set.of(8, 16, 24);

    private final FLACDecoder decoder;
    private final StreamInfo info;

    /** @throws IOException if it can't be read, or has a number of bits that the decoder does not know */
    FlacStream(InputStream in) throws IOException {
        super(in);
        decoder = new FLACDecoder(new FlacFrames(in));
        info = decoder.readStreamInfo();
        if (!BITS.contains(info.getBitsPerSample())) {
            throw new IOException("it has " + info.getBitsPerSample() + " bits; FLAC of 8, 16, or 24 bits can be read");
        }
    }

    AudioFormat format() {
        return info.getAudioFormat();
    }

    @Override
    byte[] next() throws IOException {
        Frame frame = decoder.readNextFrame();
        if (frame == null) {
            return new byte[0];
        }
        ByteData decoded = decoder.decodeFrame(frame, null);
        return Arrays.copyOf(decoded.getData(), decoded.getLen());
    }
}
