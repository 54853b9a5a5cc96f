package nimblestride.sound.play;

import java.util.Arrays;

/** When the last sounds of the program began, and how loud it was, so that a microphone does not take them for hits. */
final class OwnSounds {
    private static final int KEPT = 512;
    private static final long NEVER = Long.MIN_VALUE / 2;

    /** A sound is loudest within so many times the distance after it began. */
    private static final int LOUD_FOR = 3;

    private final long[] frames = new long[KEPT];
    private final float[] peaks = new float[KEPT];
    private int next;
    private long blocks;

    OwnSounds() {
        clear();
    }

    synchronized void clear() {
        Arrays.fill(frames, NEVER);
        Arrays.fill(peaks, 0);
        blocks = 0;
    }

    synchronized void begun(long frame) {
        frames[next] = frame;
        next = (next + 1) % KEPT;
    }

    /** Takes the next block that is played. */
    synchronized void played(float[] block) {
        float peak = 0;
        for (float sample : block) {
            peak = Math.max(peak, Math.abs(sample));
        }
        peaks[(int) (blocks % KEPT)] = peak;
        blocks++;
    }

    /** Returns the loudest sample of what was played last, from 0 to 1. */
    synchronized float loudest() {
        float loudest = 0;
        for (float peak : peaks) {
            loudest = Math.max(loudest, peak);
        }
        return loudest;
    }

    /** Returns how loud a sound is that began within a distance of a frame, from 0 to 1; 0 where none did. */
    synchronized float loudness(long frame, long within) {
        float loudness = 0;
        for (long begun : frames) {
            if (Math.abs(begun - frame) <= within) {
                loudness = Math.max(loudness, loudest(begun, begun + LOUD_FOR * within));
            }
        }
        return loudness;
    }

    private float loudest(long from, long to) {
        float loudest = 0;
        long first = Math.max(from / OutputFeeder.BLOCK, Math.max(0, blocks - KEPT));
        for (long block = first; block <= to / OutputFeeder.BLOCK && block < blocks; block++) {
            loudest = Math.max(loudest, peaks[(int) (block % KEPT)]);
        }
        return loudest;
    }
}
