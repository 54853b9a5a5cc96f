package nimblestride.core.notation.score;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.Collectors;
import nimblestride.core.language.text.Examples;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.notation.score.BarPlan.Planned;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Grouping;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.value.NoteValue;
import org.apache.commons.numbers.fraction.BigFraction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Beams, tuplets and modulation signs against common practice. */
class BeamingTest {
    /** How many beams go on from each note under a beam to the next; a bar between beams. */
    @ParameterizedTest(name = "{0} with {1}")
    @CsvSource({
        "4/4, snare every 1/16, 2 2 2 | 2 2 2 | 2 2 2 | 2 2 2",
        // Thirty-seconds are parted at the eighth.
        "1/4, snare every 1/32, 3 3 3 1 3 3 3",
        // A group of three eighths is felt as one, two quarters are not.
        "3/8, snare every 1/16, 2 2 2 2 2",
        "2/4(2), snare every 1/16, 2 2 2 1 2 2 2",
        "5/8(5), snare every 1/16, 2 1 2 1 2 1 2 1 2",
        "5/16(5), snare every 1/16, 2 2 2 2",
        "7/8(2+2+3), snare every 1/8, 1 | 1 | 1 1",
        // Triplets in one group are parted from each other, but not from the group.
        "2/4(2), snare every 1/24, 2 2 2 2 2 1 2 2 2 2 2",
        // A tuplet over several groups is beamed as one.
        "2/4, snare 7 over bar, 1 1 1 1 1 1",
        // A dotted eighth and a sixteenth share one beam.
        "1/4, snare cell x..x of 1/16, 1",
        // The first beam alone goes on to the longer note.
        "4/4, snare cell xx.. of 1/16, 1 | 1 | 1 | 1",
        // No beam begins or ends in a rest.
        "3/8, snare cell .xx.x. of 1/16, 1 1",
    })
    void joins(String bars, String layer, String expected) {
        Score score = ScoreWriter.write(Examples.exercise(bars, layer), ScoreStyle.DEFAULT);
        String joins = score.bars().get(0).hands().beams().stream()
                .map(beam -> beam.joins().stream().map(String::valueOf).collect(Collectors.joining(" ")))
                .collect(Collectors.joining(" | "));
        assertThat(joins).isEqualTo(expected);
    }

    /** So many notes over a length: after the rule that the next larger note value is not yet filled (see TupletChoice). */
    @ParameterizedTest(name = "{0} over {1}")
    @CsvSource({
        "3, 1/4, 3:2, 8, 0",
        "5, 1/4, 5:4, 16, 0",
        "6, 1/4, 6:4, 16, 0",
        "7, 1/4, 7:4, 16, 0",
        "9, 1/4, 9:8, 32, 0",
        "5, 3/8, 5:3, 8, 0",
        "7, 3/8, 7:6, 16, 0",
        "5, 9/8, 5:3, 4, 1",
        "3, 5/8, 3:5, 8, 0",
        "7, 5/8, 7:5, 8, 0",
        "11, 4/4, 11:8, 8, 0",
    })
    void tuplets(int notes, String length, String ratio, int divisor, int dots) {
        Tuplet tuplet =
                TupletChoice.of(notes, Examples.value(length)).orElseThrow().tuplet();
        assertThat(tuplet.actual() + ":" + tuplet.normal()).isEqualTo(ratio);
        assertThat(tuplet.unit()).isEqualTo(new NoteShape(divisor, dots));
        assertThat(tuplet.sounding(tuplet.unit().value().times(notes))).isEqualTo(Examples.value(length));
    }

    @Test
    void aPowerOfTwoIsNoTuplet() {
        assertThat(TupletChoice.of(4, NoteValue.QUARTER)).isEmpty();
        assertThat(TupletChoice.of(3, Examples.value("3/8"))).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        // the bars before and after, each with its regrouping, and the sign between
        "2/4, 1, 3/16, 5/4, 1/20, 1/16",
        "3/16, 5/4, 2/4, 1, 1/4, 1/5",
        "4/4, 1, 6/8, 3/2, 1/12, 1/8",
        "6/8, 3/2, 4/4, 1, 3/8, 1/4",
        "4/4, 1, 7/8, 7/4, 1/14, 1/8",
        "7/8, 1, 7/16, 1/2, 1/8, 1/16",
    })
    void signsTheGearWithNamedValues(
            String one, String gearOne, String other, String gearOther, String old, String now) {
        Pivot change = PivotNotation.between(planned(one, gearOne), planned(other, gearOther))
                .orElseThrow();
        assertThat(change).isEqualTo(new Pivot(Examples.value(old), Examples.value(now)));
        // Both sides last equally long.
        BigFraction before = change.oldValue().fraction().divide(gear(gearOne));
        assertThat(before).isEqualTo(change.newValue().fraction().divide(gear(gearOther)));
    }

    @Test
    void theSameGearNeedsNoSign() {
        assertThat(PivotNotation.between(planned("2/4", "5/4"), planned("7/8", "5/4")))
                .isEmpty();
    }

    private static Planned planned(String bar, String gear) {
        return new Planned(Examples.bars(bar).bars().get(0), gear(gear));
    }

    private static BigFraction gear(String text) {
        return NoteValue.parse(text).fraction();
    }

    @Test
    void shapesAreWhatMusicHasSignsFor() {
        assertThat(NoteShape.of(Examples.value("3/8"))).contains(new NoteShape(4, 1));
        assertThat(NoteShape.of(Examples.value("3/2"))).contains(new NoteShape(1, 1));
        assertThat(NoteShape.of(Examples.value("1/1024"))).contains(new NoteShape(1024, 0));
        for (String none : List.of("0", "5/16", "1/12", "7/8", "1/2048", "3", "2", "3/4096", "1/3")) {
            assertThat(NoteShape.of(Examples.value(none))).as(none).isEmpty();
        }
        assertThatThrownBy(() -> new NoteShape(12, 0)).hasMessageContaining("not 1/12");
        assertThatThrownBy(() -> new NoteShape(4, 2)).hasMessageContaining("one dot or none");
        assertThatThrownBy(() -> new BeamGroup(List.of(1), List.of()))
                .hasMessageContaining("a beam joins two or more notes");
        assertThatThrownBy(() -> Tuplet.usual(1, NoteShape.QUARTER)).hasMessageContaining("2 or more notes");
    }

    @Test
    void aRepeatedMeterKeepsItsOwnGroups() {
        Bar felt = new Bar(Meter.of(7, 8), Grouping.of(2, 3, 2));
        assertThat(felt.groupStarts()).hasSize(3);
        Score score =
                ScoreWriter.write(Examples.exercise("7/8(2+3+2), 7/8(3+2+2)", "snare every 1/8"), ScoreStyle.DEFAULT);
        assertThat(Shorthand.hands(score)).isEqualTo("(8 8) (8 8 8) (8 8) | (8 8 8) (8 8) (8 8)");
        assertThat(score.bars().get(1).signature()).isEmpty();
    }
}
