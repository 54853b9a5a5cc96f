package nimblestride.sound.recording;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.FloatBuffer;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioFormat.Encoding;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;
import nimblestride.files.FileException;
import nimblestride.files.SourceFile;
import nimblestride.files.UnreadableFileException;

/** Reads a stroke from a WAV or FLAC file of any rate, bit depth, and number of channels, which it mixes to one. */
public record RecordingFile(Path file) implements Recording.Source {
    /** The endings of the files it reads. */
    public static final List<String> ENDINGS = List.of("wav", "flac");

    /** The longest recording, in seconds. */
    public static final int MAX_SECONDS = 10;

    private static final String KIND = "a WAV or FLAC file";
    private static final int MAX_CHANNELS = 32;
    private static final int MAX_RATE = 768_000;

    /** @throws FileException if the file is missing, holds no sound, is empty, or is too long */
    @Override
    public Recording read() {
        try (InputStream bytes = new BufferedInputStream(SourceFile.open(file, KIND));
                AudioInputStream found = AudioSystem.getAudioInputStream(bytes)) {
            return read(found);
        } catch (UnsupportedAudioFileException | IllegalArgumentException e) {
            throw new UnreadableFileException(
                    file + " is not " + KIND + " this program can read; use PCM, as recorders write it");
        } catch (IOException e) {
            throw FileException.reading(file, e);
        }
    }

    private Recording read(AudioInputStream found) throws IOException {
        AudioFormat format = found.getFormat();
        float rate = format.getSampleRate();
        int channels = format.getChannels();
        if (!(rate >= 1 && rate <= MAX_RATE) || channels < 1 || channels > MAX_CHANNELS) {
            throw new UnreadableFileException(String.format(
                    Locale.ROOT,
                    "%s says it has %d channels at %,.0f Hz; use 1 to %d channels at up to %,d Hz",
                    file,
                    channels,
                    rate,
                    MAX_CHANNELS,
                    MAX_RATE));
        }
        checkLength(found.getFrameLength() / rate);
        AudioFormat wanted =
                new AudioFormat(Encoding.PCM_FLOAT, rate, Float.SIZE, channels, Float.BYTES * channels, rate, false);
        try (AudioInputStream plain = decoded(found);
                AudioInputStream floats = AudioSystem.getAudioInputStream(wanted, plain)) {
            // One frame more than allowed, as a file's own word on its length need not be true.
            int most = (int) (MAX_SECONDS * rate) + 1;
            byte[] bytes = floats.readNBytes(most * channels * Float.BYTES);
            Recording recording = new Recording(mono(bytes, channels), rate);
            checkLength(recording.seconds());
            return recording;
        }
    }

    private void checkLength(double seconds) {
        if (seconds > MAX_SECONDS) {
            throw new UnreadableFileException(String.format(
                    Locale.ROOT, "%s lasts %.1f s; a voice's sound can last up to %d s", file, seconds, MAX_SECONDS));
        }
    }

    /** Returns what a compressed stream holds; others as they are. */
    private static AudioInputStream decoded(AudioInputStream found) {
        AudioFormat format = found.getFormat();
        boolean compressed = format.getEncoding().toString().equals("FLAC");
        return compressed
                ? AudioSystem.getAudioInputStream(
                        new AudioFormat(
                                format.getSampleRate(),
                                format.getSampleSizeInBits(),
                                format.getChannels(),
                                true,
                                false),
                        found)
                : found;
    }

    private float[] mono(byte[] bytes, int channels) {
        FloatBuffer all = ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN).asFloatBuffer();
        float[] samples = new float[all.remaining() / channels];
        if (samples.length == 0) {
            throw new UnreadableFileException(file + " has no sound");
        }
        for (int frame = 0; frame < samples.length; frame++) {
            float sum = 0;
            for (int channel = 0; channel < channels; channel++) {
                sum += all.get();
            }
            if (!Float.isFinite(sum)) {
                throw new UnreadableFileException(file + " holds a sample that is no number");
            }
            samples[frame] = sum / channels;
        }
        return samples;
    }
}
