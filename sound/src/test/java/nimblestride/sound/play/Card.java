package nimblestride.sound.play;

import java.util.concurrent.locks.LockSupport;
import javax.sound.sampled.LineUnavailableException;

/** A sound card for tests: some ten times as quick as a real one, keeps what is written, and can be pulled out. */
final class Card implements AudioOutput {
    private static final long NANOS_PER_BLOCK = 500_000;

    private final String name;
    private final short[] samples;
    private volatile int written;
    private volatile boolean pulled;
    private volatile boolean closed;

    private final int sampleRate;

    Card(String name, int seconds) {
        this(name, seconds, USUAL_RATE);
    }

    Card(String name, int seconds, int sampleRate) {
        this.name = name;
        this.sampleRate = sampleRate;
        this.samples = new short[seconds * sampleRate];
    }

    @Override
    public int sampleRate() {
        return sampleRate;
    }

    @Override
    public int buffer() {
        return sampleRate / 20;
    }

    void pullOut() {
        pulled = true;
    }

    boolean isClosed() {
        return closed;
    }

    boolean isFull() {
        return written == samples.length;
    }

    short sample(int index) {
        return samples[index];
    }

    @Override
    public String name() {
        return name;
    }

    @Override
    public boolean isHeard() {
        return true;
    }

    @Override
    public void write(byte[] bytes, int length) throws LineUnavailableException {
        if (pulled) {
            throw new LineUnavailableException(name + " has been pulled out");
        }
        int now = written;
        for (int i = 0; i < length / 2 && now < samples.length; i++) {
            samples[now++] = (short) ((bytes[2 * i] & 255) | (bytes[2 * i + 1] << 8));
        }
        written = now;
        LockSupport.parkNanos(NANOS_PER_BLOCK);
    }

    /** All but the last sample: it never starves. */
    @Override
    public long heard() {
        return Math.max(0, written - 1);
    }

    @Override
    public void close() {
        closed = true;
    }
}
