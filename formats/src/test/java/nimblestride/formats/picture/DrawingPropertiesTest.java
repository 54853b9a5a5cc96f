package nimblestride.formats.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.AnyExercise;
import nimblestride.core.language.text.Examples;
import nimblestride.core.notation.engraving.Engraver;
import nimblestride.core.notation.engraving.NoteSign;
import nimblestride.core.notation.score.BarPlan;
import nimblestride.core.notation.score.Score;
import nimblestride.core.notation.score.ScoreStyle;
import nimblestride.core.notation.score.ScoreStyle.Lengths;
import nimblestride.core.notation.score.ScoreStyle.Parts;
import nimblestride.core.notation.score.ScoreStyle.Stickings;
import nimblestride.core.notation.score.ScoreWriter;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.CountingSystem;
import nimblestride.core.time.counting.Subdivision;
import nimblestride.formats.font.Fonts;

/** Whatever is written: every sign, word and beam is on the paper, and none lies on another. */
class DrawingPropertiesTest {
    private static final int BARS = 4;
    private static final double WIDTH = 90;

    @Property(tries = 100)
    void nothingLiesOnAnythingElse(
            @ForAll(supplier = AnyExercise.class) Exercise exercise,
            @ForAll Lengths lengths,
            @ForAll Stickings stickings,
            @ForAll Parts parts,
            @ForAll boolean counted) {
        ScoreStyle plain = ScoreStyle.DEFAULT.with(lengths).with(stickings).with(parts);
        ScoreStyle style = counted ? plain.counted(Counting.of(CountingSystem.SPOKEN), Subdivision.AS_WRITTEN) : plain;
        assertThat(faults(ScoreWriter.write(exercise, BarPlan.of(exercise.phrase(), BARS), style)))
                .isEmpty();
    }

    @Example
    void soDoSignsOfSectionsCloseTogether() {
        Exercise exercise = Examples.exercise("2/8", "snare every 1/8");
        for (String pivot :
                List.of("1/8=1/12", "3/16=1/4", "1/20=1/16", "1/4=1/6", "1/8=3/16", "1/48=1/36", "1/96=3/256")) {
            exercise = Examples.then(exercise, pivot, 3, "2/8", "snare every 1/8");
        }
        assertThat(faults(ScoreWriter.write(exercise, ScoreStyle.DEFAULT))).isEmpty();
    }

    @Example
    void andNotesInAListOfValues() {
        for (String value :
                List.of("1", "1/4", "3/16", "1/12", "1/24", "1/20", "1/48", "1/96", "1/36", "5/7", "1/768")) {
            assertThat(Covered.faults(NoteSign.drawing(Fonts.get().music(), Fonts.get(), Examples.value(value))))
                    .as(value)
                    .isEmpty();
        }
    }

    private static List<String> faults(Score score) {
        return new Engraver(Fonts.get().music(), Fonts.get())
                .lines(score, WIDTH).stream()
                        .flatMap(line -> Covered.faults(line).stream())
                        .toList();
    }
}
