package nimblestride.core.layer.alignment;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalLong;
import java.util.stream.LongStream;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.exact.ExactOverflowException;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.meter.Phrase;

/**
 * When one layer realigns with the bar lines. A layer of cycle C that never resets is back where it began after lcm(P,
 * C), with P the length of the phrase; one that resets is back with the phrase (arithmetic).
 *
 * @param timeline the layer laid over the phrase
 * @param returnsAfter when the layer is back where it began
 * @param landings bars, from 0, within that time whose bar line a cycle starts on, in order
 * @param firstLanding first bar, from 0, whose line a cycle ever starts on; for a layer that starts very late it may
 *     lie after that time
 */
public record Alignment(
        LayerTimeline timeline, Realignment returnsAfter, List<Long> landings, OptionalLong firstLanding) {
    /**
     * Returns the alignment of a layer with a phrase.
     *
     * @throws ExactOverflowException if its cycle can't be counted exactly
     * @throws InvalidValueException if the layer has too many hits to list
     */
    public static Alignment of(Layer layer, Phrase phrase) {
        return of(LayerTimeline.of(layer, phrase), phrase);
    }

    static Alignment of(LayerTimeline timeline, Phrase phrase) {
        try {
            return new BarLines(timeline, phrase).align();
        } catch (ExactOverflowException e) {
            throw new ExactOverflowException("this cycle is too long to count exactly: "
                    + timeline.grid().value(timeline.period()) + " against a phrase of " + phrase.length()
                    + " lines up only after more than 9,223,372,036,854,775,807 bars or units");
        }
    }

    /** Returns whether a cycle ever starts on a bar line. */
    public boolean lands() {
        return firstLanding.isPresent();
    }

    /** A timeline and the bar lines of a phrase, both counted on the grid of the timeline. */
    private static final class BarLines {
        private final LayerTimeline timeline;
        private final Phrase phrase;
        private final int bars;
        private final long unit;
        private final long phraseLength;
        private final long returnLength;

        BarLines(LayerTimeline timeline, Phrase phrase) {
            this.timeline = timeline;
            this.phrase = phrase;
            this.bars = phrase.bars().size();
            this.unit = timeline.grid().count(phrase.grid().unit());
            this.phraseLength = ExactMath.multiply(phrase.startOnGrid(bars), unit);
            this.returnLength = ExactMath.lcm(phraseLength, timeline.period());
        }

        Alignment align() {
            long phrases = returnLength / phraseLength;
            Realignment returnsAfter = new Realignment(
                    timeline.grid().value(returnLength),
                    ExactMath.multiply(phrases, bars),
                    phrases,
                    ExactMath.multiply(returnLength / timeline.period(), timeline.cyclesPerPeriod()));
            long[] all = landings(returnsAfter);
            List<Long> within = new ArrayList<>();
            for (long bar : all) {
                if (bar < returnsAfter.bars()) {
                    within.add(bar);
                }
            }
            return new Alignment(
                    timeline,
                    returnsAfter,
                    List.copyOf(within),
                    all.length == 0 ? OptionalLong.empty() : OptionalLong.of(all[0]));
        }

        /**
         * Returns the first bar of each landing within a realignment. Bar i of round j starts at s + jP, and a cycle
         * starts there if jP ≡ start + c - s (mod period).
         */
        private long[] landings(Realignment returnsAfter) {
            LinearCongruence congruence = new LinearCongruence(phraseLength, timeline.period());
            ResidueClasses cycles = new ResidueClasses(
                    timeline.cycleStarts()
                            .map(start -> ExactMath.add(timeline.start(), start))
                            .toArray(),
                    congruence.divisor());
            LongStream.Builder landings = LongStream.builder();
            for (int bar = 0; bar < bars; bar++) {
                long barStart = phrase.startOnGrid(bar) * unit;
                for (long start : cycles.like(barStart)) {
                    long round = congruence.solve(start - barStart);
                    long number = ExactMath.add(ExactMath.multiply(round, bars), bar);
                    long at = ExactMath.add(barStart, ExactMath.multiply(round, phraseLength));
                    long returnsMissed = at >= timeline.start() ? 0 : (timeline.start() - at - 1) / returnLength + 1;
                    landings.add(ExactMath.add(number, ExactMath.multiply(returnsMissed, returnsAfter.bars())));
                }
            }
            return SortedLongs.once(landings.build().toArray());
        }
    }
}
