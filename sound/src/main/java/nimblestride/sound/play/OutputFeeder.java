package nimblestride.sound.play;

import java.util.Arrays;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.atomic.AtomicReference;
import java.util.concurrent.locks.LockSupport;
import javax.sound.sampled.LineUnavailableException;

/**
 * Hands what has been rendered ahead, and what is struck live, to an output. Between the two nothing is allocated and nothing
 * waits but for the output itself. An output that goes away gives way to another one, and playing goes on.
 */
final class OutputFeeder implements Runnable {
    static final int BLOCK = 256;

    /** From silence to full in a twentieth of a second: a change that is no click. */
    private static final float STEP = 20f / AudioOutput.SAMPLE_RATE;

    private static final long NANOS_PER_LOOK = 500_000;

    /** So many outputs in a row may fail before none is tried any more. */
    private static final int MAX_FAILURES = 3;

    private final SampleRingBuffer ahead;
    private final LiveHits live;
    private final AudioOutputs outputs;
    private final AtomicReference<AudioOutput> better = new AtomicReference<>();
    private final float[] block = new float[BLOCK];
    private final byte[] bytes = new byte[BLOCK * SoundCard.BYTES_PER_SAMPLE];
    private volatile AudioOutput out;
    /** Which sample of what is rendered comes first out of the output. */
    private final AtomicLong first = new AtomicLong();

    private final AtomicLong written = new AtomicLong();
    private final AtomicLong gaps = new AtomicLong();
    private final AtomicInteger lost = new AtomicInteger();
    private volatile float volume;
    private volatile boolean stopping;
    private long taken;
    private float loudness;
    private boolean starved;
    private int failures;
    private volatile boolean ended;

    OutputFeeder(SampleRingBuffer ahead, LiveHits live, AudioOutputs outputs, float volume) {
        this.ahead = ahead;
        this.live = live;
        this.outputs = outputs;
        this.volume = volume;
        this.loudness = volume;
        this.out = opened();
    }

    /** Opens the best output; where its driver fails, the silent clock keeps time. */
    private AudioOutput opened() {
        try {
            return outputs.open();
        } catch (RuntimeException e) {
            ThreadDefects.report(e);
            return new SilentOutput();
        }
    }

    @Override
    public void run() {
        try {
            while (!stopping && ahead.inStock() < 4 * BLOCK) {
                LockSupport.parkNanos(NANOS_PER_LOOK);
            }
            while (!stopping || loudness > 0) {
                turn();
            }
        } finally {
            ended = true;
            close(out);
            closeUnused(better.getAndSet(null));
        }
    }

    private static void closeUnused(AudioOutput unused) {
        if (unused != null) {
            close(unused);
        }
    }

    private static void close(AudioOutput output) {
        try {
            output.close();
        } catch (RuntimeException e) {
            // A driver that fails while it is closed has nothing left to be closed.
            ThreadDefects.report(e);
        }
    }

    /** Plays a block. */
    void turn() {
        AudioOutput come = better.getAndSet(null);
        if (come != null) {
            goOver(come);
        }
        fetch();
        live.mixInto(block, BLOCK);
        float target = stopping ? 0 : volume;
        for (int i = 0; i < BLOCK; i++) {
            loudness = glide(loudness, target);
            int sample = Math.round(Math.max(-1, Math.min(1, block[i] * loudness)) * Short.MAX_VALUE);
            bytes[2 * i] = (byte) sample;
            bytes[2 * i + 1] = (byte) (sample >> 8);
        }
        write();
    }

    private void write() {
        try {
            if (written.get() > 0 && out.heard() >= written.get()) {
                gaps.incrementAndGet();
            }
            out.write(bytes, bytes.length);
            written.addAndGet(BLOCK);
            failures = 0;
        } catch (LineUnavailableException e) {
            another();
        } catch (RuntimeException e) {
            ThreadDefects.report(e);
            another();
        }
    }

    /** Goes over to another output; where one after the other fails, the silent clock keeps time. */
    private void another() {
        lost.incrementAndGet();
        failures++;
        goOver(failures > MAX_FAILURES ? new SilentOutput() : opened());
    }

    private void fetch() {
        if (ahead.take(block, BLOCK)) {
            taken += BLOCK;
            starved = false;
            return;
        }
        Arrays.fill(block, 0);
        first.addAndGet(-BLOCK);
        if (!starved && !stopping) {
            starved = true;
            gaps.incrementAndGet();
        }
    }

    private void goOver(AudioOutput other) {
        close(out);
        first.set(taken);
        written.set(0);
        out = other;
    }

    /** From one loudness towards another, a small step for each sample. */
    static float glide(float now, float target) {
        return now < target ? Math.min(target, now + STEP) : Math.max(target, now - STEP);
    }

    /** Offers another output in place of the one that plays. */
    void offer(AudioOutput other) {
        closeUnused(better.getAndSet(other));
        if (ended) {
            // It came too late to be played through, and nobody else would close it.
            closeUnused(better.getAndSet(null));
        }
    }

    AudioOutput out() {
        return out;
    }

    /** Which sample of what is rendered is heard. */
    long heard() {
        return first.get() + out.heard();
    }

    /** How many samples have been written and not been heard yet. */
    long onTheWay() {
        return Math.max(0, written.get() - out.heard());
    }

    /** How often the sound broke off because nothing was there to be played. */
    long gaps() {
        return gaps.get();
    }

    /** How many outputs have gone away. */
    int lost() {
        return lost.get();
    }

    void setVolume(float newVolume) {
        volume = newVolume;
    }

    /** Fades away and closes the output, within a twentieth of a second or so. */
    void stop() {
        stopping = true;
    }
}
