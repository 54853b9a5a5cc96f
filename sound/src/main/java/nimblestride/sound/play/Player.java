package nimblestride.sound.play;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Supplier;
import nimblestride.sound.kit.SoundSet;
import nimblestride.sound.render.Anchor;
import nimblestride.sound.render.Renderer;
import nimblestride.sound.render.Take;

/**
 * Starts and stops a take, and tells what is heard. Rendering and writing run on a thread of their own; every method may
 * be called from any thread.
 */
public final class Player implements AutoCloseable {
    private static final int BLOCK = 256;
    private static final int MOST_ANCHORS = 64;

    /** Low enough not to startle anybody with headphones on. */
    public static final float USUAL_VOLUME = 0.5f;

    /** From silence to full in a twentieth of a second: a change that is no click. */
    private static final float STEP = 20f / AudioOut.SAMPLE_RATE;

    private final Supplier<AudioOut> outs;
    private final SoundSet sounds;
    private final AtomicReference<Take> wanted = new AtomicReference<>();
    private final Deque<Anchor> anchors = new ArrayDeque<>();
    private Thread thread;
    private volatile AudioOut out;
    private volatile boolean stopping;
    private volatile float volume = USUAL_VOLUME;

    /** @param outs opens an output each time playing starts */
    public Player(Supplier<AudioOut> outs, SoundSet sounds) {
        this.outs = outs;
        this.sounds = sounds;
    }

    /** Plays a take from its first bar; what was playing stops. */
    public synchronized void start(Take take) {
        stop();
        AudioOut opened = outs.get();
        synchronized (anchors) {
            anchors.clear();
        }
        Renderer renderer = new Renderer(take, sounds, AudioOut.SAMPLE_RATE, this::anchor);
        wanted.set(null);
        stopping = false;
        out = opened;
        thread = new Thread(() -> run(renderer, opened), "player");
        thread.setDaemon(true);
        thread.start();
    }

    /** Goes over to another take at its next unit, without a gap; nothing happens where nothing plays. */
    public void change(Take take) {
        wanted.set(take);
    }

    public synchronized void stop() {
        if (thread == null) {
            return;
        }
        stopping = true;
        out.close();
        thread.interrupt();
        try {
            thread.join();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        thread = null;
        out = null;
    }

    public boolean isPlaying() {
        return out != null;
    }

    /** What it plays through, while it plays. */
    public Optional<String> through() {
        return Optional.ofNullable(out).map(AudioOut::name);
    }

    /** What is heard now; empty while stopped. */
    public Optional<Heard> heard() {
        AudioOut playing = out;
        if (playing == null) {
            return Optional.empty();
        }
        long frame = playing.heard();
        synchronized (anchors) {
            while (anchors.size() > 1 && second().frame() <= frame) {
                anchors.removeFirst();
            }
            Anchor anchor = anchors.getFirst();
            return Optional.of(new Heard(anchor.section(), anchor.momentOf(frame)));
        }
    }

    private Anchor second() {
        var each = anchors.iterator();
        each.next();
        return each.next();
    }

    /** How loud all of it is, from 0 to 1. A change glides: the loudness never jumps. */
    public void setVolume(float newVolume) {
        volume = Math.max(0, Math.min(1, newVolume));
    }

    /** From one loudness towards another, a small step for each sample. */
    static float glide(float now, float target) {
        return now < target ? Math.min(target, now + STEP) : Math.max(target, now - STEP);
    }

    private void run(Renderer renderer, AudioOut to) {
        float loudness = volume;
        float[] block = new float[BLOCK];
        byte[] bytes = new byte[BLOCK * 2];
        while (!stopping) {
            Take take = wanted.getAndSet(null);
            if (take != null) {
                renderer.change(take);
            }
            renderer.render(block, BLOCK);
            for (int i = 0; i < BLOCK; i++) {
                loudness = glide(loudness, volume);
                int sample = Math.round(block[i] * loudness * Short.MAX_VALUE);
                bytes[2 * i] = (byte) sample;
                bytes[2 * i + 1] = (byte) (sample >> 8);
            }
            to.write(bytes, bytes.length);
        }
    }

    private void anchor(Anchor next) {
        synchronized (anchors) {
            anchors.removeIf(earlier -> earlier.frame() >= next.frame());
            anchors.add(next);
            while (anchors.size() > MOST_ANCHORS) {
                anchors.removeFirst();
            }
        }
    }

    @Override
    public void close() {
        stop();
    }
}
