package nimblestride.sound.room;

import java.util.Arrays;

/**
 * Adds the answer of a room of modest size: six echoes, 7 to 23 ms long, that feed each other, lose their highs, and
 * fade by 60 dB in 0.4 s (a feedback delay network: Jot and Chaigne, "Digital delay networks for designing artificial
 * reverberators", 90th Convention of the Audio Engineering Society, 1991; quoted from memory). Below 150 Hz it answers
 * little, so that the kick does not boom. It allocates nothing while it runs, and blocks of any size give the same
 * samples. Not safe for use by several threads.
 */
public final class Room {
    /** The length of each echo, in seconds, no two in a simple ratio. */
    private static final double[] SECONDS = {0.00713, 0.00907, 0.01151, 0.01447, 0.01811, 0.02273};

    private static final int ECHOES = SECONDS.length;
    private static final double SECONDS_TO_FADE = 0.4;
    private static final double LOWEST = 150;
    /** How loud the answer is at level 1. */
    private static final float LOUDNESS = 0.16f;
    /** What is softer than this is not heard. */
    private static final float SILENCE = 1e-6f;
    /** In so many seconds, most of a change of level is made. */
    private static final double SECONDS_TO_GLIDE = 0.02;
    /** A level so near to the wanted one is the wanted one. */
    private static final float NEARLY = 1e-4f;

    private final Echo[] echoes = new Echo[ECHOES];
    /** How many samples are worked on at a time: no echo is shorter. */
    private final int stretch;

    private final float[] in;
    private final float[] sum;
    private final float[] answer;
    private final float[] coming;
    private final float lowShare;
    private final float glide;

    private float low;
    private float level;
    /** How many samples of a stretch have passed. */
    private int within;
    /** The loudest sample, in or out, of this stretch. */
    private float peak;
    /** How many silent samples have passed, in whole stretches. */
    private int quiet;

    private boolean asleep = true;

    /** @param sampleRate samples per second */
    public Room(int sampleRate) {
        stretch = Math.max(1, (int) (SECONDS[0] * sampleRate));
        for (int i = 0; i < ECHOES; i++) {
            int length = Math.max(stretch, (int) Math.round(SECONDS[i] * sampleRate));
            echoes[i] = new Echo(length, stretch, StrictMath.pow(10, -3 * SECONDS[i] / SECONDS_TO_FADE));
        }
        in = new float[stretch];
        sum = new float[stretch];
        answer = new float[stretch];
        coming = new float[stretch];
        lowShare = (float) (1 - StrictMath.exp(-2 * Math.PI * LOWEST / sampleRate));
        glide = (float) (1 - StrictMath.exp(-1 / (SECONDS_TO_GLIDE * sampleRate)));
    }

    /**
     * Adds the answer to what is played.
     *
     * @param wanted how loud it is to be; 0 for no room. A change takes a moment
     */
    public void answer(float[] block, int frames, float wanted) {
        if (wanted == 0 && level == 0) {
            fallAsleep();
            return;
        }
        int from = 0;
        while (from < frames) {
            int count = Math.min(stretch - within, frames - from);
            if (asleep) {
                // Nothing rings yet that would jump, however much of the stretch is in this block.
                level = wanted;
            }
            if (!asleep || !isSilent(block, from, count)) {
                asleep = false;
                answer(block, from, count, wanted);
            }
            from += count;
            within += count;
            if (within == stretch) {
                fallAsleepWhereNothingIsHeard();
            }
        }
    }

    private static boolean isSilent(float[] block, int from, int count) {
        for (int i = from; i < from + count; i++) {
            if (block[i] != 0) {
                return false;
            }
        }
        return true;
    }

    /** Decides at the end of each stretch, wherever blocks end. */
    private void fallAsleepWhereNothingIsHeard() {
        quiet = peak < SILENCE ? quiet + stretch : 0;
        within = 0;
        peak = 0;
        if (quiet > echoes[ECHOES - 1].length()) {
            fallAsleep();
        }
    }

    private void fallAsleep() {
        if (!asleep) {
            asleep = true;
            low = 0;
            for (Echo echo : echoes) {
                echo.clear();
            }
        }
    }

    private void answer(float[] block, int from, int count, float wanted) {
        withoutLows(block, from, count);
        Arrays.fill(sum, 0, count, 0);
        Arrays.fill(answer, 0, count, 0);
        for (int e = 0; e < ECHOES; e++) {
            mix(echoes[e].next(count), e % 2 == 0 ? LOUDNESS : -LOUDNESS, sum, answer, count);
        }
        for (Echo echo : echoes) {
            reflect(in, echo.heard(), sum, coming, count);
            echo.put(coming, count);
        }
        peak = Math.max(peak, Math.max(peak(in, count), peak(answer, count)));
        if (level == wanted) {
            for (int i = 0; i < count; i++) {
                block[from + i] += level * answer[i];
            }
        } else {
            glide(block, from, count, wanted);
        }
    }

    private static float peak(float[] samples, int count) {
        float peak = 0;
        for (int i = 0; i < count; i++) {
            float size = Math.abs(samples[i]);
            if (size > peak) {
                peak = size;
            }
        }
        return peak;
    }

    private void glide(float[] block, int from, int count, float wanted) {
        for (int i = 0; i < count; i++) {
            level = Math.abs(wanted - level) < NEARLY ? wanted : level + glide * (wanted - level);
            block[from + i] += level * answer[i];
        }
    }

    private void withoutLows(float[] block, int from, int count) {
        float lows = low;
        for (int i = 0; i < count; i++) {
            float sample = block[from + i];
            lows += lowShare * (sample - lows);
            in[i] = sample - lows;
        }
        low = lows;
    }

    private static void mix(float[] heard, float gain, float[] sum, float[] answer, int count) {
        for (int i = 0; i < count; i++) {
            sum[i] += heard[i];
            answer[i] += gain * heard[i];
        }
    }

    /** Makes of what is played and what all echoes give what goes into one: a Householder reflection, which loses nothing. */
    private static void reflect(float[] in, float[] heard, float[] sum, float[] coming, int count) {
        for (int i = 0; i < count; i++) {
            coming[i] = in[i] + heard[i] - 2f / ECHOES * sum[i];
        }
    }
}
