package nimblestride.sound.render;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Deque;
import java.util.Iterator;
import java.util.List;
import java.util.PriorityQueue;
import java.util.function.Consumer;
import nimblestride.sound.kit.Sound;
import nimblestride.sound.kit.SoundSet;

/**
 * Turns a take into samples, block after block. Every onset is placed by its exact time from the last anchor, so that
 * no error adds up, and blocks of any size give the same samples. Not safe for use by several threads at once.
 */
public final class Renderer {
    /** Leaves room for several loud strokes at once. */
    private static final float HEADROOM = 0.6f;

    private final int sampleRate;
    private final PriorityQueue<Cue> coming =
            new PriorityQueue<>(Comparator.comparingLong(Cue::frame).thenComparingLong(Cue::number));
    private final long earliest;
    private final List<Ringing> ringing = new ArrayList<>();
    private long frame;
    private long cues;
    private boolean ended;

    /** Those that are heard or laid out ahead, in order. */
    private final Deque<Stretch> stretches = new ArrayDeque<>();

    private final Consumer<Anchor> anchored;

    /** A sound and the sample at which it begins; those that begin together keep their order. */
    private record Cue(long frame, long number, Sound sound, float level) {}

    /** A sound that has begun. */
    private static final class Ringing {
        private final Cue cue;
        private int played;

        Ringing(Cue cue) {
            this.cue = cue;
        }

        /** Adds what is left of the sound to a block that starts at a sample; false when it has rung out. */
        boolean mixInto(float[] block, int frames, long blockStart) {
            int first = (int) Math.max(0, cue.frame - blockStart);
            int end = (int) Math.min(frames, (long) first + cue.sound.length() - played);
            for (int i = first; i < end; i++) {
                block[i] += cue.level * cue.sound.at(played++);
            }
            return played < cue.sound.length();
        }
    }

    /** A renderer that begins a take at its first bar. */
    public Renderer(Take take, SoundSet sounds, int sampleRate) {
        this(take, sounds, sampleRate, anchor -> {});
    }

    /** @param anchored is told each new tie between musical time and samples, which holds from its own frame on */
    public Renderer(Take take, SoundSet sounds, int sampleRate, Consumer<Anchor> anchored) {
        this.sampleRate = sampleRate;
        this.earliest = (long) Math.ceil(NotesOfAStroke.EARLIEST * sampleRate);
        this.anchored = anchored;
        Stretch first = Stretch.first(take, sounds, sampleRate);
        for (Onset click : first.countIn()) {
            coming.add(new Cue(first.countInFrame(click.at()), cues++, click.sound(), click.level()));
        }
        add(first);
    }

    private void add(Stretch stretch) {
        stretches.add(stretch);
        anchored.accept(stretch.anchor());
    }

    /**
     * Goes over to another take at the next unit of the bar that has not been rendered yet; sounds that ring are left
     * to ring out.
     *
     * @return the new tie between musical time and samples, which holds from its own frame on
     */
    public Anchor change(Take take) {
        Stretch playing = stretches.element();
        Stretch next = playing.goingOverTo(take, frame);
        Anchor anchor = next.anchor();
        fillUntil(anchor.frame());
        coming.removeIf(cue -> cue.frame >= anchor.frame());
        while (stretches.size() > 1) {
            stretches.removeLast();
        }
        add(next);
        return anchor;
    }

    private void fillUntil(long end) {
        while (true) {
            Stretch last = stretches.getLast();
            if (last.isLaidOut()) {
                Stretch following = last.following();
                if (following.anchor().frame() >= end) {
                    return;
                }
                add(following);
            } else if (last.isBegun() && last.nextFrame() >= end) {
                return;
            } else {
                layOut(last);
            }
        }
    }

    private Stretch second() {
        Iterator<Stretch> each = stretches.iterator();
        each.next();
        return each.next();
    }

    private void layOut(Stretch stretch) {
        for (Onset onset : stretch.layOut()) {
            long begins = stretch.anchor().frameOf(onset.at()) - Math.round(onset.early() * sampleRate);
            coming.add(new Cue(Math.max(frame, begins), cues++, onset.sound(), onset.level()));
        }
    }

    /** Nothing begins any more; what rings is left to ring out. */
    public void end() {
        coming.clear();
        ended = true;
    }

    /** The tie between musical time and samples that holds now, or from its frame on where that lies ahead. */
    public Anchor anchor() {
        return stretches.element().anchor();
    }

    /** How many samples have been rendered. */
    public long frame() {
        return frame;
    }

    /** Fills a block with the next samples, mono, from -1 to 1. */
    public void render(float[] block, int frames) {
        Arrays.fill(block, 0, frames, 0);
        long end = frame + frames;
        if (!ended) {
            fillUntil(end + earliest);
        }
        while (!coming.isEmpty() && coming.element().frame < end) {
            ringing.add(new Ringing(coming.remove()));
        }
        ringing.removeIf(sound -> !sound.mixInto(block, frames, frame));
        for (int i = 0; i < frames; i++) {
            block[i] = Math.max(-1, Math.min(1, block[i] * HEADROOM));
        }
        frame = end;
        while (stretches.size() > 1 && second().anchor().frame() <= frame) {
            stretches.removeFirst();
        }
    }
}
