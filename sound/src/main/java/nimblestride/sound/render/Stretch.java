package nimblestride.sound.render;

import java.util.List;
import nimblestride.core.exercise.Playthrough;
import nimblestride.core.exercise.Playthrough.Passage;
import nimblestride.core.meter.Phrase;
import nimblestride.core.value.NoteValue;
import nimblestride.sound.kit.SoundSet;

/**
 * A section of a take as it is laid out in time, bar by bar, from an anchor on. The only section of a take has no end; after
 * the last of several comes the first one again.
 */
final class Stretch {
    private final Take take;
    private final SoundSet sounds;
    private final List<Passage> passages;
    private final Anchor anchor;
    private final Passage passage;
    private final BarOnsets onsets;
    private long nextBar;

    private Stretch(Take take, List<Passage> passages, Anchor anchor, SoundSet sounds) {
        this.take = take;
        this.passages = passages;
        this.anchor = anchor;
        this.sounds = sounds;
        this.passage = passages.get(anchor.section());
        this.onsets = new BarOnsets(passage.feel(), take.click(), sounds);
        this.nextBar = phrase().barAt(anchor.moment());
    }

    /** The beginning of a take. */
    static Stretch first(Take take, SoundSet sounds, int sampleRate) {
        List<Passage> passages = Playthrough.of(take.exercise()).passages();
        return new Stretch(take, passages, Anchor.beginning(passages.get(0).tempo(), sampleRate), sounds);
    }

    Anchor anchor() {
        return anchor;
    }

    private Phrase phrase() {
        return passage.feel().phrase();
    }

    private boolean isEndless() {
        return passages.size() == 1;
    }

    /** Whether the bar in which it begins has been laid out. */
    boolean isBegun() {
        return isAfterAnchor(nextBar);
    }

    /** Whether all its bars have been laid out. */
    boolean isLaidOut() {
        return !isEndless() && nextBar >= passage.bars();
    }

    /** The sample at which the next bar to be laid out begins; earlier than the anchor's for a bar that it lies in. */
    long nextFrame() {
        return anchor.frameOf(phrase().startOf(nextBar));
    }

    /** Lays out a bar. */
    List<Onset> layOut() {
        return onsets.in(nextBar++, anchor.moment());
    }

    /** The stretch that comes after it. */
    Stretch following() {
        int next = (anchor.section() + 1) % passages.size();
        return new Stretch(take, passages, startOf(passages, next), sounds);
    }

    /** A section that begins where this one ends. */
    private Anchor startOf(List<Passage> others, int section) {
        return new Anchor(
                anchor.exactFrameOf(passage.length()),
                section,
                NoteValue.ZERO,
                others.get(section).tempo(),
                anchor.sampleRate());
    }

    /** Another take that goes on from the next unit of this stretch after a sample. */
    Stretch goingOverTo(Take other, long frame) {
        List<Passage> others = Playthrough.of(other.exercise()).passages();
        NoteValue unit = nextUnit(frame);
        if (!isEndless() && unit.compareTo(passage.length()) >= 0) {
            int next = (anchor.section() + 1) % passages.size();
            return new Stretch(other, others, startOf(others, next % others.size()), sounds);
        }
        int section = isEndless() ? firstWithFeelInHand(other) : anchor.section() % others.size();
        Passage goesOn = others.get(section);
        NoteValue moment = others.size() == 1 ? unit : unit.remainder(goesOn.length());
        Anchor next = new Anchor(anchor.exactFrameOf(unit), section, moment, goesOn.tempo(), anchor.sampleRate());
        return new Stretch(other, others, next, sounds);
    }

    private static int firstWithFeelInHand(Take take) {
        int section = 0;
        while (take.exercise().sections().get(section).feel() != take.exercise().inHand()) {
            section++;
        }
        return section;
    }

    private NoteValue nextUnit(long frame) {
        long bar = nextBar;
        while (isAfterAnchor(bar) && anchor.frameOf(phrase().startOf(bar)) > frame) {
            bar--;
        }
        NoteValue moment = phrase().startOf(bar);
        NoteValue unit = phrase().bar(bar).meter().unit();
        while (moment.compareTo(anchor.moment()) < 0 || anchor.frameOf(moment) < frame) {
            moment = moment.plus(unit);
        }
        return moment;
    }

    private boolean isAfterAnchor(long bar) {
        return phrase().startOf(bar).compareTo(anchor.moment()) > 0;
    }
}
