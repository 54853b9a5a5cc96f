package nimblestride.sound.play;

import java.util.concurrent.atomic.AtomicLong;

/** Buffers rendered samples. One thread writes and another reads; neither ever waits. */
final class SampleRingBuffer {
    /**
     * Holds about 170 milliseconds: longer than the machine usually delays a thread, or than the first change takes to
     * render.
     */
    private static final int CAPACITY = 8_192;

    private final float[] samples = new float[CAPACITY];
    private final AtomicLong put = new AtomicLong();
    private final AtomicLong taken = new AtomicLong();

    boolean hasRoomFor(int frames) {
        return CAPACITY - inStock() >= frames;
    }

    int inStock() {
        return (int) (put.get() - taken.get());
    }

    /**
     * Writes samples.
     *
     * @param frames for which there is room
     */
    void put(float[] block, int frames) {
        int at = (int) (put.get() % CAPACITY);
        int first = Math.min(frames, CAPACITY - at);
        System.arraycopy(block, 0, samples, at, first);
        System.arraycopy(block, first, samples, 0, frames - first);
        put.addAndGet(frames);
    }

    /** Reads the next samples. Returns false, and reads nothing, if there are too few. */
    boolean take(float[] block, int frames) {
        if (inStock() < frames) {
            return false;
        }
        int at = (int) (taken.get() % CAPACITY);
        int first = Math.min(frames, CAPACITY - at);
        System.arraycopy(samples, at, block, 0, first);
        System.arraycopy(samples, 0, block, first, frames - first);
        taken.addAndGet(frames);
        return true;
    }
}
