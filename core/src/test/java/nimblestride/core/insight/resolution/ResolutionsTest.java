package nimblestride.core.insight.resolution;

import static nimblestride.core.language.text.Examples.exercise;
import static nimblestride.core.language.text.Examples.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.insight.resolution.Resolution.Kind;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.layer.alignment.Alignment;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;

class ResolutionsTest {
    private static List<String> told(List<Resolution> ways) {
        return ways.stream()
                .map(way -> way.label() + " | " + BarsText.write(way.exercise().phrase()) + " | "
                        + LayerText.write(way.exercise().layers().get(0)))
                .toList();
    }

    /** The worked example of the project's plan: a 5/8 riff, three bars of 4/4, a tail of 2/4; each way worked by hand. */
    @Test
    void aRiffOfFiveEighthsOverThreeBarsOfFour() {
        List<Resolution> ways = Resolutions.of(exercise("4/4", "kick cell x..x. of 1/8"), 0, 3);
        assertThat(told(ways))
                .containsExactly(
                        "8 riffs in 5 bars | 4/4 x5 | kick cell x..x. of 1/8",
                        "4 riffs and a tail of 2/4 | 4/4 x3 | kick cell [x..x.]x4 x... of 1/8",
                        "Add a bar of 1/8 at the end | 4/4 x3, 1/8 | kick cell x..x. of 1/8",
                        "Make the last bar 9/8 instead of 4/4 | 4/4 x2, 9/8 | kick cell x..x. of 1/8",
                        "Make the last bar 2/4 instead of 4/4 | 4/4 x2, 2/4 | kick cell x..x. of 1/8",
                        "Start it 4 eighths late: it ends with bar 3 | 4/4 x3 | kick cell x..x. of 1/8 from 1/2 reset phrase",
                        "Restart it with the phrase: the last one stops after 4 eighths | 4/4 x3 | kick cell x..x. of"
                                + " 1/8 reset phrase",
                        "3 riffs and a turnaround of 3+3+3 eighths | 4/4 x3 | kick cell [x..x.]x3 x..x..x.. of 1/8",
                        "Make it 1 eighth shorter: 2/4 | 4/4 x3 | kick cell x..x of 1/8",
                        "Make it 1 eighth longer: 3/4 | 4/4 x3 | kick cell x..x.. of 1/8");
        assertThat(ways.get(1).sum()).isEqualTo("4 × 5 eighths + 4 eighths = 24 eighths = 3 bars.");
        assertThat(Resolutions.sum(value("5/8"), value("3"), 3))
                .isEqualTo("3 bars hold 4 riffs of 5 eighths, with 4 eighths left over.");
        assertThat(Resolutions.sum(value("3/16"), value("3"), 4))
                .isEqualTo("4 bars hold 16 riffs of 3 sixteenths exactly.");
        assertThat(Resolutions.sum(value("1"), value("5/8"), 1))
                .isEqualTo("1 bar holds 0 riffs of 8 eighths, with 5 eighths left over.");
    }

    @Test
    void landingsOnTheWayAreOffered() {
        assertThat(told(Resolutions.of(exercise("10/8(3+3+2+2) x2, 9/16", "kick every 5/16"), 0, 3)))
                .startsWith(
                        "4 riffs in 1 bar | 10/8 | kick every 5/16",
                        "8 riffs in 2 bars | 10/8 x2 | kick every 5/16",
                        "49 riffs in 15 bars | [10/8 x2, 9/16] x5 | kick every 5/16");
    }

    /** A groove on one bar is still heard in each of the bars it becomes. */
    @Test
    void whatIsPlacedOnCountsComesAgainInEveryRound() {
        Exercise exercise = exercise("4/4", "kick cell x..x. of 1/8", "snare at 1:1/4 >1:3/4");
        for (Resolution way : Resolutions.of(exercise, 0, 3)) {
            List<String> wanted = way.kind() == Kind.REPEATS
                    ? List.of("snare at 1:1/4 >1:3/4 2:1/4 >2:3/4 3:1/4 >3:3/4 4:1/4 >4:3/4 5:1/4 >5:3/4")
                    : List.of("snare at 1:1/4 >1:3/4 2:1/4 >2:3/4 3:1/4 >3:3/4");
            assertThat(LayerText.write(way.exercise().layers().get(1)))
                    .as(way.label())
                    .isIn(wanted);
        }
    }

    @Test
    void whatFitsIsLeftAlone() {
        assertThat(Resolutions.of(exercise("4/4", "kick every 3/8"), 0, 3))
                .singleElement()
                .satisfies(way -> assertThat(way.label()).isEqualTo("8 riffs in 3 bars"));
    }

    /** Whatever riff against whatever bars: each way closes, the riff's end on the end of the phrase. */
    @Property(tries = 1500)
    void everyWayOutCloses(
            @ForAll @IntRange(min = 1, max = 13) int top,
            @ForAll @IntRange(max = 3) int under,
            @ForAll @IntRange(min = 1, max = 11) int step,
            @ForAll @IntRange(max = 4) int shape,
            @ForAll @IntRange(min = 1, max = 9) int bars) {
        String[] shapes = {
            "every " + step + "/16",
            "cell x.X of " + step + "/32",
            "sticking R L (R) . of " + step + "/16",
            "3 over " + step + "/12",
            "cell [x.]x2 g of 1/24 from 1/8 reset bar"
        };
        Exercise exercise = exercise(top + "/" + (4 << under) + ", 5/16", "snare " + shapes[shape], "ride every 1/8");
        List<Resolution> ways = Resolutions.of(exercise, 0, bars);
        assertThat(ways).isNotEmpty();
        for (Resolution way : ways) {
            Layer layer = way.exercise().layers().get(0);
            LayerTimeline timeline = LayerTimeline.of(layer, way.exercise().phrase());
            NoteValue end = way.exercise().phrase().length();
            if (way.kind() != Kind.CUT) {
                assertThat(end.minus(layer.offset()).isMultipleOf(timeline.cycle()))
                        .as(way.label())
                        .isTrue();
                assertThat(timeline.remainder()).as(way.label()).isEqualTo(NoteValue.ZERO);
            }
            assertThat(Alignment.of(layer, way.exercise().phrase())
                            .returnsAfter()
                            .phrases())
                    .as(way.label())
                    .isEqualTo(1);
            assertThat(way.exercise().layers().get(1))
                    .isEqualTo(exercise.layers().get(1));
            assertThat(LayerText.read(LayerText.write(layer))).isEqualTo(layer);
        }
    }

    @Test
    void whatCannotBeAskedIsRefused() {
        Exercise exercise = exercise("4/4", "kick every 3/8", "snare 5 over bar");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> Resolutions.of(exercise, 1, 3))
                .withMessage("snare is as long as its bars, so it always fits");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> Resolutions.of(exercise, 0, 0))
                .withMessage("type 1 to 1,000 bars, not 0");
    }

    /** What would take more bars than a phrase holds is not offered; what can be written is. */
    @Test
    void monstersAreMetCalmly() {
        assertThat(Resolutions.of(exercise("127/128", "kick every 1021/1024"), 0, 5))
                .anyMatch(way -> way.label().equals("1,016 riffs in 1,021 bars"));
        assertThat(Resolutions.of(exercise("9967/9973", "kick every 9949/10007"), 0, 5))
                .extracting(Resolution::kind)
                .contains(Kind.OFFSET, Kind.CUT)
                .doesNotContain(Kind.REPEATS, Kind.TAIL);
    }
}
