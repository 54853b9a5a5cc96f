package nimblestride.core.insight.family;

import static nimblestride.core.language.text.Examples.exercise;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.IntStream;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.reading.ReadingFilter;
import nimblestride.core.time.reading.Readings;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DrillFamiliesTest {
    @Test
    void allGroupingsRotateOverOneOstinato() {
        Exercise exercise = exercise("7/8", "kick every 1/4", "ride every 1/8");
        Family family = GroupingFamily.rotation(exercise, 0);
        Exercise all = family.members().get(0).exercise();
        List<Bar> bars = all.phrase().bars();
        assertThat(bars.stream().map(Bar::grouping))
                .containsExactlyElementsOf(Readings.of(bars.get(0).meter(), ReadingFilter.ANY)
                        .limit(12)
                        .map(reading -> reading.grouping())
                        .toList());
        assertThat(family.members()).hasSize(bars.size() + 1);
        assertThat(all.layers().get(0)).isEqualTo(exercise.layers().get(0));
        // The snare marks every group of every bar, and nothing else.
        assertThat(onsets(all, 1))
                .containsExactlyElementsOf(IntStream.range(0, bars.size())
                        .boxed()
                        .flatMap(bar -> bars.get(bar).groupStarts().stream()
                                .map(start -> all.phrase().startOf(bar).plus(start)))
                        .toList());
    }

    @Test
    void theSameFigureBeginsInEachGroup() {
        Exercise exercise = exercise("8/8", "snare cell x.x of 1/8");
        Family family = GroupingFamily.sameFigure(exercise, 0);
        Exercise threes = family.members().stream()
                .filter(member -> member.label().equals("3+3+2"))
                .findFirst()
                .orElseThrow()
                .exercise();
        assertThat(onsets(threes, 0).stream().map(NoteValue::toString))
                .containsExactly("0", "1/4", "3/8", "5/8", "3/4");
        assertThatThrownBy(() -> GroupingFamily.sameFigure(exercise("8/8", "snare 3 over bar"), 0))
                .hasMessageContaining("has no fixed length");
    }

    /** The last note of the third time is the 1 of the next round: start + 2 × (length + gap) + last = whole bars. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "4/4; snare cell xxx.. of 1/16; from 2 of bar 2",
                "7/8; snare cell x.x of 1/8; from 7 of bar 2",
                "4/4; snare every 3/8; from 2 of bar 2",
            })
    void aCadenceOfThreeLandsOnTheOne(String bars, String layer, String first) {
        Family family = CadenceFamily.of(exercise(bars, layer), 0);
        assertThat(family.members().get(0).label()).isEqualTo(first);
        for (Family.Member member : family.members()) {
            Exercise cadence = member.exercise();
            int last = cadence.layers().size() - 1;
            List<NoteValue> notes = onsets(cadence, last);
            Layer figure = exercise(bars, layer).layers().get(0);
            long once = LayerTimeline.of(figure, cadence.phrase()).hitsPerPeriod();
            assertThat(notes).as(LayerText.write(figure)).hasSize((int) (3 * once));
            assertThat(notes.get(0).isZero()).isTrue();
            assertThat(BarsText.write(cadence.phrase())).startsWith(bars);
        }
    }

    private static List<NoteValue> onsets(Exercise exercise, int layer) {
        return Analysis.of(exercise)
                .layers()
                .get(layer)
                .timeline()
                .orElseThrow()
                .between(NoteValue.ZERO, exercise.phrase().length(), 10_000)
                .stream()
                .map(hit -> hit.at())
                .toList();
    }
}
