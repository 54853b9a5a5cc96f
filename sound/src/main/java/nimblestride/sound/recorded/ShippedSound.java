package nimblestride.sound.recorded;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;
import nimblestride.sound.recording.Recording;

/**
 * A recording that ships with the program. It is decoded whenever it is asked for: who asks keeps what is made of it.
 *
 * @param name such as {@code kick-3}
 * @param higher how much higher it is played than it was recorded, in semitones
 */
record ShippedSound(String name, int higher) implements Recording.Source {
    private static final int BITS = 16;

    @Override
    public Recording read() {
        String file = name + ".flac";
        try (InputStream in = ShippedSound.class.getResourceAsStream(file);
                AudioInputStream compressed = AudioSystem.getAudioInputStream(new BufferedInputStream(in));
                AudioInputStream plain = AudioSystem.getAudioInputStream(
                        new AudioFormat(compressed.getFormat().getSampleRate(), BITS, 1, true, false), compressed)) {
            return new Recording(
                            samples(plain.readAllBytes()),
                            compressed.getFormat().getSampleRate())
                    .higher(higher);
        } catch (UnsupportedAudioFileException e) {
            throw new IllegalStateException("the recording " + file + " can't be decoded", e);
        } catch (IOException e) {
            throw new UncheckedIOException("the recording " + file + " can't be read", e);
        }
    }

    private static float[] samples(byte[] bytes) {
        float[] samples = new float[bytes.length / 2];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (short) ((bytes[2 * i] & 255) | (bytes[2 * i + 1] << 8)) / (float) (1 << (BITS - 1));
        }
        return samples;
    }
}
