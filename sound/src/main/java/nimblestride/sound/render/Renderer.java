package nimblestride.sound.render;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.PriorityQueue;
import nimblestride.core.meter.Phrase;
import nimblestride.core.value.NoteValue;
import nimblestride.sound.kit.Sound;
import nimblestride.sound.kit.SoundSet;

/**
 * Turns a take into samples, block after block. Every onset is placed by its exact time from the last anchor, so that
 * no error adds up, and blocks of any size give the same samples. Not safe for use by several threads at once.
 */
public final class Renderer {
    private static final float MASTER = 0.5f;

    private final SoundSet sounds;
    private final int sampleRate;
    private final PriorityQueue<Cue> coming =
            new PriorityQueue<>(Comparator.comparingLong(Cue::frame).thenComparingLong(Cue::number));
    private final long earliest;
    private final List<Ringing> ringing = new ArrayList<>();
    private long frame;
    private long cues;

    private Anchor anchor;
    private BarOnsets onsets;
    private Phrase phrase;
    private long nextBar;

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
        this.sounds = sounds;
        this.sampleRate = sampleRate;
        this.earliest = (long) Math.ceil(NotesOfAStroke.EARLIEST * sampleRate);
        begin(take, new Anchor(0, NoteValue.ZERO, take.exercise().tempo(), sampleRate));
    }

    private void begin(Take take, Anchor from) {
        anchor = from;
        phrase = take.exercise().phrase();
        onsets = new BarOnsets(take, sounds);
        nextBar = phrase.barAt(from.moment());
    }

    /**
     * Goes over to another take at the next unit of the bar that has not been rendered yet; sounds that ring are left
     * to ring out.
     *
     * @return the new tie between musical time and samples, which holds from its own frame on
     */
    public Anchor change(Take take) {
        NoteValue unit = nextUnit();
        Anchor next = new Anchor(anchor.frameOf(unit), unit, take.exercise().tempo(), sampleRate);
        fillUntil(next.frame());
        coming.removeIf(cue -> cue.frame >= next.frame());
        begin(take, next);
        return next;
    }

    private NoteValue nextUnit() {
        long bar = nextBar;
        while (isAfterAnchor(bar) && anchor.frameOf(phrase.startOf(bar)) > frame) {
            bar--;
        }
        NoteValue moment = phrase.startOf(bar);
        NoteValue unit = phrase.bar(bar).meter().unit();
        while (moment.compareTo(anchor.moment()) < 0 || anchor.frameOf(moment) < frame) {
            moment = moment.plus(unit);
        }
        return moment;
    }

    private boolean isAfterAnchor(long bar) {
        return phrase.startOf(bar).compareTo(anchor.moment()) > 0;
    }

    private void fillUntil(long end) {
        while (!isAfterAnchor(nextBar) || anchor.frameOf(phrase.startOf(nextBar)) < end) {
            for (Onset onset : onsets.in(nextBar, anchor.moment())) {
                long begins = anchor.frameOf(onset.at()) - Math.round(onset.early() * sampleRate);
                coming.add(new Cue(Math.max(frame, begins), cues++, onset.sound(), onset.level()));
            }
            nextBar++;
        }
    }

    /** The tie between musical time and samples that holds now, or from its frame on where that lies ahead. */
    public Anchor anchor() {
        return anchor;
    }

    /** How many samples have been rendered. */
    public long frame() {
        return frame;
    }

    /** Fills a block with the next samples, mono, from -1 to 1. */
    public void render(float[] block, int frames) {
        Arrays.fill(block, 0, frames, 0);
        long end = frame + frames;
        fillUntil(end + earliest);
        while (!coming.isEmpty() && coming.element().frame < end) {
            ringing.add(new Ringing(coming.remove()));
        }
        ringing.removeIf(sound -> !sound.mixInto(block, frames, frame));
        for (int i = 0; i < frames; i++) {
            block[i] = Math.max(-1, Math.min(1, block[i] * MASTER));
        }
        frame = end;
    }
}
