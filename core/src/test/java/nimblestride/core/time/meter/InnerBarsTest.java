package nimblestride.core.time.meter;

import static nimblestride.core.language.text.Examples.bars;
import static nimblestride.core.language.text.Examples.exercise;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.edit.RewriteEdits;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.plan.Stage;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.CountText;
import nimblestride.core.language.text.StageText;
import nimblestride.core.layer.limbs.LimbNote;
import nimblestride.core.practice.stage.StageSuggestions;
import nimblestride.core.practice.stage.StagedExercise;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.CountingSystem;
import nimblestride.core.time.counting.Subdivision;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Bars within a bar. That a sum such as 6/4+5/4 holds two bars is common practice. */
class InnerBarsTest {
    private static Bar bar(String text) {
        return bars(text).bars().get(0);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "29/16(4+4+4+4|4+4+5); 16/16 13/16(4+4+5); 0 1",
                "6/4+5/4; 6/4 5/4; 0 3/2",
                "4/4+5/8; 4/4 5/8; 0 1",
                "4/4+5/8(2+2+2+2|2+3); 4/4 5/8(2+3); 0 1",
                "11/8(3+3|3+2); 6/8 5/8; 0 3/4",
                "4/4+1/16; 4/4+1/16; 0",
                "6/4+5/4(3+3+3+2); 6/4+5/4(3+3+3+2); 0",
                "7/12(2+2|3); 4/12 3/12; 0 1/3",
            })
    void aBarHoldsBars(String text, String inside, String starts) {
        Bar bar = bar(text);
        assertThat(bar.innerBars().stream().map(BarsText::write)).containsExactly(inside.split(" "));
        assertThat(bar.innerBarStarts().stream().map(NoteValue::toString)).containsExactly(starts.split(" "));
        assertThat(BarsText.write(bar)).isEqualTo(text);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "29/16(4+4+4+4|4+4+4); the groups add up to 28; 29/16 needs 29",
                "11/8(3+3||3+2); Try a group size in units of 1/8",
                "11/8(3+3|; Try a group size in units of 1/8",
                "11/8(3+3|3+2; | and another inner bar",
                "11/8(|11); Try a group size in units of 1/8",
            })
    void levelsThatDoNotAddUpAreNamed(String text, String message) {
        assertThatThrownBy(() -> bars(text)).hasMessageContaining(message);
        assertThatThrownBy(() -> new Grouping(List.of(3, 3, 2), List.of(2, 2)))
                .hasMessageContaining("the inner bars hold 4 groups, and there are 3");
        assertThatThrownBy(() -> new Grouping(List.of(3, 3), List.of(2, 0)))
                .hasMessageContaining("every inner bar needs at least 1 group");
    }

    @Test
    void anInnerBarStartsTheCountAgain() {
        assertThat(CountText.write(bar("6/4+5/4"), Counting.of(CountingSystem.AUTOMATIC), Subdivision.AS_WRITTEN))
                .isEqualTo("1 2 3 | 4 5 6 || 1 2 3 | 4 5");
        assertThat(CountText.write(
                        bar("29/16(4+4+4+4|4+4+5)"), Counting.of(CountingSystem.BEATS), Subdivision.AS_WRITTEN))
                .isEqualTo("1 e & a | 2 e & a | 3 e & a | 4 e & a || 1 e & a | 2 e & a | 3 e & a 4");
        assertThat(CountText.write(bar("11/8(3+3|3+2)"), Counting.of(CountingSystem.STRAIGHT), Subdivision.AS_WRITTEN))
                .isEqualTo("1 2 3 | 4 5 6 || 7 8 9 | 10 11");
        // A bar of sixes and one of fives have no system in common but to restart at each group.
        assertThat(CountingSystem.AUTOMATIC.forBar(bar("11/8(3+3|3+2)"))).isEqualTo(CountingSystem.GROUPS);
    }

    @ParameterizedTest
    @EnumSource(CountingSystem.class)
    void theCountReadsBack(CountingSystem system) {
        for (String text : List.of("27/16(4+4+4+4|4+4+3)", "6/4+5/4", "11/8(3+3|3+2)", "4/4+5/8")) {
            Bar bar = bar(text);
            String count = CountText.write(bar, Counting.of(system), Subdivision.AS_WRITTEN);
            Bar read = CountText.read(bar.meter(), Counting.of(system), count);
            assertThat(CountText.write(read, Counting.of(system), Subdivision.AS_WRITTEN))
                    .isEqualTo(count);
            assertThat(read.innerBarStarts()).as(count).isEqualTo(bar.innerBarStarts());
        }
    }

    @Test
    void splittingAndJoiningGoBackAndForth() {
        Exercise exercise = exercise("29/16(4+4+4+4|4+4+5) x2", "snare every 3/16", "kick 3 over bar");
        Exercise split = RewriteEdits.splitInnerBars(exercise, 0);
        assertThat(BarsText.write(split.phrase())).isEqualTo("[16/16, 13/16(4+4+5)] x2");
        assertThat(sounding(split, 4)).isEqualTo(sounding(exercise, 2));
        Exercise one = exercise("29/16(4+4+4+4|4+4+5)", "snare every 3/16");
        assertThat(RewriteEdits.joinBars(RewriteEdits.splitInnerBars(one, 0)).phrase())
                .isEqualTo(one.phrase());
    }

    private static List<String> sounding(Exercise exercise, long bars) {
        return Analysis.of(exercise).hands(bars).notes().stream()
                .map(LimbNote::at)
                .map(NoteValue::toString)
                .sorted()
                .toList();
    }

    @Test
    void groupsMoveWithinTheirInnerBars() {
        Grouping grouping = bar("11/8(3+3|3+2)").grouping();
        assertThat(grouping.replacing(1, List.of(1, 2))).hasToString("3+1+2|3+2");
        assertThat(grouping.replacing(1, List.of()).replacing(0, List.of(6))).hasToString("6|3+2");
        assertThat(bar("11/8").withInnerBars(List.of(Meter.of(6, 8), Meter.of(5, 8))))
                .isEqualTo(bar("11/8(3+3|3+2)"));
        assertThatThrownBy(() -> bar("11/8").withInnerBars(List.of(Meter.of(4, 8), Meter.of(7, 8))))
                .hasMessageContaining("a group of 3+3+3+2 crosses the end of 4/8");
    }

    @ParameterizedTest
    @ValueSource(strings = {"4/4", "9/8", "13/16"})
    void aBarOfOneLevelIsItsOwnInnerBar(String text) {
        assertThat(bar(text).innerBars()).containsExactly(bar(text));
    }

    @Test
    void eachInnerBarIsAStage() {
        Exercise exercise = exercise("6/4+5/4", "ride every 1/4", "kick cell x....x..... of 1/4");
        assertThat(StageSuggestions.leadingTo(exercise).stream().map(StageText::write))
                .contains("inner bar 1 at 60 %", "inner bar 2 at 60 %")
                .doesNotContain("inner bar 3 at 60 %");
        Stage second = StageText.read("inner bar 2 at 60 %");
        Exercise alone = StagedExercise.of(exercise, second);
        assertThat(BarsText.write(alone.phrase())).isEqualTo("5/4");
        assertThat(sounding(alone, 1)).containsExactly("0", "1", "1/2", "1/4", "3/4");
        assertThatThrownBy(() -> StagedExercise.of(exercise, StageText.read("inner bar 3")))
                .hasMessageContaining("there is no inner bar 3; this phrase has 2");
    }
}
