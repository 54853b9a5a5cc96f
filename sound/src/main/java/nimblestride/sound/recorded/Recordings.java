package nimblestride.sound.recorded;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;

/**
 * The recordings that ship with the program, decoded whenever they are asked for: who asks keeps what is made of them. They
 * begin half a millisecond before the stroke is heard, at most.
 */
final class Recordings {
    /** Strokes of each sound, the softest first. */
    static final int LAYERS = 5;

    /** Samples per second. */
    static final int RATE = 44_100;

    private static final int BITS = 16;
    /** A stroke begins where it reaches this share of its peak. */
    private static final double BEGUN = 0.1;
    /** It is heard where it reaches this share of what it peaks at soon after. */
    private static final double HEARD = 0.6;
    /** How soon, in samples: a cymbal goes on to swell, and a hi-hat takes some time to close. */
    private static final int SOON = RATE / 50;
    /** How much is kept before it is heard, in samples: half a millisecond. */
    private static final int BEFORE = RATE / 2_000;
    /** Over how many samples it fades in, so that nothing clicks. */
    private static final int FADE = 12;

    private Recordings() {}

    /**
     * Returns a stroke, from -1 to 1.
     *
     * @param sound such as {@code kick}
     * @param layer from 0, the softest, to 4
     */
    static float[] stroke(String sound, int layer) {
        String file = sound + "-" + (layer + 1) + ".flac";
        try (InputStream in = Recordings.class.getResourceAsStream(file);
                AudioInputStream compressed = AudioSystem.getAudioInputStream(new BufferedInputStream(in));
                AudioInputStream plain =
                        AudioSystem.getAudioInputStream(new AudioFormat(RATE, BITS, 1, true, false), compressed)) {
            return heard(plain.readAllBytes());
        } catch (UnsupportedAudioFileException e) {
            throw new IllegalStateException("the recording " + file + " can't be decoded", e);
        } catch (IOException e) {
            throw new UncheckedIOException("the recording " + file + " can't be read", e);
        }
    }

    private static float[] heard(byte[] bytes) {
        float[] all = new float[bytes.length / 2];
        float peak = 0;
        for (int i = 0; i < all.length; i++) {
            all[i] = (short) ((bytes[2 * i] & 255) | (bytes[2 * i + 1] << 8)) / (float) (1 << (BITS - 1));
            peak = Math.max(peak, Math.abs(all[i]));
        }
        int begun = reaching(BEGUN * peak, all, 0);
        float soon = 0;
        for (int i = begun; i < Math.min(all.length, begun + SOON); i++) {
            soon = Math.max(soon, Math.abs(all[i]));
        }
        int heard = reaching(HEARD * soon, all, begun);
        int from = Math.max(0, Math.max(begun - FADE, heard - BEFORE));
        float[] stroke = new float[all.length - from];
        for (int i = 0; i < stroke.length; i++) {
            stroke[i] = all[from + i] * Math.min(1, (i + 1f) / FADE);
        }
        return stroke;
    }

    /** Returns the first sample from a place on that is as large as asked; one is. */
    private static int reaching(double size, float[] samples, int from) {
        int at = from;
        while (Math.abs(samples[at]) < size) {
            at++;
        }
        return at;
    }
}
