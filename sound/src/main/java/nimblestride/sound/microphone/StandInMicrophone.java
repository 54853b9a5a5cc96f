package nimblestride.sound.microphone;

import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;
import java.util.SplittableRandom;
import java.util.concurrent.locks.LockSupport;
import nimblestride.sound.kit.PadHit;
import nimblestride.sound.kit.SampleSet;
import nimblestride.sound.kit.StrokeLevel;
import nimblestride.sound.room.Room;

/**
 * A microphone for machines that have none: it hears a kit in a simulated room with a little noise. Whatever is played to
 * it is heard at once.
 */
public final class StandInMicrophone implements AudioInput {
    /** Samples per second. */
    public static final int RATE = 44_100;

    private static final float NOISE = 0.0008f;
    private static final double ROOM = 1.5;
    private static final long NANOS = 1_000_000_000;

    private final SampleSet kit;
    private final Room room = new Room(RATE);
    private final SplittableRandom random = new SplittableRandom(1);
    private final Deque<Ringing> ringing = new ArrayDeque<>();
    private final long began = System.nanoTime();
    private long read;
    private long turn;

    /** A sound that rings. */
    private static final class Ringing {
        private final float[] samples;
        private final float level;
        private int at;

        Ringing(float[] samples, float level) {
            this.samples = samples;
            this.level = level;
        }
    }

    /** @param kit that is heard, at 44,100 samples per second */
    public StandInMicrophone(SampleSet kit) {
        this.kit = kit;
    }

    /** Plays a hit in the room. Any thread may call it. */
    public void play(PadHit hit) {
        float[] samples = kit.voice(hit.voice(), hit.level(), turn).samples();
        synchronized (ringing) {
            turn++;
            ringing.add(new Ringing(samples, StrokeLevel.of(hit.level()) / 2));
        }
    }

    @Override
    public String name() {
        return "simulated microphone";
    }

    @Override
    public int sampleRate() {
        return RATE;
    }

    @Override
    public void read(float[] block) {
        read += block.length;
        long early = began + read * NANOS / RATE - System.nanoTime();
        if (early > 0) {
            LockSupport.parkNanos(early);
        }
        Arrays.fill(block, 0);
        synchronized (ringing) {
            for (Ringing sound : ringing) {
                int count = Math.min(block.length, sound.samples.length - sound.at);
                for (int i = 0; i < count; i++) {
                    block[i] += sound.level * sound.samples[sound.at + i];
                }
                sound.at += count;
            }
            ringing.removeIf(sound -> sound.at >= sound.samples.length);
        }
        room.answer(block, block.length, (float) ROOM);
        for (int i = 0; i < block.length; i++) {
            block[i] += (float) (NOISE * random.nextDouble(-1, 1));
        }
    }

    @Override
    public int waiting() {
        return 0;
    }

    @Override
    public void close() {
        // There is nothing to close.
    }
}
