package nimblestride.sound.play;

import java.util.concurrent.atomic.AtomicLong;

/** What has been rendered ahead and not been played yet. One thread puts in, another takes out; neither ever waits. */
final class SampleRingBuffer {
    /** Some hundred and seventy thousandths of a second: longer than the machine usually holds a thread up, or the first change takes. */
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

    /** @param frames for which there is room */
    void put(float[] block, int frames) {
        int at = (int) (put.get() % CAPACITY);
        int first = Math.min(frames, CAPACITY - at);
        System.arraycopy(block, 0, samples, at, first);
        System.arraycopy(block, first, samples, 0, frames - first);
        put.addAndGet(frames);
    }

    /** Takes the next samples; false, and nothing taken, where there are not so many. */
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
