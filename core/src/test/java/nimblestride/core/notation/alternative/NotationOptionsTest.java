package nimblestride.core.notation.alternative;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.Examples;
import nimblestride.core.notation.score.ScoreStyle;
import nimblestride.core.time.value.Tempo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The ways of writing; the worked example is 2/4 + 3/20, two quarters and three quintuplet sixteenths. */
class NotationOptionsTest {
    private static List<NotationOption> ways(String bars, String... layers) {
        return NotationOptions.of(Examples.exercise(bars, layers), ScoreStyle.DEFAULT);
    }

    private static NotationOption named(List<NotationOption> ways, String start) {
        return ways.stream()
                .filter(way -> way.name().startsWith(start))
                .findFirst()
                .orElseThrow(() -> new AssertionError(start + " is not among "
                        + ways.stream().map(NotationOption::name).toList()));
    }

    private static String meters(NotationOption way) {
        return way.plan().bars().stream()
                .map(planned -> planned.bar().meter().toString())
                .collect(Collectors.joining(", "));
    }

    @Test
    void twoQuartersAndThreeQuintupletSixteenthsAreThirteenSixteenthsAtAnotherTempo() {
        List<NotationOption> ways = ways("2/4+3/20", "hi-hat cell x....x....xxx of 1/20");
        NotationOption gear = named(ways, "One tempo throughout");
        assertThat(meters(gear)).isEqualTo("13/16");
        assertThat(gear.score().bars().get(0).tempo()).isEqualTo(Tempo.ofQuarters(120));
        NotationOption modulations = named(ways, "A modulation");
        assertThat(meters(modulations)).isEqualTo("2/4, 3/16");
        assertThat(modulations.score().bars().get(1).tempo()).isEqualTo(Tempo.ofQuarters(120));
        assertThat(modulations.score().bars().get(1).change()).hasValueSatisfying(change -> {
            assertThat(change.oldValue()).isEqualTo(Examples.value("1/20"));
            assertThat(change.newValue()).isEqualTo(Examples.value("1/16"));
        });
        assertThat(meters(named(ways, "A signature in 1/20"))).isEqualTo("13/20");
        assertThat(meters(named(ways, "As written"))).isEqualTo("2/4+3/20");
        assertThat(ways).allSatisfy(way -> assertThat(way.strokes()).isEqualTo(5));
    }

    @Test
    void aLongBarCanBeSeveralAndSeveralOne() {
        assertThat(meters(named(ways("11/8(3+3+3+2)"), "Several"))).isEqualTo("6/8, 5/8");
        assertThat(meters(named(ways("19/16(4+4+4+4+3)"), "Several"))).isEqualTo("8/16, 11/16");
        NotationOption one = named(ways("10/8 x2, 9/16", "kick every 5/16"), "One long bar");
        assertThat(meters(one)).isEqualTo("49/16");
        assertThat(one.rewritten().map(exercise -> exercise.phrase().bars().size()))
                .contains(1);
    }

    @Test
    void doubledAndHalvedValuesSoundAsBefore() {
        List<NotationOption> ways = ways("7/8", "snare every 1/8");
        assertThat(meters(named(ways, "Doubled"))).isEqualTo("7/4");
        assertThat(meters(named(ways, "Halved"))).isEqualTo("7/16");
        assertThat(ways.get(0).name()).isEqualTo("As written");
    }

    @Test
    void metersInTurnCanBeSignedOnce() {
        NotationOption way = named(ways("[7/8, 5/8] x3", "snare every 1/8"), "One alternating");
        assertThat(way.score().bars().get(0).signature()).hasSize(2);
        assertThat(way.score().bars().stream().skip(1))
                .allSatisfy(bar -> assertThat(bar.signature()).isEmpty());
        assertThat(ways("7/8, 5/8, 7/8").stream().map(NotationOption::name))
                .doesNotContain("One alternating signature");
    }

    @Test
    void differentUnitsCanBeToldInTheSmallest() {
        assertThat(meters(named(ways("10/8, 9/16"), "Every bar in 1/16"))).isEqualTo("20/16, 9/16");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "4/4",
                "2/4+3/20",
                "5/12, 4/4",
                "10/8 x2, 9/16",
                "7/14",
                "3/8 x128",
                "21/16(5+5+5+6)",
                "1/1000000"
            })
    void everyWaySaysWhatIsHeardAndGivesItsReasons(String bars) {
        Exercise exercise = Examples.exercise(bars, "snare every 1/4", "kick 3 over bar");
        List<NotationOption> ways = NotationOptions.of(exercise, ScoreStyle.DEFAULT);
        for (NotationOption way : ways) {
            assertThat(way.plan().sounding()).isEqualTo(exercise.phrase().length());
            assertThat(way.strokes()).isPositive();
            assertThat(way.speaksFor().size() + way.speaksAgainst().size()).isPositive();
        }
        assertThat(ways).isSortedAccordingTo((one, other) -> Double.compare(one.effort(), other.effort()));
        assertThat(ways.stream().map(NotationOption::name)).doesNotHaveDuplicates();
    }

    @Test
    void manyNotesAreStillCompared() {
        List<NotationOption> ways = ways("4/4 x96", "snare every 1/256");
        assertThat(named(ways, "As written").strokes()).isEqualTo(96 * 256);
    }

    @Test
    void nothingThatCannotBeWrittenIsOffered() {
        assertThat(ways("4/4", "snare every 1/4099")).isEmpty();
    }
}
