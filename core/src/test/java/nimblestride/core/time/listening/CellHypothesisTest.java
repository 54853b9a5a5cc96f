package nimblestride.core.time.listening;

import static nimblestride.core.language.text.Examples.cell;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CellHypothesisTest {
    private static List<Double> gaps(String text) {
        return Arrays.stream(text.split(" ", -1)).map(Double::valueOf).toList();
    }

    /**
     * Worked out by hand: a mean of what each gap is off, at least 0.015, its logarithm for each gap, how wild that is for a
     * person, and how unusual the lengths are.
     */
    @ParameterizedTest
    @CsvSource({
        "3+2, 3 2 3 2 3 2, 1, 0, -23.15323",
        "6+4, 3 2 3 2 3 2, 1, 0, -23.15323",
        "3+2, 3.3 1.8 2.7 2.2, 1.01, 0.0995037, -3.250043",
        "11+2, 11 2 11 2 11 2, 1, 0, -20.35323"
    })
    void costsWhatItsGapsAreOffAndWhatItsLengthsAre(String cell, String gaps, double unit, double spread, double cost) {
        CellHypothesis hypothesis = CellHypothesis.of(cell(cell), gaps(gaps));
        assertThat(hypothesis.unit()).isCloseTo(unit, within(1e-9));
        assertThat(hypothesis.spread()).isCloseTo(spread, within(1e-6));
        assertThat(hypothesis.cost()).isCloseTo(cost, within(1e-5));
    }

    /** One length after the other, down to one unit, until nothing fits better. */
    @ParameterizedTest
    @CsvSource({"3+2, 3 1 3 1 3 1, 3+1", "2+2+3, 2 3 3 2 3 3 2 3 3, 2+3+3", "2+3+4, 2 3 5 2 3 5 2 3 5, 2+3+5"})
    void isImprovedUnitByUnit(String from, String gaps, String to) {
        assertThat(CellHypothesis.of(cell(from), gaps(gaps))
                        .improved(gaps(gaps))
                        .cell())
                .isEqualTo(cell(to));
    }
}
