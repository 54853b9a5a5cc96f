package nimblestride.sound.render;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import nimblestride.core.exercise.Playthrough;
import nimblestride.core.exercise.Playthrough.Passage;
import nimblestride.core.meter.Bar;
import nimblestride.core.meter.Phrase;
import nimblestride.core.value.NoteValue;
import nimblestride.core.value.Tempo;
import nimblestride.sound.kit.Sound;
import nimblestride.sound.kit.SoundSet;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * A section of a take as it is laid out in time, bar by bar, from an anchor on. The only section of a take has no end; after
 * the last of several comes the first one again.
 */
final class Stretch {
    private final Take take;
    private final SoundSet sounds;
    private final int sampleRate;
    private final List<Passage> passages;
    private final Anchor anchor;
    private final Passage passage;
    private final BarOnsets onsets;
    private final long firstBar;
    private final long playedBefore;
    private long nextBar;

    /** @param playedBefore how many bars have been played before the one it begins in */
    private Stretch(
            Take take, List<Passage> passages, Anchor anchor, long playedBefore, SoundSet sounds, int sampleRate) {
        this.take = take;
        this.sampleRate = sampleRate;
        this.passages = passages;
        this.anchor = anchor;
        this.sounds = sounds;
        this.passage = passages.get(anchor.section());
        this.onsets = new BarOnsets(passage.feel(), take.click(), take.mix(), sounds);
        this.firstBar = phrase().barAt(anchor.moment());
        this.playedBefore = playedBefore;
        this.nextBar = firstBar;
    }

    /** The beginning of a take. */
    static Stretch first(Take take, SoundSet sounds, int sampleRate) {
        List<Passage> passages = Playthrough.of(take.exercise()).passages();
        BigFraction pace = pace(take, passages.get(0).tempo(), sampleRate);
        NoteValue countIn =
                passages.get(0).feel().phrase().bars().get(0).length().times(take.countIn());
        Anchor anchor = new Anchor(pace.multiply(countIn.fraction()), 0, beginning(take, passages.get(0)), pace);
        return new Stretch(take, passages, anchor, 0, sounds, sampleRate);
    }

    /** Where a section begins to be played, from its own beginning. */
    private static NoteValue beginning(Take take, Passage passage) {
        return take.loop()
                .map(loop -> passage.feel().phrase().startOf(loop.from()))
                .orElse(NoteValue.ZERO);
    }

    /** How many bars have been played before one of this stretch. */
    private long playedUntil(long bar) {
        return playedBefore + bar - firstBar;
    }

    /** How many samples a whole note lasts. */
    private static BigFraction pace(Take take, Tempo tempo, int sampleRate) {
        return tempo.seconds(NoteValue.WHOLE)
                .multiply(BigInteger.valueOf(sampleRate))
                .multiply(BigFraction.of(100, take.percent()));
    }

    /** The clicks before the first bar: its 1 and its groups, once for each bar that is counted in. */
    List<Onset> countIn() {
        Bar first = phrase().bars().get(0);
        List<Onset> clicks = new ArrayList<>();
        for (int bar = 0; bar < take.countIn(); bar++) {
            for (NoteValue group : first.groupStarts()) {
                Click.Level level = group.isZero() ? Click.Level.BAR : Click.Level.GROUP;
                Sound sound = sounds.click(BarOnsets.strength(level));
                clicks.add(new Onset(first.length().times(bar).plus(group), sound, (float)
                        take.mix().click()));
            }
        }
        return clicks;
    }

    /** The sample of a click of the count-in, counted from the very beginning. */
    long countInFrame(NoteValue at) {
        return new Anchor(BigFraction.ZERO, 0, NoteValue.ZERO, anchor.samplesAWhole()).frameOf(at);
    }

    Anchor anchor() {
        return anchor;
    }

    private Phrase phrase() {
        return passage.feel().phrase();
    }

    private boolean isEndless() {
        return passages.size() == 1 && take.loop().isEmpty();
    }

    /** The bar after its last. */
    private long endBar() {
        return take.loop().isPresent() ? take.loop().get().to() : passage.bars();
    }

    /** Where it ends, from the beginning of its section. */
    private NoteValue end() {
        return phrase().startOf(endBar());
    }

    /** Whether the bar in which it begins has been laid out. */
    boolean isBegun() {
        return isAfterAnchor(nextBar);
    }

    /** Whether all its bars have been laid out. */
    boolean isLaidOut() {
        return !isEndless() && nextBar >= endBar();
    }

    /** The sample at which the next bar to be laid out begins; earlier than the anchor's for a bar that it lies in. */
    long nextFrame() {
        return anchor.frameOf(phrase().startOf(nextBar));
    }

    /** Lays out a bar. */
    List<Onset> layOut() {
        List<Onset> begun = onsets.in(nextBar, playedUntil(nextBar), anchor.moment());
        nextBar++;
        return begun;
    }

    /** The stretch that comes after it. */
    Stretch following() {
        int next = (anchor.section() + 1) % passages.size();
        return new Stretch(take, passages, startOf(take, passages, next), playedUntil(endBar()), sounds, sampleRate);
    }

    /** A section that begins where this one ends. */
    private Anchor startOf(Take next, List<Passage> others, int section) {
        return new Anchor(
                anchor.exactFrameOf(end()),
                section,
                beginning(next, others.get(section)),
                pace(next, others.get(section).tempo(), sampleRate));
    }

    /** Another take that goes on from the next unit of this stretch after a sample. */
    Stretch goingOverTo(Take other, long frame) {
        List<Passage> others = Playthrough.of(other.exercise()).passages();
        NoteValue unit = nextUnit(frame);
        if (!isEndless() && unit.compareTo(end()) >= 0) {
            int next = (anchor.section() + 1) % passages.size();
            Anchor start = startOf(other, others, next % others.size());
            return new Stretch(other, others, start, playedUntil(endBar()), sounds, sampleRate);
        }
        int section = passages.size() == 1 ? other.exercise().firstSection() : anchor.section() % others.size();
        Passage goesOn = others.get(section);
        NoteValue moment = momentIn(other, goesOn, others.size() == 1, unit);
        Anchor next = new Anchor(anchor.exactFrameOf(unit), section, moment, pace(other, goesOn.tempo(), sampleRate));
        return new Stretch(other, others, next, playedUntil(phrase().barAt(unit)), sounds, sampleRate);
    }

    /** Where it goes on: at the same moment, or, where a loop has no such moment, at the loop's beginning. */
    private static NoteValue momentIn(Take other, Passage passage, boolean only, NoteValue unit) {
        if (other.loop().isPresent()) {
            Phrase phrase = passage.feel().phrase();
            NoteValue within = unit.remainder(phrase.length());
            NoteValue from = phrase.startOf(other.loop().get().from());
            boolean inLoop = within.compareTo(from) >= 0
                    && within.compareTo(phrase.startOf(other.loop().get().to())) < 0;
            return inLoop ? within : from;
        }
        return only ? unit : unit.remainder(passage.length());
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
