package nimblestride.sound.play;

import java.util.Arrays;

/** The frames at which the last sounds of the program began, so that a microphone does not take them for hits. */
final class OwnSounds {
    private static final int KEPT = 512;
    private static final long NEVER = Long.MIN_VALUE / 2;

    private final long[] frames = new long[KEPT];
    private int next;

    OwnSounds() {
        clear();
    }

    synchronized void clear() {
        Arrays.fill(frames, NEVER);
    }

    synchronized void begun(long frame) {
        frames[next] = frame;
        next = (next + 1) % KEPT;
    }

    /** Returns whether a sound began within a distance of a frame. */
    synchronized boolean beganNear(long frame, long within) {
        for (long begun : frames) {
            if (Math.abs(begun - frame) <= within) {
                return true;
            }
        }
        return false;
    }
}
