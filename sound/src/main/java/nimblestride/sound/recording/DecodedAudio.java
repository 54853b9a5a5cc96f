package nimblestride.sound.recording;

import java.io.BufferedInputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.FloatBuffer;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioFormat.Encoding;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;
import nimblestride.files.FileException;
import nimblestride.files.SourceFile;
import nimblestride.files.UnreadableFileException;

/** Decodes a recording piece by piece, in one channel or two. Close it. Not safe for several threads. */
public final class DecodedAudio implements AutoCloseable {
    private static final int BITS = 16;
    private static final int MAX_CHANNELS = 32;
    private static final int MIN_RATE = 1_000;
    private static final int MAX_RATE = 768_000;
    private static final double UNKNOWN = -1;

    private final Path file;
    private final AudioInputStream floats;
    private final int channels;
    private final int sampleRate;
    private final double seconds;
    private byte[] bytes = new byte[0];
    private FloatBuffer interleaved = FloatBuffer.allocate(0);

    private DecodedAudio(Path file, AudioInputStream floats, double seconds) {
        this.file = file;
        this.floats = floats;
        this.channels = floats.getFormat().getChannels();
        this.sampleRate = Math.round(floats.getFormat().getSampleRate());
        this.seconds = seconds;
    }

    /**
     * Opens a file.
     *
     * @param kinds that may be read
     * @throws FileException if it is missing, of another kind, or not as its kind should be
     */
    public static DecodedAudio open(Path file, Set<AudioKind> kinds) {
        String wanted =
                String.join(", ", kinds.stream().map(AudioKind::name).sorted().toList());
        InputStream bytes = new BufferedInputStream(SourceFile.open(file, "a recording (" + wanted + ")"));
        boolean opened = false;
        try {
            bytes.mark(AudioKind.BYTES);
            Optional<AudioKind> kind = AudioKind.of(bytes.readNBytes(AudioKind.BYTES));
            bytes.reset();
            if (kind.filter(kinds::contains).isEmpty()) {
                throw new UnreadableFileException(
                        file + " is no recording this program can read; use one of these: " + wanted);
            }
            DecodedAudio decoded = decoded(file, stream(kind.get(), bytes));
            opened = true;
            return decoded;
        } catch (FileException e) {
            throw e;
        } catch (UnsupportedAudioFileException | EOFException | RuntimeException | OutOfMemoryError e) {
            // Decoders meet damage with whatever exception it leads to; a damaged length asks for all memory at once.
            throw new UnreadableFileException(file + " can't be decoded; it is damaged, or compressed in another way");
        } catch (IOException e) {
            throw FileException.reading(file, e);
        } finally {
            if (!opened) {
                closeQuietly(bytes);
            }
        }
    }

    private static AudioInputStream stream(AudioKind kind, InputStream bytes)
            throws IOException, UnsupportedAudioFileException {
        if (kind == AudioKind.FLAC) {
            FlacStream flac = new FlacStream(bytes);
            return new AudioInputStream(flac, flac.format(), AudioSystem.NOT_SPECIFIED);
        }
        if (kind != AudioKind.OGG) {
            return AudioSystem.getAudioInputStream(bytes);
        }
        VorbisStream vorbis = new VorbisStream(bytes);
        return new AudioInputStream(vorbis, vorbis.format(), AudioSystem.NOT_SPECIFIED);
    }

    private static void closeQuietly(InputStream bytes) {
        try {
            bytes.close();
        } catch (IOException e) {
            // It could not be read either, and that is said.
        }
    }

    private static DecodedAudio decoded(Path file, AudioInputStream found) {
        AudioFormat format = found.getFormat();
        float rate = format.getSampleRate();
        int channels = format.getChannels();
        if (!(rate >= MIN_RATE && rate <= MAX_RATE) || channels < 1 || channels > MAX_CHANNELS) {
            throw new UnreadableFileException(String.format(
                    Locale.ROOT,
                    "%s says it has %d channels at %,.0f Hz; use 1 to %d channels at %,d to %,d Hz",
                    file,
                    channels,
                    rate,
                    MAX_CHANNELS,
                    MIN_RATE,
                    MAX_RATE));
        }
        double seconds = isPlain(format) && found.getFrameLength() > 0 ? found.getFrameLength() / rate : UNKNOWN;
        AudioFormat wanted =
                new AudioFormat(Encoding.PCM_FLOAT, rate, Float.SIZE, channels, Float.BYTES * channels, rate, false);
        return new DecodedAudio(file, AudioSystem.getAudioInputStream(wanted, plain(found)), seconds);
    }

    private static boolean isPlain(AudioFormat format) {
        return format.getEncoding().toString().startsWith("PCM")
                || format.getEncoding().equals(Encoding.ULAW)
                || format.getEncoding().equals(Encoding.ALAW);
    }

    /** Returns what a compressed stream holds; others as they are. */
    private static AudioInputStream plain(AudioInputStream found) {
        AudioFormat format = found.getFormat();
        if (isPlain(format)) {
            return found;
        }
        int bits = format.getSampleSizeInBits() == AudioSystem.NOT_SPECIFIED ? BITS : format.getSampleSizeInBits();
        return AudioSystem.getAudioInputStream(
                new AudioFormat(format.getSampleRate(), bits, format.getChannels(), true, false), found);
    }

    /** Returns how many samples there are per second. */
    public int sampleRate() {
        return sampleRate;
    }

    /** Returns how long it is in seconds, by its own word; negative where it says nothing. */
    public double seconds() {
        return seconds;
    }

    /**
     * Reads the next samples, from -1 to 1.
     *
     * @return how many; 0 at the end
     * @throws FileException if the file can't be read on, or is damaged here
     */
    public int read(float[] samples) {
        int frames = readFrames(samples.length);
        for (int frame = 0; frame < frames; frame++) {
            samples[frame] = sum(frame, 0, channels) / channels;
        }
        return frames;
    }

    /**
     * Reads the next samples for the left and the right ear, from -1 to 1. One channel is on both sides; what is neither
     * left nor right is on both, too.
     *
     * @return how many; 0 at the end
     * @throws FileException if the file can't be read on, or is damaged here
     */
    public int read(float[] left, float[] right) {
        int frames = readFrames(left.length);
        for (int frame = 0; frame < frames; frame++) {
            if (channels == 1) {
                left[frame] = sum(frame, 0, 1);
                right[frame] = left[frame];
            } else {
                float both = sum(frame, 2, channels);
                left[frame] = (sum(frame, 0, 1) + both) / (channels - 1);
                right[frame] = (sum(frame, 1, 2) + both) / (channels - 1);
            }
        }
        return frames;
    }

    private int readFrames(int most) {
        int wanted = most * channels * Float.BYTES;
        if (bytes.length < wanted) {
            bytes = new byte[wanted];
        }
        try {
            int got = floats.readNBytes(bytes, 0, wanted);
            interleaved = ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN).asFloatBuffer();
            return got / (channels * Float.BYTES);
        } catch (FileException e) {
            throw e;
        } catch (IOException e) {
            throw FileException.reading(file, e);
        } catch (RuntimeException | OutOfMemoryError e) {
            // As on opening.
            throw new UnreadableFileException(file + " is damaged, and can't be decoded any further");
        }
    }

    private float sum(int frame, int from, int to) {
        float sum = 0;
        for (int channel = from; channel < to; channel++) {
            sum += interleaved.get(frame * channels + channel);
        }
        if (!Float.isFinite(sum)) {
            throw new UnreadableFileException(file + " holds a sample that is no number");
        }
        return sum;
    }

    @Override
    public void close() {
        closeQuietly(floats);
    }
}
