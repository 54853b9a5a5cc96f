package nimblestride.sound.render;

import java.util.Arrays;

/**
 * Keeps a mix below full scale. It looks 3 ms ahead, so that it has turned the level down before a peak comes, and lets it
 * rise again in a moment after. It bends no sample and cuts off none: its gain is an average of what the samples ahead
 * need, so it never changes suddenly (a common design of limiters). What it returns is what it got 3 ms before. It
 * allocates nothing while it runs.
 */
final class LookAheadLimiter {
    /** The highest level it lets through. */
    static final float CEILING = 0.98f;

    private static final double SECONDS_AHEAD = 0.003;
    /** A gain so near 1 is 1. */
    private static final double NEARLY_ALL = 0.9999;

    /** In this time, most of what was taken is given back. */
    private static final double SECONDS_TO_RISE = 0.12;

    private final int ahead;
    private final double rise;
    private final float[] delayed;
    private final double[] gains;
    /** The lowest gains that samples ahead need, rising from the first: each is lower than all before it. */
    private final double[] needed;
    /** When each of them goes out of sight. */
    private final long[] until;

    private int first;
    private int count;
    private long now;
    private int place;
    private double held = 1;
    private double sum;
    /** For how many samples the gain has been 1. */
    private int untouched;

    LookAheadLimiter(int sampleRate) {
        ahead = Math.max(1, (int) Math.round(SECONDS_AHEAD * sampleRate));
        rise = 1 - Math.exp(-1 / (SECONDS_TO_RISE * sampleRate));
        delayed = new float[ahead];
        gains = new double[ahead];
        needed = new double[ahead + 1];
        until = new long[ahead + 1];
        Arrays.fill(gains, 1);
        sum = ahead;
        untouched = ahead;
    }

    /** Returns by how many samples the mix comes out later. */
    int ahead() {
        return ahead;
    }

    /** Replaces each sample by the one that came some time before, turned down where the mix would be too loud. */
    void limit(float[] block, int frames) {
        if (isIdle() && isSoft(block, frames)) {
            delay(block, frames);
            return;
        }
        for (int i = 0; i < frames; i++) {
            float coming = block[i];
            double low = lowest(CEILING / Math.max(CEILING, Math.abs(coming)));
            held = Math.min(low, held + rise * (1 - held));
            if (held > NEARLY_ALL) {
                held = low;
            }
            sum += held - gains[place];
            gains[place] = held;
            untouched = held == 1 ? untouched + 1 : 0;
            if (untouched >= ahead) {
                // Nothing of what rounding has added stays.
                sum = ahead;
            }
            block[i] = (float) (delayed[place] * Math.min(1, sum / ahead));
            delayed[place] = coming;
            place = place + 1 == ahead ? 0 : place + 1;
            now++;
        }
    }

    /** Returns whether all gains are 1, so that it only delays. */
    private boolean isIdle() {
        return untouched >= ahead && (count == 0 || needed[first] == 1);
    }

    private static boolean isSoft(float[] block, int frames) {
        float peak = 0;
        for (int i = 0; i < frames; i++) {
            peak = Math.max(peak, Math.abs(block[i]));
        }
        return peak <= CEILING;
    }

    private void delay(float[] block, int frames) {
        for (int i = 0; i < frames; i++) {
            float coming = block[i];
            block[i] = delayed[place];
            delayed[place] = coming;
            place = place + 1 == ahead ? 0 : place + 1;
        }
        now += frames;
        count = 0;
    }

    /** Returns the lowest gain that any sample ahead needs, with the one that comes now. */
    private double lowest(double gain) {
        while (count > 0 && until[first] < now) {
            first = wrapped(first + 1);
            count--;
        }
        while (count > 0 && needed[wrapped(first + count - 1)] >= gain) {
            count--;
        }
        int last = wrapped(first + count);
        needed[last] = gain;
        until[last] = now + ahead;
        count++;
        return needed[first];
    }

    private int wrapped(int index) {
        return index >= needed.length ? index - needed.length : index;
    }
}
