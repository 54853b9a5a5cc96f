package nimblestride.sound.kit;

import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * An immutable recording: mono samples, mostly from -1 to 1. It rings out, or its end is held for as long as asked.
 */
public final class Sample {
    private static final int RINGS_OUT = -1;

    private final float[] samples;
    private final int heldFrom;

    /**
     * Makes a recording that rings out.
     *
     * @param samples are copied
     */
    public Sample(float... samples) {
        this(samples, RINGS_OUT);
    }

    private Sample(float[] samples, int heldFrom) {
        this.samples = samples.clone();
        this.heldFrom = heldFrom;
    }

    /** Returns the recording with its end, from a sample on, repeated until it is released. */
    public Sample heldFrom(int sample) {
        if (sample < 0 || sample >= samples.length) {
            throw new InvalidValueException("a sound of " + samples.length + " samples can't hold from " + sample);
        }
        return new Sample(samples, sample);
    }

    /** Returns how many samples it has. */
    public int length() {
        return samples.length;
    }

    /** Returns a copy of its samples. */
    public float[] samples() {
        return samples.clone();
    }

    /** Returns one sample. */
    public float at(int sample) {
        return samples[sample];
    }

    /** Returns whether nothing of it is left after some samples. */
    public boolean isOver(long played) {
        return heldFrom == RINGS_OUT && played >= samples.length;
    }

    /**
     * Adds what comes after some samples to a part of a block.
     *
     * @param level 1 for unchanged
     */
    public void mixInto(float[] block, int from, int to, long played, float level) {
        int at = from;
        long next = played;
        while (at < to && !isOver(next)) {
            int first = place(next);
            int count = Math.min(to - at, samples.length - first);
            for (int i = 0; i < count; i++) {
                block[at + i] += level * samples[first + i];
            }
            at += count;
            next += count;
        }
    }

    /** Returns the sample that comes after some others; zero after the end. */
    public float after(long played) {
        return isOver(played) ? 0 : samples[place(played)];
    }

    private int place(long played) {
        return played < samples.length
                ? (int) played
                : heldFrom + (int) ((played - heldFrom) % (samples.length - heldFrom));
    }
}
