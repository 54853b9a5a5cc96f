package nimblestride.sound.recording;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.MappedByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.List;
import nimblestride.files.FileException;

/**
 * A recording ready to be played from any place at once, however long: decoded into a temporary file, of which the system
 * keeps in memory what is needed. Fill it from one thread; then any thread may read it.
 */
public final class PlayableRecording implements AutoCloseable {
    private static final int FRAME_BYTES = 4;
    private static final long FRAMES_PER_MAP = (1 << 28) / FRAME_BYTES;

    private final Path file;
    private final FileChannel channel;
    private final List<MappedByteBuffer> maps = new ArrayList<>();
    private long frames;
    private int rate = 1;
    private byte[] block = new byte[0];

    private PlayableRecording(Path file, FileChannel channel) {
        this.file = file;
        this.channel = channel;
    }

    /**
     * Creates an empty one.
     *
     * @throws FileException if there can be no temporary file
     */
    public static PlayableRecording create() {
        Path file = Path.of(System.getProperty("java.io.tmpdir"));
        try {
            file = Files.createTempFile(file, "stride-recording", ".raw");
            file.toFile().deleteOnExit();
            return new PlayableRecording(
                    file, FileChannel.open(file, StandardOpenOption.READ, StandardOpenOption.WRITE));
        } catch (IOException e) {
            throw FileException.writing(file, e);
        }
    }

    /**
     * Adds samples.
     *
     * @param sampleRate in samples per second, the same each time
     * @throws FileException if the disk is full
     */
    public void add(float[] left, float[] right, int count, int sampleRate) {
        rate = sampleRate;
        write(left, right, count);
    }

    private void write(float[] left, float[] right, int count) {
        if (block.length < count * FRAME_BYTES) {
            block = new byte[count * FRAME_BYTES];
        }
        for (int i = 0, at = 0; i < count; i++) {
            at = put(left[i], at);
            at = put(right[i], at);
        }
        ByteBuffer bytes = ByteBuffer.wrap(block, 0, count * FRAME_BYTES);
        try {
            while (bytes.hasRemaining()) {
                channel.write(bytes);
            }
        } catch (IOException e) {
            throw FileException.writing(file, e);
        }
        frames += count;
    }

    /** Puts a sample in sixteen bits, the low byte first. */
    private int put(float sample, int at) {
        // Comparing is faster here than Math.max and Math.round: every sample of a long recording comes by.
        float limited = sample > 1 ? 1 : sample < -1 ? -1 : sample;
        int value = (int) (limited * Short.MAX_VALUE + (limited < 0 ? -0.5f : 0.5f));
        block[at] = (byte) value;
        block[at + 1] = (byte) (value >> Byte.SIZE);
        return at + Short.BYTES;
    }

    /**
     * Ends it, so that it can be played.
     *
     * @throws FileException if the system can't hold it
     */
    public void end() {
        try (channel) {
            for (long from = 0; from < frames; from += FRAMES_PER_MAP) {
                long count = Math.min(FRAMES_PER_MAP, frames - from);
                MappedByteBuffer map =
                        channel.map(FileChannel.MapMode.READ_ONLY, from * FRAME_BYTES, count * FRAME_BYTES);
                map.order(ByteOrder.LITTLE_ENDIAN);
                maps.add(map);
            }
        } catch (IOException e) {
            throw FileException.reading(file, e);
        }
    }

    /** Returns how many samples there are per second. */
    public int sampleRate() {
        return rate;
    }

    /** Returns how many samples it has on each side. */
    public long frames() {
        return frames;
    }

    /** Returns a sample for the left ear, from -1 to 1; 0 before the start and after the end. */
    public float left(long frame) {
        return sample(frame, 0);
    }

    /** Returns a sample for the right ear, from -1 to 1; 0 before the start and after the end. */
    public float right(long frame) {
        return sample(frame, Short.BYTES);
    }

    private float sample(long frame, int offset) {
        if (frame < 0 || frame >= frames) {
            return 0;
        }
        MappedByteBuffer map = maps.get((int) (frame / FRAMES_PER_MAP));
        return map.getShort((int) (frame % FRAMES_PER_MAP) * FRAME_BYTES + offset) / (float) Short.MAX_VALUE;
    }

    /** Removes the temporary file; where the system still holds it, that happens when the program ends. */
    @Override
    public void close() {
        try {
            channel.close();
            Files.deleteIfExists(file);
        } catch (IOException e) {
            // It is removed when the program ends.
        }
    }
}
