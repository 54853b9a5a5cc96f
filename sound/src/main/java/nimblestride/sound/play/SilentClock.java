package nimblestride.sound.play;

import java.util.concurrent.locks.LockSupport;

/** Stands in for a sound card: takes samples as fast as a card would, and makes no sound. */
public final class SilentClock implements AudioOut {
    private static final int BUFFERED_SAMPLES = SAMPLE_RATE / 20;
    private static final long NANOS_A_SECOND = 1_000_000_000;

    private final long opened = System.nanoTime();
    private long written;
    private volatile boolean closed;

    @Override
    public String name() {
        return "silent clock";
    }

    @Override
    public void write(byte[] samples, int length) {
        written += length / 2;
        while (!closed
                && written - elapsed() > BUFFERED_SAMPLES
                && !Thread.currentThread().isInterrupted()) {
            LockSupport.parkNanos((written - elapsed() - BUFFERED_SAMPLES) * NANOS_A_SECOND / SAMPLE_RATE);
        }
    }

    private long elapsed() {
        long nanos = System.nanoTime() - opened;
        return nanos / NANOS_A_SECOND * SAMPLE_RATE + nanos % NANOS_A_SECOND * SAMPLE_RATE / NANOS_A_SECOND;
    }

    @Override
    public long heard() {
        return elapsed();
    }

    @Override
    public void close() {
        closed = true;
    }
}
