package nimblestride.sound.play;

import java.util.concurrent.locks.LockSupport;

/** Replaces a missing sound card: takes samples at a card's pace and makes no sound. */
public final class SilentOutput implements AudioOutput {
    private static final long NANOS_PER_SECOND = 1_000_000_000;

    private final int sampleRate;
    private final long opened = System.nanoTime();
    private volatile long written;
    /** Samples by which the clock has stopped so far; it stops, as a card does, when it has nothing to play. */
    private volatile long stoodStill;

    private volatile boolean closed;

    /** Takes samples at the usual rate. */
    public SilentOutput() {
        this(USUAL_RATE);
    }

    /** @param sampleRate at which it takes samples, per second */
    public SilentOutput(int sampleRate) {
        this.sampleRate = sampleRate;
    }

    @Override
    public int sampleRate() {
        return sampleRate;
    }

    @Override
    public int buffer() {
        return (int) (BUFFERED_SECONDS * sampleRate);
    }

    @Override
    public String name() {
        return "silent clock";
    }

    @Override
    public boolean isHeard() {
        return false;
    }

    @Override
    @SuppressWarnings("NonAtomicVolatileUpdate") // Only the thread that writes changes it.
    public void write(byte[] samples, int length) {
        stoodStill = Math.max(stoodStill, elapsed() - written);
        written += length / SoundCard.BYTES_PER_SAMPLE;
        while (!closed && !Thread.currentThread().isInterrupted()) {
            long tooMany = written - heard() - buffer();
            if (tooMany <= 0) {
                return;
            }
            LockSupport.parkNanos(tooMany * NANOS_PER_SECOND / sampleRate);
        }
    }

    private long elapsed() {
        long nanos = System.nanoTime() - opened;
        return nanos / NANOS_PER_SECOND * sampleRate + nanos % NANOS_PER_SECOND * sampleRate / NANOS_PER_SECOND;
    }

    @Override
    public long heard() {
        return Math.min(written, elapsed() - stoodStill);
    }

    @Override
    public void close() {
        closed = true;
    }
}
