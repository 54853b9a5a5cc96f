package nimblestride.core.layer.alignment;

import static nimblestride.core.language.text.Examples.bars;
import static nimblestride.core.language.text.Examples.layer;
import static nimblestride.core.language.text.Examples.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import nimblestride.core.foundation.exact.ExactOverflowException;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AlignmentTest {
    private static Alignment align(String bars, String layer) {
        return Alignment.of(layer(layer), bars(bars));
    }

    private static List<Long> fromOne(List<Long> fromZero) {
        return fromZero.stream().map(bar -> bar + 1).toList();
    }

    /** The worked examples of the project's plan, each worked by hand. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "11/8            | kick every 1/4                | 11/4    | 2  | 11 | [1]",
                "5/8 x2, 11/16   | kick every 3/16 from 1/16     | 93/16   | 9  | 31 | [2, 4, 9]",
                "10/8 x2, 9/16   | kick cell x.... of 1/16       | 245/16  | 15 | 49 | [1, 2, 3]",
                "10/8 x2, 9/16   | kick every 5/16               | 245/16  | 15 | 49 | [1, 2, 3]",
                "19/16           | snare cell x..x. of 1/16      | 95/16   | 5  | 19 | [1]",
                "4/4             | ride cell x.... of 1/8        | 5       | 5  | 8  | [1]",
                "11/8            | kick every 3/16               | 33/8    | 3  | 22 | [1]",
                "11/8            | kick every 1/4 from 1/2       | 11/4    | 2  | 11 | []",
                "4/4             | kick 3 over 2 bars            | 2       | 2  | 1  | [1]",
                "11/8 x2, 9/16   | snare 4 over bar              | 53/16   | 3  | 3  | [1, 2, 3]",
                "4/4, 3/4        | snare 4 over 3 bars           | 21/4    | 6  | 2  | [1, 4]",
                "10/8 x2, 9/16   | kick every 5/16 reset bar     | 49/16   | 3  | 10 | [1, 2, 3]",
                "10/8 x2, 9/16   | kick every 5/16 reset phrase  | 49/16   | 3  | 10 | [1, 2, 3]"
            })
    void comesHomeAndLandsAsWorkedByHand(
            String bars, String layer, String length, long count, long cycles, String landings) {
        Alignment alignment = align(bars, layer);
        assertThat(alignment.returnsAfter())
                .isEqualTo(new Realignment(
                        value(length), count, count / bars(bars).bars().size(), cycles));
        assertThat(fromOne(alignment.landings())).hasToString(landings);
    }

    @Test
    void fiveOverNineEighthsFallsWhereTheSumSays() {
        LayerTimeline timeline = LayerTimeline.of(layer("snare 5 over bar"), bars("9/8"));
        assertThat(timeline.between(NoteValue.ZERO, value("9/8"), 99))
                .extracting(hit -> hit.at().toString())
                .containsExactly("0", "9/40", "9/20", "27/40", "9/10");
    }

    @Test
    void aResetCutsTheLastCycleAndSaysWhatIsPlayedOfIt() {
        assertThat(align("9/16", "kick every 5/16 reset bar").timeline().remainder())
                .isEqualTo(value("1/4"));
        assertThat(align("10/8", "kick every 5/16 reset bar").timeline().remainder())
                .isEqualTo(NoteValue.ZERO);
        assertThat(align("11/8", "kick every 3/16 from 1/16 reset bar")
                        .timeline()
                        .remainder())
                .isEqualTo(NoteValue.ZERO);
        assertThat(align("11/8", "kick every 3/16").timeline().remainder()).isEqualTo(NoteValue.ZERO);
    }

    @Test
    void aLayerThatStartsVeryLateLandsWhenItComes() {
        Alignment alignment = align("11/8", "kick every 1/4 from 1/2");
        assertThat(alignment.firstLanding()).hasValue(2);
        assertThat(alignment.lands()).isTrue();
        assertThat(align("4/4", "kick every 1/4 from 1/8").lands()).isFalse();
    }

    /** Checks number theory against a plain walk over the cycle, bar by bar and hit by hit. */
    @Property(tries = 4000)
    void agreesWithAPlainWalk(
            @ForAll @Size(min = 1, max = 4) List<@IntRange(min = 1, max = 13) Integer> numerators,
            @ForAll @IntRange(min = 0, max = 5) int shape,
            @ForAll @IntRange(min = 1, max = 11) int cycle,
            @ForAll @IntRange(min = 0, max = 40) int offset,
            @ForAll @IntRange(min = 0, max = 4) int reset,
            @ForAll @IntRange(min = 1, max = 4) int ones) {
        int[] unders = {8, 16, 12, 4};
        List<String> texts = new ArrayList<>();
        for (int i = 0; i < numerators.size(); i++) {
            texts.add(numerators.get(i) + "/" + unders[i]);
        }
        Phrase phrase = bars(String.join(", ", texts));
        String[] shapes = {
            "every " + cycle + "/16",
            "every " + cycle + "/12",
            cycle + " over bar",
            cycle + " over 2 bars",
            "cell x[.g]x2 X of " + cycle + "/32",
            cycle + " over phrase"
        };
        String[] resets = {"never", "bar", "phrase", "bars 3", "bars 2 4 9"};
        Layer layer = layer("kick " + shapes[shape] + " from " + offset + "/16 reset " + resets[reset]
                + (ones == 1 ? "" : " one every " + ones + " bars"));
        Alignment alignment = Alignment.of(layer, phrase);

        PlainWalk walk = new PlainWalk(layer, phrase, alignment.returnsAfter().length());
        assertThat(alignment.landings()).containsExactlyElementsOf(walk.landings());
        assertThat(alignment.returnsAfter().length().isMultipleOf(phrase.length()))
                .isTrue();
        NoteValue until = phrase.length().times(3);
        assertThat(alignment.timeline().between(NoteValue.ZERO, until, Integer.MAX_VALUE))
                .extracting(Hit::at)
                .containsExactlyElementsOf(walk.hitsBefore(until));
    }

    @Property(tries = 1500)
    void meetingsAgreeWithAPlainWalk(
            @ForAll @IntRange(min = 1, max = 9) int one,
            @ForAll @IntRange(min = 1, max = 9) int other,
            @ForAll @IntRange(min = 0, max = 60) int late,
            @ForAll @IntRange(min = 0, max = 60) int later,
            @ForAll boolean cell,
            @ForAll @IntRange(min = 0, max = 2) int shape) {
        Phrase phrase = bars("7/8, 5/16");
        String[] shapes = {"every " + other + "/12", "cell x.xg. of " + other + "/16", "5 over bar"};
        String first = cell ? "cell xx.x of " + one + "/32" : "every " + one + "/16";
        LayerTimeline a = LayerTimeline.of(layer("kick " + first + " from " + late + "/16"), phrase);
        LayerTimeline b = LayerTimeline.of(layer("snare " + shapes[shape] + " from " + later + "/16"), phrase);
        Meeting meeting = Meeting.of(a, b);

        // From the moment both have begun, a whole common cycle shows every meeting once.
        NoteValue begun = NoteValue.of(Math.max(late, later), 16);
        NoteValue until = begun.plus(meeting.every());
        Set<NoteValue> hitsOfA = times(a, begun, until);
        Set<NoteValue> hitsOfB = times(b, begun, until);
        List<NoteValue> both = hitsOfA.stream().filter(hitsOfB::contains).toList();
        Set<NoteValue> either = new TreeSet<>(hitsOfA);
        either.addAll(hitsOfB);
        assertThat(meeting.perCycle()).isEqualTo(both.size());
        assertThat(meeting.onsets()).isEqualTo(either.size());
        assertThat(meeting.first())
                .containsExactlyElementsOf(both.stream().limit(8).toList());
    }

    private static Set<NoteValue> times(LayerTimeline timeline, NoteValue from, NoteValue to) {
        return timeline.between(from, to, Integer.MAX_VALUE).stream()
                .map(Hit::at)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    /** n evenly spaced notes against m over the same span make n + m - gcd(n, m) onsets (common practice). */
    @Property
    void evenNotesAgainstEvenNotes(
            @ForAll @IntRange(min = 1, max = 40) int n, @ForAll @IntRange(min = 1, max = 40) int m) {
        Phrase phrase = bars("7/8");
        Meeting meeting = Meeting.of(
                LayerTimeline.of(layer("kick " + n + " over bar"), phrase),
                LayerTimeline.of(layer("snare " + m + " over bar"), phrase));
        long gcd = LongStream.rangeClosed(1, n)
                .filter(i -> n % i == 0 && m % i == 0)
                .max()
                .orElseThrow();
        assertThat(meeting.onsets()).isEqualTo(n + m - gcd);
        assertThat(meeting.perCycle()).isEqualTo(gcd);
    }

    @Test
    void aReturnOfTenToTheSixteenthUnitsIsAnsweredByNumberTheory() {
        Alignment alignment = align("9967/9973", "kick every 9949/10007");
        NoteValue unit = alignment.timeline().grid().unit();
        assertThat(alignment.returnsAfter().length()).isEqualTo(NoteValue.of(9967L * 9949, 1));
        assertThat(alignment.returnsAfter().length().wholePartsOf(unit)).isEqualTo(9967L * 9949 * 9973 * 10007);
        assertThat(alignment.landings()).containsExactly(0L);
    }

    @Test
    void aReturnBeyondTheNumbersSaysSo() {
        assertThatExceptionOfType(ExactOverflowException.class)
                .isThrownBy(() -> align("9999/1000", "kick every 3000000019/1000000007 from 1/999999937"))
                .withMessageContaining("exactly");
    }

    @Test
    void manyPairsOfHitsAreCountedWithoutBeingListed() {
        Phrase phrase = bars("4/4 x2000");
        LayerTimeline dense = LayerTimeline.of(layer("ride every 1/64 reset phrase"), phrase);
        LayerTimeline cell = LayerTimeline.of(layer("kick cell " + "x".repeat(1000) + ". of 1/64"), phrase);
        Meeting meeting = Meeting.of(dense, cell);
        assertThat(meeting.perCycle()).isEqualTo(128_000L * 1000);
        assertThat(meeting.first()).hasSize(8).startsWith(NoteValue.ZERO, value("1/64"));
    }

    /** Whichever starts later, and however many of its cycles the other has played by then. */
    @ParameterizedTest
    @CsvSource({"0, 0, 0", "2, 3, 3", "7, 1, 7", "0, 2002, 2002", "2002, 0, 2002", "0, 2001, 2001", "0, 1000, 1000"})
    void manyPairsOfHitsMeetFirstOnceBothHaveBegun(int dense, int cell, int first) {
        Phrase phrase = bars("4/4 x2000");
        LayerTimeline ride = LayerTimeline.of(layer("ride every 1/64 from " + dense + "/64"), phrase);
        LayerTimeline kick = LayerTimeline.of(
                layer("kick cell " + "x".repeat(1000) + ". of 1/64 from " + cell + "/64 reset phrase"), phrase);
        assertThat(Meeting.of(kick, ride).first().get(0)).isEqualTo(NoteValue.of(first, 64));
        assertThat(Meeting.of(ride, kick).first().get(0)).isEqualTo(NoteValue.of(first, 64));
    }
}
