package nimblestride.sound.play;

import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import nimblestride.core.kit.voice.Choke;
import nimblestride.sound.kit.Sample;

/** Plays hits as soon as the player makes them. Any thread may add one; mixing allocates nothing and never waits. */
final class LiveHits {
    private static final int MAX = 32;
    private static final float LEVEL = 0.6f;

    private final Queue<Struck> struck = new ConcurrentLinkedQueue<>();
    private final Struck[] ringing = new Struck[MAX];
    private final long[] played = new long[MAX];
    private int next;

    /**
     * A live hit.
     *
     * @param key in the General MIDI percussion map
     */
    private record Struck(int key, Sample sound, float level) {}

    void strike(int key, Sample sound, float level) {
        struck.add(new Struck(key, sound, level));
    }

    void mixInto(float[] block, int frames) {
        for (Struck stroke = struck.poll(); stroke != null; stroke = struck.poll()) {
            begin(stroke);
        }
        for (int i = 0; i < MAX; i++) {
            if (ringing[i] != null) {
                ringing[i].sound.mixInto(block, 0, frames, played[i], LEVEL * ringing[i].level);
                played[i] += frames;
                if (ringing[i].sound.isOver(played[i])) {
                    ringing[i] = null;
                }
            }
        }
    }

    private void begin(Struck stroke) {
        for (int i = 0; i < MAX; i++) {
            if (ringing[i] != null && Choke.cutsOff(stroke.key, ringing[i].key)) {
                ringing[i] = null;
            }
        }
        ringing[next] = stroke;
        played[next] = 0;
        next = (next + 1) % MAX;
    }
}
