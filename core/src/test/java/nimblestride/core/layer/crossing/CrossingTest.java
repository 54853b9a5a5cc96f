package nimblestride.core.layer.crossing;

import static nimblestride.core.language.text.Examples.bars;
import static nimblestride.core.language.text.Examples.layer;
import static nimblestride.core.language.text.Examples.value;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import nimblestride.core.kit.sticking.LeadHand;
import nimblestride.core.layer.crossing.BarByBar.Sits;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Grouping;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CrossingTest {
    /**
     * The words as drummers use them (common practice), by the rule of Krebs, Fantasy Pieces (1999): grouping dissonance
     * is named by its ratio.
     */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "4/4            | ride cell x.... of 1/8        | polymeter",
                "10/8 x2, 9/16  | kick every 5/16               | polymeter",
                "4/4            | kick every 3/8                | cross-rhythm 2:3",
                "4/4            | kick every 3/16               | cross-rhythm 4:3",
                "3/4            | kick every 1/2                | polymeter",
                "11/8           | kick every 1/4                | polymeter",
                "4/4            | snare 3 over bar              | polyrhythm 3:4",
                "4/4            | snare 6 over bar              | polyrhythm 3:2",
                "3/4            | snare every 3/16              | polyrhythm 4:3",
                "6/8            | snare every 1/4               | polyrhythm 3:2",
                "9/8            | kick every 1/4                | cross-rhythm 3:2",
                "9/8            | snare 5 over bar              | polyrhythm 5:3",
                "4/4            | snare every 1/6               | polyrhythm 3:2",
                "4/4, 3/4       | snare 5 over phrase           | cross-rhythm 5:7",
                "4/4            | snare 5 over 2 bars           | cross-rhythm 5:8",
                "7/8            | kick every 1/12               | polymeter and cross-rhythm",
                "4/4            | kick cell x.x of 1/10         | polymeter and cross-rhythm 5:2",
                "12/8           | kick cell x.x. of 1/8         | polyrhythm 3:4",
                "7/8            | snare 4 over bar              | polyrhythm",
                "10/8           | kick every 1/4                | in step",
                "8/8(4+4)       | kick every 1/4                | in step",
                "4/4            | kick every 1/4                | in step",
                "4/4            | kick every 1/12               | in step",
                "4/4            | kick 8 over bar               | in step",
                "7/8 x2         | kick cell x......x...... of 1/8 | in step",
                "11/8           | kick every 3/16 reset bar     | in step, cut off",
                "4/4            | kick every 3/16 reset bar     | cross-rhythm 4:3, cut off",
                "3/4            | kick every 1/2 reset bar      | in step, cut off",
                "4/4            | kick at 1:0 1:3/8             | in step",
                "4/4            | kick at 1:0 across 2 bars     | in step",
                "4/4, 3/4       | kick at 1:0 across 3 bars     | polymeter",
                "4/4, 3/4       | kick every 7/8 reset phrase   | cross-rhythm 2:7",
                "7/8            | kick every 1/4 reset phrase   | in step, cut off",
                "4/4            | kick every 3/4 reset never    | polymeter",
                "4/4            | snare 3 over bar reset bar    | polyrhythm 3:4",
                "4/4            | kick cell x.. of 1/16 reset bar | in step 4:3, cut off"
            })
    void isCalledWhatItIs(String bars, String layer, String called) {
        Crossing crossing = Crossing.of(layer(layer), bars(bars));
        assertThat(crossing.kind().title()
                        + crossing.ratio().map(ratio -> " " + ratio).orElse("")
                        + (crossing.cutOff() ? ", cut off" : ""))
                .isEqualTo(called);
        assertThat(Crossing.of(layer(layer).withOffset(value("1/32")), bars(bars)))
                .isEqualTo(crossing);
        assertThat(crossing.ratio().filter(Crossing.Ratio::isHemiola).isPresent())
                .isEqualTo(called.contains("3:2"));
    }

    @Test
    void evenNotesOverUnevenBeatsAreCountedInUnits() {
        assertThat(Crossing.of(layer("snare 4 over bar"), bars("7/8")).spread())
                .contains(new Crossing.Spread(4, 7, value("1/8")));
        assertThat(Crossing.of(layer("snare 5 over 2 bars"), bars("7/16")).spread())
                .contains(new Crossing.Spread(5, 14, value("1/16")));
        assertThat(Crossing.of(layer("snare 4 over bar"), bars("7/8, 5/16")).spread())
                .isEmpty();
        assertThat(Crossing.of(layer("snare every 7/32"), bars("7/8")).spread())
                .contains(new Crossing.Spread(4, 7, value("1/8")));
    }

    /** The keys of the report's contract, and sums told of a ratio: 3 against 2 are four different hits. */
    @Test
    void kindsHaveKeysAndRatiosSums() {
        assertThat(Crossing.Kind.values())
                .extracting(Crossing.Kind::key)
                .containsExactly("in-step", "polymeter", "polyrhythm", "cross-rhythm", "both");
        assertThat(new Crossing.Ratio(3, 2).hitsTogether()).isEqualTo(4);
        assertThat(new Crossing.Ratio(5, 4).hitsTogether()).isEqualTo(8);
        assertThat(Sits.values())
                .extracting(Sits::title)
                .allMatch(title -> !title.isBlank())
                .doesNotHaveDuplicates();
    }

    /** A bar that would go beyond the limit is left out, and all after it. */
    @Test
    void barsAreFollowedUpToANumberOfHits() {
        Phrase phrase = bars("4/4");
        LayerTimeline quarters = LayerTimeline.of(layer("ride every 1/4"), phrase);
        assertThat(BarByBar.onBeats(quarters, phrase, 5, 7)).hasSize(1);
        assertThat(BarByBar.onBeats(quarters, phrase, 5, 8)).hasSize(2);
        assertThat(BarByBar.onBeats(quarters, phrase, 5, 20)).hasSize(5);
    }

    /** A plain walk: every ratio is that of the hits to the beats until both first fall together. */
    @Property(tries = 500)
    void aRatioIsWhatAPlainWalkCounts(
            @ForAll @IntRange(min = 1, max = 12) int quarters,
            @ForAll @IntRange(min = 1, max = 24) int top,
            @ForAll @IntRange(min = 3, max = 24) int bottom) {
        NoteValue spacing = NoteValue.of(top, bottom);
        Crossing crossing = Crossing.of(layer("kick every " + spacing), bars("4/4"));
        int hits = 1;
        while (!spacing.times(hits).isMultipleOf(NoteValue.QUARTER)) {
            hits++;
        }
        long beats = spacing.times(hits).wholePartsOf(NoteValue.QUARTER);
        assertThat(crossing.ratio().map(Crossing.Ratio::toString).orElse(""))
                .isEqualTo(hits > 1 && beats > 1 ? hits + ":" + beats : "");
    }

    /** Accepting a grouping never changes a name. */
    @Property(tries = 300)
    void theGroupingMakesNoDifference(
            @ForAll @Size(min = 1, max = 8) List<@IntRange(min = 1, max = 6) Integer> groups,
            @ForAll @IntRange(min = 1, max = 3) int unit,
            @ForAll @IntRange(min = 1, max = 16) int top) {
        int units = groups.stream().mapToInt(Integer::intValue).sum();
        Meter meter = Meter.of(units, 2 << unit);
        Phrase grouped = Phrase.of(new Bar(meter, new Grouping(groups)));
        for (String layer :
                List.of("kick every " + top + "/24", "snare " + top + " over bar", "kick cell x.x of " + top + "/16")) {
            assertThat(Crossing.of(layer(layer), grouped))
                    .isEqualTo(Crossing.of(layer(layer), Phrase.of(Bar.of(meter))));
        }
    }

    private static String sits(String bars, String layer) {
        Phrase phrase = bars(bars);
        return BarByBar.of(layer(layer), LayerTimeline.of(layer(layer), phrase), phrase, 6, 10_000).stream()
                .map(bar -> bar.sits() + ":" + bar.hits())
                .collect(Collectors.joining(" "));
    }

    /** The first is the worked example of the project's plan: on the beat in bar 1, off it in bar 2. */
    @Test
    void onTheBeatInOneBarAndOffItInTheNext() {
        assertThat(sits("11/8", "kick every 1/4")).isEqualTo("ON:6 OFF:5 ON:6 OFF:5 ON:6 OFF:5");
        assertThat(sits("12/8", "kick every 3/8 from 1/8")).isEqualTo("OFF:4 OFF:4 OFF:4 OFF:4 OFF:4 OFF:4");
        assertThat(sits("4/4", "kick every 3/8")).isEqualTo("BOTH:3 BOTH:3 BOTH:2 BOTH:3 BOTH:3 BOTH:2");
        assertThat(sits("3/4", "kick every 3 from 3/4")).isEqualTo("SILENT:0 ON:1 SILENT:0 SILENT:0 SILENT:0 ON:1");
    }

    @Property(tries = 800)
    void barsAreCountedAsAPlainWalkCountsThem(
            @ForAll @IntRange(min = 1, max = 13) int top,
            @ForAll @IntRange(min = 1, max = 9) int step,
            @ForAll @IntRange(max = 12) int late) {
        Phrase phrase = bars(top + "/8, 5/16, 2/4");
        LayerTimeline timeline =
                LayerTimeline.of(layer("kick cell x..xx of " + step + "/24 from " + late + "/16"), phrase);
        List<BarByBar> bars = BarByBar.onBeats(timeline, phrase, 9, 100_000);
        for (int bar = 0; bar < 9; bar++) {
            NoteValue start = phrase.startOf(bar);
            List<Hit> hits = timeline.between(start, phrase.startOf(bar + 1L), 99_999);
            List<NoteValue> beats = phrase.bar(bar).beats().starts();
            assertThat(bars.get(bar))
                    .isEqualTo(new BarByBar(
                            hits.size(),
                            hits.stream()
                                    .filter(hit -> beats.contains(hit.at().minus(start)))
                                    .count()));
        }
        assertThat(BarByBar.onBeats(timeline, phrase, 9, 3))
                .isEqualTo(
                        bars.subList(0, BarByBar.onBeats(timeline, phrase, 9, 3).size()));
    }

    /** Four riffs of 5/8 leave 1/2 of three bars of 4/4: the worked example of the project's plan. */
    @Test
    void whatIsLeftOver() {
        LayerTimeline riff = LayerTimeline.of(layer("kick cell x.... of 1/8"), bars("4/4"));
        assertThat(Remainder.of(riff, value("3"))).isEqualTo(new Remainder(4, value("1/2")));
        assertThat(Remainder.of(riff, value("3")).untilNextCycle(value("5/8"))).isEqualTo(value("1/8"));
        assertThat(Remainder.of(riff, value("5"))).isEqualTo(new Remainder(8, NoteValue.ZERO));
        LayerTimeline late = LayerTimeline.of(layer("kick cell x.... of 1/8 from 1/2"), bars("4/4"));
        assertThat(Remainder.of(late, value("3"))).isEqualTo(new Remainder(4, NoteValue.ZERO));
        assertThat(Remainder.of(late, value("1/4"))).isEqualTo(new Remainder(0, NoteValue.ZERO));
    }

    /** An odd number of alternate strokes changes the hand: listed stroke by stroke. */
    @Property
    void handsAsStrokeByStroke(@ForAll @IntRange(min = 2, max = 40) int cycle, @ForAll @IntRange(max = 30) int late) {
        AlternatingHands hands = AlternatingHands.under(
                        layer("snare every " + cycle + "/16 from " + late + "/16"), bars("7/16"), LeadHand.LEFT)
                .orElseThrow();
        List<Boolean> leading = LongStream.of(late, late + cycle)
                .mapToObj(stroke -> LongStream.range(0, stroke).count() % 2 == 0)
                .toList();
        assertThat(hands.hits().stream()
                        .map(limb -> limb == LeadHand.LEFT.hand())
                        .toList())
                .isEqualTo(leading);
        assertThat(hands.changes()).isEqualTo(cycle % 2 == 1);
        assertThat(hands.stroke()).isEqualTo(NoteValue.SIXTEENTH);
    }

    @Test
    void nothingRunsUnderWhatHasItsOwnHandsOrAFoot() {
        for (String none :
                List.of("kick every 3/16", "snare sticking R L L of 1/16", "snare 5 over bar", "snare every 1/7")) {
            assertThat(AlternatingHands.under(layer(none), bars("7/8"), LeadHand.RIGHT))
                    .isEmpty();
        }
        assertThat(Sits.values()).hasSize(4);
    }
}
