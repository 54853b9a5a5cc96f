package nimblestride.core.exercise.edit;

import static nimblestride.core.language.text.Examples.bars;
import static nimblestride.core.language.text.Examples.exercise;
import static nimblestride.core.language.text.Examples.layer;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.List;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.language.text.AnyExercise;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Span;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.value.NoteValue;
import org.apache.commons.numbers.fraction.BigFraction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class RewriteEditsTest {
    /** When every hit of every layer is heard over three rounds of the phrase, in seconds, exactly. */
    private static List<BigFraction> heard(Exercise exercise) {
        NoteValue end = exercise.phrase().length().times(3);
        return exercise.layers().stream()
                .flatMap(layer ->
                        LayerTimeline.of(layer, exercise.phrase()).between(NoteValue.ZERO, end, 10_000).stream())
                .map(Hit::at)
                .map(exercise.tempo()::seconds)
                .toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "10/8, 9/16                  ; 29/16(6+6+4+4|3+3+3)",
                "5/8(2+3) x2                 ; 10/8(2+3|2+3)",
                "4/4, 1/12                   ; 13/12(3+3+3+3|1)",
                "7/8                         ; 7/8"
            })
    void severalBarsAreOneLongBarFeltAsBefore(String several, String one) {
        Exercise exercise = exercise(several, "kick every 5/16", "cowbell cell x.x of 1/12 reset phrase");
        Exercise rewritten = RewriteEdits.joinBars(exercise);
        assertThat(rewritten.phrase()).isEqualTo(bars(one));
        assertThat(heard(rewritten)).isEqualTo(heard(exercise));
    }

    @Test
    void aBarIsSplitEachTimeItIsPlayedAndKeepsTheGroupsThatFit() {
        Exercise exercise = exercise("[11/8(3+3+3+2), 7/8] x2", "kick every 3/16");
        Exercise split = RewriteEdits.splitBars(exercise, 2, List.of(Meter.of(6, 8), Meter.of(5, 8)));
        assertThat(split.phrase()).isEqualTo(bars("[6/8, 5/8(3+2), 7/8] x2"));
        assertThat(heard(split)).isEqualTo(heard(exercise));
        Exercise across = RewriteEdits.splitBars(exercise, 0, List.of(Meter.of(4, 8), Meter.of(7, 8)));
        assertThat(across.phrase()).isEqualTo(bars("[4/8, 7/8, 7/8] x2"));
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> RewriteEdits.splitBars(exercise, 0, List.of(Meter.of(6, 8))))
                .withMessageContaining("last 3/4");
    }

    /** Checks what follows the bar by lengths, and by the bars that begin where the old ones did. */
    @Test
    void layersThatFollowTheBarSoundAsBeforeOnOtherBars() {
        Exercise exercise = exercise(
                "11/8(3+3+3+2), 11/8",
                "kick every 3/8 reset bar",
                "snare 5 over bar",
                "ride every 3/16 reset bars 2",
                "crash every 5/8 reset phrase");
        Exercise split = RewriteEdits.splitBars(exercise, 0, List.of(Meter.of(6, 8), Meter.of(5, 8)));
        assertThat(heard(split)).isEqualTo(heard(exercise));
        assertThat(split.layers().stream().map(LayerText::write))
                .containsExactly(
                        "kick every 3/8 reset bars 3",
                        "snare 5 over 11/8",
                        "ride every 3/16 reset bars 3",
                        "crash every 5/8 reset phrase");
        Exercise alone = exercise("11/8(3+3+3+2)", "kick every 3/8 reset bar");
        assertThat(RewriteEdits.splitBars(alone, 0, List.of(Meter.of(6, 8), Meter.of(5, 8)))
                        .layers()
                        .get(0))
                .isEqualTo(layer("kick every 3/8 reset phrase"));
        assertThat(heard(RewriteEdits.joinBars(exercise("5/8 x2", "snare 3 over bar", "kick every 1/8 reset bar"))))
                .isEqualTo(heard(exercise("5/8 x2", "snare 3 over bar", "kick every 1/8 reset bar")));
    }

    @Test
    void whereTheBarsStayAsTheyAreTheLayersDoToo() {
        Exercise exercise = exercise("7/8(2+2+3)", "snare 5 over bar", "kick every 3/16 reset bar", "ride at 1:1/4");
        assertThat(RewriteEdits.joinBars(exercise)).isEqualTo(exercise);
    }

    /** What begins again in the middle of the long bar, and what goes through bars at the pace of each. */
    @Test
    void whatCannotBeToldByLengthsIsPlacedNoteByNote() {
        Exercise exercise = exercise(
                "7/8, 5/8",
                "kick every 5/16 reset bar",
                "snare 3 over bar",
                "ride sticking >R L Rz (L) of 1/8 reset bar",
                "crash 3 over 2 bars",
                "cowbell at 1:0 2:1/8 reset bar");
        Exercise one = RewriteEdits.joinBars(exercise);
        assertThat(heard(one)).isEqualTo(heard(exercise));
        assertThat(LayerText.write(one.layers().get(0))).isEqualTo("kick at 1:0 1:5/16 1:5/8 1:7/8 1:19/16");
        assertThat(LayerText.write(one.layers().get(1))).isEqualTo("snare at 1:0 1:7/24 1:7/12 1:7/8 1:13/12 1:31/24");
        assertThat(one.layers().get(2).pattern()).isInstanceOf(Pattern.Placed.class);
        assertThat(struck(one)).isEqualTo(struck(exercise));
    }

    /** Notes over five bars of two, a doubled note, which is struck twice already, and what has not begun yet in the first round: not the same in every round. */
    @Test
    void whatIsNotTheSameInEveryRoundFollowsTheNewBars() {
        Exercise exercise = exercise(
                "7/8, 5/8", "snare 3 over 5 bars", "kick 3 over bar from 1/8", "ride sticking R L R: of 1/8 reset bar");
        assertThat(RewriteEdits.joinBars(exercise).layers()).isEqualTo(exercise.layers());
    }

    private static List<Stroke> struck(Exercise exercise) {
        return exercise.layers().stream()
                .flatMap(
                        layer -> LayerTimeline.of(layer, exercise.phrase())
                                .between(NoteValue.ZERO, exercise.phrase().length(), 1_000)
                                .stream())
                .map(Hit::stroke)
                .toList();
    }

    /** Refuses only what differs in every round: notes over unlike bars that end elsewhere each time. */
    private static Exercise withoutNotesThatEndElsewhere(Exercise any) {
        return any.withLayers(any.layers().stream()
                .filter(layer -> !(layer.pattern().span() instanceof Span.Bars over)
                        || any.phrase().isEven()
                        || any.phrase().bars().size() % over.count() == 0)
                .toList());
    }

    @Property(tries = 200)
    void anyBarsSoundAsBeforeAsOneLongBar(@ForAll(supplier = AnyExercise.class) Exercise any) {
        NoteValue unit = any.phrase().bars().stream()
                .map(bar -> bar.meter().unit())
                .reduce(NoteValue::greatestCommonDivisor)
                .orElseThrow();
        Assume.that(any.phrase().length().wholePartsOf(unit) <= Meter.MAX_UNITS);
        Exercise exercise = withoutNotesThatEndElsewhere(any);
        assertThat(heard(RewriteEdits.joinBars(exercise))).isEqualTo(heard(exercise));
    }

    /** Any bar cut in two anywhere. */
    @Property(tries = 200)
    void aBarCutAnywhereSoundsAsBefore(
            @ForAll(supplier = AnyExercise.class) Exercise any, @ForAll @IntRange(min = 0, max = 1_000) int cut) {
        Exercise exercise = withoutNotesThatEndElsewhere(any);
        int number = cut % exercise.phrase().bars().size();
        Meter meter = exercise.phrase().bars().get(number).meter();
        int units = meter.units();
        if (units < 2 || meter.unit().numerator() != 1) {
            return;
        }
        int first = 1 + cut % (units - 1);
        int denominator = Math.toIntExact(meter.unit().denominator());
        Exercise split = RewriteEdits.splitBars(
                exercise, number, List.of(Meter.of(first, denominator), Meter.of(units - first, denominator)));
        assertThat(split.phrase().bars()).hasSize(exercise.phrase().bars().size() + 1);
        assertThat(heard(split)).isEqualTo(heard(exercise));
    }

    @ParameterizedTest
    @ValueSource(strings = {"7/8(2+3+2), 9/16 x2", "3+3+2/8, 4/4+1/12", "5/1, 3/3"})
    void doubledAndHalvedValuesSoundAsBefore(String bars) {
        Exercise exercise = exercise(
                bars, "kick every 3/16 from 1/16", "snare 5 over bar", "ride 3 over 7/8", "cowbell cell x.X of 1/12");
        Exercise doubled = RewriteEdits.doubleValues(exercise);
        assertThat(doubled.phrase().length())
                .isEqualTo(exercise.phrase().length().times(2));
        assertThat(heard(doubled)).isEqualTo(heard(exercise));
        assertThat(heard(RewriteEdits.halveValues(exercise))).isEqualTo(heard(exercise));
        assertThat(heard(RewriteEdits.halveValues(doubled))).isEqualTo(heard(exercise));
    }

    @Test
    void sevenEighthsAreSevenQuartersOrSevenSixteenths() {
        assertThat(RewriteEdits.doubleValues(exercise("7/8(2+3+2)")).phrase()).isEqualTo(bars("7/4(2+3+2)"));
        assertThat(RewriteEdits.halveValues(exercise("7/8(2+3+2)")).phrase()).isEqualTo(bars("7/16(2+3+2)"));
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> RewriteEdits.joinBars(exercise("9/16 x5000")))
                .withMessageContaining("one bar would need 45,000 units of 1/16; a bar holds up to 10,000");
    }
}
