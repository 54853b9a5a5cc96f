package nimblestride.sound.play;

import java.util.Arrays;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.atomic.AtomicReference;
import java.util.concurrent.locks.LockSupport;
import javax.sound.sampled.LineUnavailableException;
import nimblestride.sound.room.Room;

/**
 * Feeds an output with rendered samples and live hits. It allocates nothing per block, and waits only for the output.
 * If the output goes away, it opens another one and playback goes on.
 */
final class OutputFeeder implements Runnable {
    static final int BLOCK = 256;

    /**
     * How many samples must be ready before the first is written. An output fills its buffer at once, and the first blocks take longest
     * to render: with fewer, the sound broke off after a fiftieth of a second.
     */
    static final int READY = 16 * BLOCK;

    /** How long it takes from silence to full volume, in seconds: slow enough not to click. */
    private static final float SECONDS_TO_GLIDE = 0.05f;

    private static final long NANOS_PER_LOOK = 500_000;

    /** The most outputs in a row that may fail before it gives up on real ones. */
    private static final int MAX_FAILURES = 3;

    private final SampleRingBuffer ahead;
    private final LiveHits live;
    private final AudioOutputs outputs;
    private final AtomicReference<AudioOutput> better = new AtomicReference<>();
    private final float[] block = new float[BLOCK];
    private final float[] struck = new float[BLOCK];
    private final int sampleRate;
    private final float step;
    private final Room room;
    private final byte[] bytes = new byte[BLOCK * SoundCard.BYTES_PER_SAMPLE];
    private volatile AudioOutput out;
    /** The output position at which the rendered samples begin. */
    private final AtomicLong first = new AtomicLong();

    private final AtomicLong written = new AtomicLong();
    private final AtomicLong gaps = new AtomicLong();
    private final AtomicInteger lost = new AtomicInteger();
    private volatile float volume;
    private volatile float roomLevel;
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
        this.sampleRate = out.sampleRate();
        this.step = 1 / (SECONDS_TO_GLIDE * sampleRate);
        this.room = new Room(sampleRate);
    }

    /** Opens the best output; if its driver fails, opens the silent clock, which keeps time. */
    private AudioOutput opened() {
        try {
            return outputs.open();
        } catch (RuntimeException e) {
            ThreadDefects.report(e);
            return new SilentOutput();
        }
    }

    /** Returns the rate of the first output: another one plays on at that rate, too. */
    int sampleRate() {
        return sampleRate;
    }

    @Override
    public void run() {
        try {
            while (!stopping && ahead.inStock() < READY) {
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
            // A driver that fails to close leaves nothing else to close.
            ThreadDefects.report(e);
        }
    }

    /** Plays one block. */
    void turn() {
        AudioOutput come = better.getAndSet(null);
        if (come != null) {
            goOver(come);
        }
        fetch();
        Arrays.fill(struck, 0);
        live.mixInto(struck, BLOCK);
        room.answer(struck, BLOCK, roomLevel);
        for (int i = 0; i < BLOCK; i++) {
            block[i] += struck[i];
        }
        SoftLimiter.limit(block, BLOCK);
        float target = stopping ? 0 : volume;
        for (int i = 0; i < BLOCK; i++) {
            loudness = glide(loudness, target, step);
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

    /** Switches to another output; after too many failures, to the silent clock. */
    private void another() {
        lost.incrementAndGet();
        failures++;
        goOver(failures > MAX_FAILURES ? new SilentOutput(sampleRate) : opened());
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
        out = other.sampleRate() == sampleRate ? other : new ResampledOutput(other, sampleRate, BLOCK);
    }

    /** Moves a volume one small step toward its target. Called once per sample. */
    static float glide(float now, float target, float step) {
        return now < target ? Math.min(target, now + step) : Math.max(target, now - step);
    }

    /** Offers another output to switch to. */
    void offer(AudioOutput other) {
        closeUnused(better.getAndSet(other));
        if (ended) {
            // It came too late to be used, and nobody else would close it.
            closeUnused(better.getAndSet(null));
        }
    }

    AudioOutput out() {
        return out;
    }

    /** Returns the position of the sample heard now, in rendered samples. */
    long heard() {
        return first.get() + out.heard();
    }

    /** Returns how many samples are written but not heard yet. */
    long onTheWay() {
        return Math.max(0, written.get() - out.heard());
    }

    /** Returns how often the sound broke off because no samples were ready. */
    long gaps() {
        return gaps.get();
    }

    /** Returns how many outputs have gone away. */
    int lost() {
        return lost.get();
    }

    /** Sets how loud the room answers live hits. */
    void setRoom(float level) {
        roomLevel = level;
    }

    void setVolume(float newVolume) {
        volume = newVolume;
    }

    /** Fades out and closes the output, within about a twentieth of a second. */
    void stop() {
        stopping = true;
    }
}
