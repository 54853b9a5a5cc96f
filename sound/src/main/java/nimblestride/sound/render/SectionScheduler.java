package nimblestride.sound.render;

import java.math.BigInteger;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import nimblestride.core.exercise.analysis.Playthrough;
import nimblestride.core.exercise.analysis.Playthrough.Passage;
import nimblestride.core.layer.modulation.Modulation;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import nimblestride.sound.kit.SampleSet;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * Schedules the sounds of one section, bar by bar, from an anchor on. A single section has no end; after the last of
 * several, the first follows.
 */
final class SectionScheduler {
    /** Schedules a long bar in parts of this many units. */
    private static final int UNITS_PER_PART = 64;

    /** Bars shorter than two thousandths of a second blur into one noise; the scheduler skips those between. */
    private static final double MIN_SECONDS = 0.0005;

    private final PlaybackRequest request;
    private final SampleSet sounds;
    private final int sampleRate;
    private final List<Passage> passages;
    private final TimeAnchor anchor;
    private final Passage passage;
    private final SectionSounds onsets;
    private final long firstBar;
    private final long playedBefore;
    /** The moment up to which the section is scheduled. */
    private NoteValue laidOut;

    /** @param playedBefore bars played before the one it begins in */
    private SectionScheduler(
            PlaybackRequest request,
            List<Passage> passages,
            TimeAnchor anchor,
            long playedBefore,
            SampleSet sounds,
            int sampleRate) {
        this.request = request;
        this.sampleRate = sampleRate;
        this.passages = passages;
        this.anchor = anchor;
        this.sounds = sounds;
        this.passage = passages.get(anchor.section());
        this.onsets = new SectionSounds(passage.content(), passage.tempo(), request, clicks(), sounds);
        this.firstBar = phrase().barAt(anchor.moment());
        this.playedBefore = playedBefore;
        this.laidOut = anchor.moment();
    }

    /** Returns the clicks of the section. The step from the last section to the first is no modulation. */
    private ClickTrack clicks() {
        if (anchor.section() + 1 >= passages.size()) {
            return new ClickTrack(request.click(), passage.content());
        }
        Passage next = passages.get(anchor.section() + 1);
        Pivot entered = next.section().pivot();
        Modulation shift = new Modulation(
                passage.tempo(),
                entered,
                passage.content().phrase(),
                next.content().phrase());
        return new ClickTrack(
                request.click(), passage.content(), new ClickTrack.BeatAfterChange(passage.length(), shift.pulse()));
    }

    /** Schedules the first section of a request. */
    static SectionScheduler first(PlaybackRequest request, SampleSet sounds, int sampleRate) {
        List<Passage> passages = Playthrough.of(request.exercise()).passages();
        int section = request.start().section();
        Passage passage = passages.get(section);
        BigFraction pace = pace(request, passage.tempo(), sampleRate);
        NoteValue moment = beginning(request, passage);
        Bar bar = passage.content().phrase().bar(passage.content().phrase().barAt(moment));
        NoteValue countIn =
                request.countIn().length(bar, withinItsBar(passage.content().phrase(), moment));
        TimeAnchor anchor = new TimeAnchor(pace.multiply(countIn.fraction()), section, moment, pace);
        return new SectionScheduler(request, passages, anchor, 0, sounds, sampleRate);
    }

    /**
     * Returns where a request begins: its start point, or the start of its loop if the point lies outside the loop.
     */
    private static NoteValue beginning(PlaybackRequest request, Passage passage) {
        NoteValue moment = request.start().moment();
        return request.loop().map(loop -> inLoop(loop, passage, moment)).orElse(moment);
    }

    private static NoteValue inLoop(Loop loop, Passage passage, NoteValue moment) {
        Phrase phrase = passage.content().phrase();
        NoteValue from = phrase.startOf(loop.from());
        NoteValue to = phrase.startOf(loop.to());
        return Stream.of(moment, moment.remainder(phrase.length()))
                .filter(at -> at.compareTo(from) >= 0 && at.compareTo(to) < 0)
                .findFirst()
                .orElse(from);
    }

    private static NoteValue withinItsBar(Phrase phrase, NoteValue moment) {
        return moment.minus(phrase.startOf(phrase.barAt(moment)));
    }

    /** Returns where a section begins when it follows another one, or repeats. */
    private static NoteValue startOf(PlaybackRequest request, Passage passage) {
        return request.loop()
                .map(loop -> passage.content().phrase().startOf(loop.from()))
                .orElse(NoteValue.ZERO);
    }

    /** Returns how many bars have been played before a bar of this section. */
    private long playedUntil(long bar) {
        return playedBefore + bar - firstBar;
    }

    /** Returns how many samples a whole note lasts. */
    private static BigFraction pace(PlaybackRequest request, Tempo tempo, int sampleRate) {
        return tempo.seconds(NoteValue.WHOLE)
                .multiply(BigInteger.valueOf(sampleRate))
                .multiply(BigFraction.of(100, request.percent()));
    }

    /** Returns the count-in's clicks, by the sample on which each falls. */
    Map<Long, SoundOnset> countIn() {
        Bar bar = phrase().bar(firstBar);
        TimeAnchor beginning = new TimeAnchor(BigFraction.ZERO, 0, NoteValue.ZERO, anchor.samplesPerWhole());
        Map<Long, SoundOnset> clicks = new TreeMap<>();
        request.countIn()
                .clicks(bar, withinItsBar(phrase(), anchor.moment()))
                .forEach((at, level) ->
                        clicks.put(beginning.frameOf(at), SectionSounds.click(at, level, request, sounds)));
        return clicks;
    }

    PlaybackRequest request() {
        return request;
    }

    TimeAnchor anchor() {
        return anchor;
    }

    private Phrase phrase() {
        return passage.content().phrase();
    }

    private boolean isEndless() {
        return passages.size() == 1 && request.loop().isEmpty();
    }

    /** Returns the bar after the last. */
    private long endBar() {
        return request.loop().isPresent() ? request.loop().get().to() : passage.bars();
    }

    /** Returns the end, from the start of the section. */
    private NoteValue end() {
        return phrase().startOf(endBar());
    }

    /** Returns whether any part is scheduled. */
    boolean isBegun() {
        return laidOut.compareTo(anchor.moment()) > 0;
    }

    /** Returns whether everything is scheduled. */
    boolean isLaidOut() {
        return !isEndless() && laidOut.compareTo(end()) >= 0;
    }

    /** Returns the sample up to which the section is scheduled. */
    long nextFrame() {
        return anchor.frameOf(laidOut);
    }

    /** Schedules the next part. */
    List<SoundOnset> layOut() {
        long bar = phrase().barAt(laidOut);
        NoteValue end = phrase().startOf(bar + 1);
        NoteValue part = laidOut.plus(phrase().bar(bar).meter().unit().times(UNITS_PER_PART));
        NoteValue to = part.compareTo(end) < 0 ? part : end;
        List<SoundOnset> begun = onsets.between(bar, playedUntil(bar), laidOut, to);
        laidOut = to.equals(end) ? phrase().startOf(bar + barsHeardAsOne(end.minus(phrase().startOf(bar)))) : to;
        return begun;
    }

    /** Returns how many bars of a length pass within {@link #MIN_SECONDS}. */
    private long barsHeardAsOne(NoteValue length) {
        double samples = length.toDouble() * anchor.samplesPerWhole().doubleValue();
        return Math.max(1, (long) Math.ceil(MIN_SECONDS * sampleRate / samples));
    }

    /** Returns the section that follows. */
    SectionScheduler following() {
        int next = (anchor.section() + 1) % passages.size();
        return new SectionScheduler(
                request, passages, startOf(request, passages, next), playedUntil(endBar()), sounds, sampleRate);
    }

    /** Returns the anchor of a section that begins where this one ends. */
    private TimeAnchor startOf(PlaybackRequest next, List<Passage> others, int section) {
        return new TimeAnchor(
                anchor.exactFrameOf(end()),
                section,
                startOf(next, others.get(section)),
                pace(next, others.get(section).tempo(), sampleRate));
    }

    /** Returns the schedule of another request that takes over at the first unit after a sample. */
    SectionScheduler goingOverTo(PlaybackRequest other, long frame) {
        List<Passage> others = Playthrough.of(other.exercise()).passages();
        NoteValue unit = nextUnit(frame);
        if (!isEndless() && unit.compareTo(end()) >= 0) {
            int next = (anchor.section() + 1) % passages.size();
            TimeAnchor start = startOf(other, others, next % others.size());
            return new SectionScheduler(other, others, start, playedUntil(endBar()), sounds, sampleRate);
        }
        int section = passages.size() == 1 ? other.exercise().firstSection() : anchor.section() % others.size();
        Passage goesOn = others.get(section);
        NoteValue moment = momentIn(other, goesOn, others.size() == 1, unit);
        TimeAnchor next =
                new TimeAnchor(anchor.exactFrameOf(unit), section, moment, pace(other, goesOn.tempo(), sampleRate));
        return new SectionScheduler(other, others, next, playedUntil(phrase().barAt(unit)), sounds, sampleRate);
    }

    /**
     * Returns where the other request begins: at the same moment, or at the start of its loop if the moment lies
     * outside it.
     */
    private static NoteValue momentIn(PlaybackRequest other, Passage passage, boolean only, NoteValue unit) {
        if (other.loop().isPresent()) {
            return inLoop(other.loop().get(), passage, unit);
        }
        return only ? unit : unit.remainder(passage.length());
    }

    /** Returns the first unit of a bar at or after a sample. */
    private NoteValue nextUnit(long frame) {
        NoteValue about = anchor.about(frame);
        NoteValue moment = phrase().startOf(phrase().barAt(about));
        NoteValue unit = unitAt(moment);
        moment = moment.plus(unit.times(Math.max(0, about.minus(moment).wholePartsOf(unit) - 1)));
        while (moment.compareTo(anchor.moment()) < 0 || anchor.frameOf(moment) < frame) {
            moment = moment.plus(unitAt(moment));
        }
        return moment;
    }

    private NoteValue unitAt(NoteValue moment) {
        return phrase().bar(phrase().barAt(moment)).meter().unit();
    }
}
