package nimblestride.sound.room;

import java.util.Arrays;

/** One echo: what goes in comes out after some samples, softer and duller. */
final class Echo {
    /** What a wall takes from the highs: each sample is mixed with the one before. */
    private static final float DULLNESS = 0.3f;

    private final float[] line;
    private final float gain;
    /** What comes out of the line, after the sample that came before. */
    private final float[] raw;

    private final float[] heard;
    private int place;

    /**
     * @param length in samples
     * @param most samples that are read at a time, up to the length
     * @param gain what is left of a sound after one echo, below 1
     */
    Echo(int length, int most, double gain) {
        this.line = new float[length];
        this.raw = new float[most + 1];
        this.heard = new float[most];
        this.gain = (float) gain;
    }

    int length() {
        return line.length;
    }

    /** Returns what came out last. */
    float[] heard() {
        return heard;
    }

    /** Returns the next samples of the echo, valid until it is asked again. */
    float[] next(int count) {
        int first = Math.min(count, line.length - place);
        System.arraycopy(line, place, raw, 1, first);
        System.arraycopy(line, 0, raw, 1 + first, count - first);
        dull(raw, gain * (1 - DULLNESS), gain * DULLNESS, heard, count);
        raw[0] = raw[count];
        return heard;
    }

    private static void dull(float[] raw, float now, float before, float[] heard, int count) {
        for (int i = 0; i < count; i++) {
            heard[i] = now * raw[i + 1] + before * raw[i];
        }
    }

    /** Puts in what will come out later, in the place of what has just come out. */
    void put(float[] coming, int count) {
        int first = Math.min(count, line.length - place);
        System.arraycopy(coming, 0, line, place, first);
        System.arraycopy(coming, first, line, 0, count - first);
        place = (place + count) % line.length;
    }

    void clear() {
        Arrays.fill(line, 0);
        raw[0] = 0;
    }
}
