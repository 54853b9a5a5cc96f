package nimblestride.sound.wav;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.Locale;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;
import nimblestride.files.FileException;
import nimblestride.files.SourceFile;
import nimblestride.files.UnreadableFileException;
import nimblestride.sound.kit.Sample;

/** Reads the player's own recording from a WAV file of any rate, bit depth, and number of channels. */
public final class Recording {
    /** The longest recording, in seconds. */
    public static final int MAX_SECONDS = 10;

    private static final int BYTES_PER_SAMPLE = 2;

    private Recording() {}

    /**
     * Reads a file.
     *
     * @param sampleRate of the sample it returns
     * @throws FileException if the file is missing, holds no sound, is empty, or is too long
     */
    public static Sample read(Path file, int sampleRate) {
        try (InputStream bytes = new BufferedInputStream(SourceFile.open(file, "a WAV file"));
                AudioInputStream found = AudioSystem.getAudioInputStream(bytes)) {
            AudioFormat format = found.getFormat();
            double seconds = found.getFrameLength() / (double) format.getFrameRate();
            if (seconds > MAX_SECONDS) {
                throw new UnreadableFileException(String.format(
                        Locale.ROOT,
                        "%s lasts %.1f s; a voice's sound can last up to %d s",
                        file,
                        seconds,
                        MAX_SECONDS));
            }
            AudioFormat wanted = new AudioFormat(sampleRate, 8 * BYTES_PER_SAMPLE, format.getChannels(), true, false);
            try (AudioInputStream converted = AudioSystem.getAudioInputStream(wanted, found)) {
                return mono(converted, file, sampleRate);
            }
        } catch (UnsupportedAudioFileException | IllegalArgumentException e) {
            throw new UnreadableFileException(
                    file + " is not a WAV file this program can read; use PCM, as recorders write it");
        } catch (IOException e) {
            throw FileException.reading(file, e);
        }
    }

    private static Sample mono(AudioInputStream from, Path file, int sampleRate) throws IOException {
        int channels = from.getFormat().getChannels();
        byte[] bytes = from.readNBytes(MAX_SECONDS * sampleRate * channels * BYTES_PER_SAMPLE);
        int frames = bytes.length / (channels * BYTES_PER_SAMPLE);
        if (frames == 0) {
            throw new UnreadableFileException(file + " has no sound");
        }
        float[] samples = new float[frames];
        for (int frame = 0; frame < frames; frame++) {
            float sum = 0;
            for (int channel = 0; channel < channels; channel++) {
                int at = (frame * channels + channel) * BYTES_PER_SAMPLE;
                sum += (short) ((bytes[at] & 255) | (bytes[at + 1] << 8));
            }
            samples[frame] = sum / channels / Short.MAX_VALUE;
        }
        return new Sample(samples);
    }
}
