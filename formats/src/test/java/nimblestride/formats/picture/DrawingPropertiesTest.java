package nimblestride.formats.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import nimblestride.core.counting.CountingSchool;
import nimblestride.core.counting.Division;
import nimblestride.core.engraving.Drawing;
import nimblestride.core.engraving.Engraver;
import nimblestride.core.exercise.Exercise;
import nimblestride.core.score.Plan;
import nimblestride.core.score.Score;
import nimblestride.core.score.ScoreWriter;
import nimblestride.core.score.Style;
import nimblestride.core.score.Style.Lengths;
import nimblestride.core.score.Style.Parts;
import nimblestride.core.score.Style.Stickings;
import nimblestride.core.text.Examples;
import nimblestride.formats.face.Faces;

/** Whatever is written: every sign, word and beam is on the paper, and none lies on another. */
class DrawingPropertiesTest {
    private static final int BARS = 4;
    private static final double WIDTH = 90;

    /** Heads on both sides of a stem share its thickness, and the digits of a signature touch. */
    private static final double TOUCHING = 0.13;

    @Provide
    Arbitrary<Exercise> exercises() {
        Arbitrary<String> bars = Combinators.combine(
                        Arbitraries.integers().between(1, 15), Arbitraries.of(2, 4, 8, 16, 12, 20))
                .as((count, unit) -> count + "/" + unit);
        Arbitrary<String> every = Combinators.combine(
                        Arbitraries.of("snare", "kick", "open hi-hat", "ride bell", "cowbell"),
                        Arbitraries.integers().between(1, 9),
                        Arbitraries.of(8, 16, 12, 20, 32))
                .as((voice, count, unit) -> voice + " every " + count + "/" + unit);
        Arbitrary<String> over = Combinators.combine(
                        Arbitraries.of("high tom", "floor tom", "foot hi-hat", "china"),
                        Arbitraries.integers().between(2, 11))
                .as((voice, notes) -> voice + " " + notes + " over bar");
        Arbitrary<String> cells = Arbitraries.of(
                "snare cell X.gx.g of 1/16",
                "kick cell x.X of 1/12",
                "crash cell g..X of 1/20",
                "snare sticking >lR L (R) llR R: Lz >R of 1/16",
                "snare sticking R L R R L R L L of 1/16");
        return Combinators.combine(
                        bars.list().ofMinSize(1).ofMaxSize(3),
                        Arbitraries.oneOf(every, over, cells)
                                .list()
                                .ofMinSize(1)
                                .ofMaxSize(4))
                .as((phrase, played) -> Examples.exercise(String.join(", ", phrase), played.toArray(String[]::new)));
    }

    @Property(tries = 300)
    void nothingLiesOnAnythingElse(
            @ForAll("exercises") Exercise exercise,
            @ForAll Lengths lengths,
            @ForAll Stickings stickings,
            @ForAll Parts parts,
            @ForAll boolean counted) {
        Style style = Style.USUAL
                .with(lengths)
                .with(stickings)
                .with(parts)
                .counted(counted ? Optional.of(CountingSchool.SPOKEN) : Optional.empty(), Division.AS_WRITTEN);
        assertThat(faults(ScoreWriter.write(exercise, Plan.of(exercise.phrase(), BARS), style)))
                .isEmpty();
    }

    @Example
    void soDoSignsOfSectionsCloseTogether() {
        Exercise exercise = Examples.exercise("2/8", "snare every 1/8");
        for (String pivot : List.of("1/8=1/12", "3/16=1/4", "1/20=1/16", "1/4=1/6", "1/8=3/16")) {
            exercise = Examples.then(exercise, pivot, 3, "2/8", "snare every 1/8");
        }
        assertThat(faults(ScoreWriter.write(exercise, Style.USUAL))).isEmpty();
    }

    private static List<String> faults(Score score) {
        List<String> faults = new ArrayList<>();
        for (Drawing line : new Engraver(Faces.get().music(), Faces.get()).lines(score, WIDTH)) {
            List<Covered> all = Covered.by(line);
            for (int i = 0; i < all.size(); i++) {
                Covered one = all.get(i);
                if (!one.isOn(line, TOUCHING)) {
                    faults.add(one + " is not on the line, " + line.width() + " by " + line.height());
                }
                all.subList(i + 1, all.size()).stream()
                        .filter(other -> one.on(other) > TOUCHING)
                        .forEach(other -> faults.add(one + " lies on " + other));
            }
        }
        return faults;
    }
}
