package nimblestride.core.notation.score;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.language.text.Examples;
import nimblestride.core.language.text.StickingText;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.notation.score.ScoreStyle.Lengths;
import nimblestride.core.notation.score.ScoreStyle.Parts;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.CountingSystem;
import nimblestride.core.time.counting.Subdivision;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Signatures, repeats, parts and what else a page shows beside its rhythms. */
class ScoreTest {
    private static Score score(String bars, String... layers) {
        return ScoreWriter.write(Examples.exercise(bars, layers), ScoreStyle.DEFAULT);
    }

    private static Score rounds(int bars, ScoreStyle style, String phrase, String... layers) {
        Exercise exercise = Examples.exercise(phrase, layers);
        return ScoreWriter.write(exercise, BarPlan.of(exercise.phrase(), bars), style);
    }

    @Test
    void writesHandsUpAndFeetDown() {
        Score score = score("7/8(2+2+3)", "hi-hat every 1/8", "kick every 3/8");
        assertThat(Shorthand.hands(score)).isEqualTo("(8 8) (8 8) (8 8 8)");
        assertThat(Shorthand.feet(score)).isEqualTo("4 r8 8 r4 8");
    }

    @Test
    void feetAloneAreOnePart() {
        Score score = score("4/4", "kick every 1/4");
        assertThat(Shorthand.hands(score)).isEqualTo("4 4 4 4");
        assertThat(score.bars().get(0).feet()).isEmpty();
    }

    @Test
    void writesAllStemsUpWhereThatIsWanted() {
        ScoreStyle together = ScoreStyle.DEFAULT.with(Parts.TOGETHER);
        Score score = rounds(1, together, "4/4", "hi-hat every 1/8", "kick every 1/2");
        assertThat(score.bars().get(0).feet()).isEmpty();
        assertThat(score.bars().get(0).hands().written().get(0).heads())
                .extracting(head -> head.voice().name())
                .containsExactly("kick", "hi-hat");
    }

    @Test
    void signsAMeterWhereItChanges() {
        Score score = score("7/8, 7/8, 3+3+2/8, 4/4+1/16", "snare every 1/4");
        assertThat(score.bars().stream()
                        .map(bar ->
                                bar.signature().stream().map(Meter::toString).toList()))
                .containsExactly(List.of("7/8"), List.of(), List.of("3+3+2/8"), List.of("4/4+1/16"));
    }

    @ParameterizedTest
    @CsvSource({
        // bars, layer, written bars, times of the last repeat sign, bars played
        "4/4 x8, snare every 1/4, 1, 8, 8",
        "'[7/8, 5/8] x3', snare every 1/8, 2, 3, 6",
        // Against 7/8, quarters fall alike in every second bar.
        "7/8 x6, snare every 1/4, 2, 3, 6",
        "'4/4, 3/4', snare every 1/4, 2, 1, 2",
        "11/8 x3, kick every 3/16, 3, 1, 3",
    })
    void writesWhatIsPlayedAlikeOnce(String bars, String layer, int written, int times, int played) {
        Score score = score(bars, layer);
        assertThat(score.bars()).hasSize(written);
        assertThat(score.bars().get(written - 1).repeatEnds()).isEqualTo(times);
        assertThat(score.playedOrder()).hasSize(played);
    }

    @Test
    void holdsARollUntilTheNextNote() {
        Exercise exercise = Examples.exercise("4/4 x2", "snare cell x....... of 1/4");
        var rolled = exercise.withLayer(
                0,
                exercise.layers()
                        .get(0)
                        .withPattern(new Pattern.Stuck(StickingText.read("Rz . . . . . . ."), NoteValue.QUARTER)));
        assertThat(Shorthand.hands(ScoreWriter.write(rolled, ScoreStyle.DEFAULT)))
                .isEqualTo("2 ~2 | ~2 ~2");
    }

    @Test
    void writesOutADoubledNoteThatIsPlaced() {
        Score score = score("2/4", "snare at 1:0: 1:1/4");
        assertThat(Shorthand.hands(score)).isEqualTo("(8 8) 4");
        assertThat(score.bars().get(0).hands().written())
                .allSatisfy(written ->
                        assertThat(written.heads().get(0).stroke().ornament()).isEqualTo(Ornament.NONE));
    }

    @Test
    void writesOutADoubledStrokeThatRunsOn() {
        Exercise exercise = Examples.exercise("2/4", "snare every 1/4");
        var doubled = exercise.withLayer(
                0,
                exercise.layers().get(0).withPattern(new Pattern.Stuck(StickingText.read("R: L"), NoteValue.QUARTER)));
        Score score = ScoreWriter.write(doubled, ScoreStyle.DEFAULT);
        assertThat(Shorthand.hands(score)).isEqualTo("(8 8) 4");
        assertThat(score.bars().get(0).hands().written())
                .allSatisfy(written ->
                        assertThat(written.heads().get(0).stroke().ornament()).isEqualTo(Ornament.NONE));
    }

    @Test
    void saysWhichBarCannotBeWrittenAndWritesTheOthers() {
        Score score = score("4/4, 3/4", "snare every 1/4 from 1/4099", "kick every 1/4");
        assertThat(score.bars().get(0).problem())
                .startsWith("bar 1 can't be written as notes: it would need tuplets of more than 256")
                .contains("256");
        assertThat(score.bars()).hasSize(2);
    }

    @Test
    void writesSixtyFourNotesInABeat() {
        Score score = score("1/4", "snare 64 over bar");
        assertThat(score.bars().get(0).hands().written())
                .hasSize(64)
                .allSatisfy(written -> assertThat(written.shape().divisor()).isEqualTo(256));
    }

    @Test
    void countsUnderTheStaffAreThoseOfTheSchool() {
        ScoreStyle counted = ScoreStyle.DEFAULT.counted(Counting.of(CountingSystem.GROUPS), Subdivision.AS_WRITTEN);
        Score score = rounds(1, counted, "5/8(3+2)");
        assertThat(score.bars().get(0).counts().stream().map(said -> said.syllable()))
                .containsExactly("1", "2", "3", "1", "2");
    }

    @Test
    void followsTheSoundOnThePage() {
        Score score = score("[7/8, 5/8] x3", "snare every 1/8");
        ScorePosition following = new ScorePosition(score);
        assertThat(following.at(0)).contains(new ScorePosition.Here(0, 0));
        assertThat(following.at(7 / 8.0 + 0.25)).contains(new ScorePosition.Here(1, 0.25));
        // The second time round, on the same bars of the page; and again from the beginning after the end.
        assertThat(following.at(12 / 8.0)).contains(new ScorePosition.Here(0, 0));
        assertThat(following.at(36 / 8.0 + 0.5)).contains(new ScorePosition.Here(0, 0.5));
        assertThat(following.at(-1)).isEmpty();
    }

    @Test
    void layersThatCannotBeLaidOutAreNamedAndLeftOut() {
        Score score = score("4/4", "snare every 1/4", "kick every 1/9000000000000000000 from 1/8999999999999999999");
        assertThat(score.leftOut()).hasSize(1).first().asString().startsWith("kick: ");
        assertThat(score.readBack()).hasSize(4);
    }

    @Test
    void refusesMoreThanCanBeWritten() {
        Exercise exercise = Examples.exercise("4/4 x1000", "snare every 1/1024");
        assertThatThrownBy(() -> ScoreWriter.write(exercise, ScoreStyle.DEFAULT))
                .hasMessageContaining("fewer bars");
        assertThatThrownBy(() -> BarPlan.of(exercise.phrase(), 0))
                .hasMessageContaining("write 1 to 100,000 bars, not 0");
    }

    @Test
    void saysWhereTheRoundBeginsAndWhatLands() {
        Score score = rounds(6, ScoreStyle.DEFAULT, "5/8, 4/8", "kick every 5/16", "snare every 1/8");
        assertThat(score.bars()).extracting(bar -> bar.signs().mark()).containsExactly("A", "", "B", "", "C", "");
        // Two fives of sixteenths are the first bar; eighths land everywhere, and nothing is said of them.
        assertThat(score.bars())
                .extracting(bar -> bar.signs().words())
                .containsExactly("", "kick on 1", "", "", "", "");
        assertThat(score("5/8, 4/8").bars().get(0).signs().mark()).isEmpty();
    }

    @Test
    void heldNotesTieOverTheBarLine() {
        Score score = rounds(2, ScoreStyle.DEFAULT.with(Lengths.HELD), "3/4", "snare every 1/2");
        assertThat(Shorthand.hands(score)).isEqualTo("4 ~4 4 | ~4 4 ~4");
    }

    @Test
    void aThousandBarsAreWritten() {
        Score score = score("11/8(3+3+3+2) x1000", "hi-hat every 1/8", "kick every 3/16", "snare 4 over bar");
        assertThat(score.playedOrder()).hasSize(1000);
        assertThat(score.bars().size()).isLessThan(100);
    }
}
