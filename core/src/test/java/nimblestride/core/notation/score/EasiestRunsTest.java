package nimblestride.core.notation.score;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import nimblestride.core.time.value.NoteValue;

class EasiestRunsTest {
    private static final int LONGEST = 4;

    /** What is said to be the least spares work and changes nothing: the easiest of all ways is found. */
    @Property(tries = 300)
    void theEasiestOfAllWaysIsFoundWhateverIsSaidToBeTheLeast(
            @ForAll @IntRange(min = 1, max = 9) int parts, @ForAll long seed) {
        Random random = new Random(seed);
        double[][] effort = new double[parts][parts + 1];
        double[][] least = new double[parts][parts + 1];
        for (int first = 0; first < parts; first++) {
            for (int end = first + 1; end <= parts; end++) {
                effort[first][end] = random.nextInt(8) * 0.5;
                least[first][end] = effort[first][end] * random.nextDouble();
            }
        }
        Optional<SpelledCell> found = EasiestRuns.of(
                parts, LONGEST, (first, end) -> run(effort[first][end]), (first, end) -> least[first][end]);
        assertThat(found.orElseThrow().effort()).isCloseTo(easiest(effort, parts), within(1e-9));
    }

    private static Optional<SpelledCell> run(double effort) {
        return Optional.of(new SpelledCell(effort, List.of(), List.of()));
    }

    /** Tries every way. */
    private static double easiest(double[][] effort, int end) {
        double easiest = end == 0 ? 0 : Double.MAX_VALUE;
        for (int first = Math.max(0, end - LONGEST); first < end; first++) {
            easiest = Math.min(easiest, easiest(effort, first) + effort[first][end]);
        }
        return easiest;
    }

    /** No tuplet is easier than what the search takes for the least; a sextuplet comes closest. */
    @Example
    void noTupletIsEasierThanTheLeast() {
        double easiest = Double.MAX_VALUE;
        for (int notes = 2; notes <= 64; notes++) {
            for (int numerator = 1; numerator <= 16; numerator++) {
                double spared = notes == 6 ? Speller.SEXTUPLET : 0;
                easiest = Math.min(
                        easiest,
                        TupletChoice.of(notes, NoteValue.of(numerator, 8))
                                .map(choice -> choice.awkwardness() - spared)
                                .orElse(Double.MAX_VALUE));
            }
        }
        assertThat(easiest).isBetween(Speller.LEAST_OF_A_TUPLET, 1.2);
    }

    /** Strokes at 0, 3, and 4: each needs a note, and what comes before the first a rest or a tied note. */
    @Example
    void eachStrokeNeedsASignAndSoDoesWhatComesBeforeIt() {
        ScoreOnsets onsets = new ScoreOnsets(new long[] {0, 3, 4}, new boolean[3], false);
        assertThat(onsets.fewestSigns(0, 8)).isEqualTo(3);
        assertThat(onsets.fewestSigns(1, 8)).isEqualTo(3);
        assertThat(onsets.fewestSigns(3, 4)).isEqualTo(1);
        assertThat(onsets.fewestSigns(5, 8)).isEqualTo(1);
    }
}
