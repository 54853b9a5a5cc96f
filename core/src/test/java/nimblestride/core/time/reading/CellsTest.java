package nimblestride.core.time.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CellsTest {
    private static List<String> of(int units) {
        return Cells.of(units).stream()
                .map(cells -> cells.stream().map(String::valueOf).collect(Collectors.joining("+")))
                .toList();
    }

    /**
     * Worked out by hand: two to eight cells of four to nine units that differ by one at most, in every turn of an even
     * spread, and rows of one cell with a rest of two thirds of it, or with one unit less where there is one cell.
     */
    @ParameterizedTest
    @CsvSource({
        "7, 4+3 3+4",
        "8, 4+4",
        "9, 5+4 4+5",
        "10, 5+5",
        "11, 6+5 5+6 4+4+3 3+4+4",
        "12, 6+6 4+4+4",
        "13, 7+6 6+7 5+4+4 4+5+4 4+4+5",
        "15, 8+7 7+8 5+5+5 4+4+4+3 3+4+4+4",
        "16, 8+8 6+5+5 5+6+5 5+5+6 4+4+4+4 6+6+4 4+6+6",
        "18, 9+9 6+6+6 5+5+4+4 4+4+5+5 5+4+5+4 4+5+4+5"
    })
    void areNearlyEqual(int units, String cells) {
        assertThat(of(units)).containsExactlyInAnyOrder(cells.split(" ", -1));
    }

    @Test
    void areUpToEightOfUpToNineUnits() {
        List<Integer> eightAndARest = new ArrayList<>(Collections.nCopies(8, 4));
        eightAndARest.add(3);
        assertThat(Cells.of(35)).contains(List.copyOf(eightAndARest));
        assertThat(Cells.of(39)).allMatch(cells -> cells.size() <= 8);
        assertThat(Cells.of(72)).containsExactly(Collections.nCopies(8, 9));
        assertThat(Cells.of(73)).isEmpty();
        assertThat(Cells.of(19)).noneMatch(cells -> cells.size() == 2);
        assertThat(Cells.of(3)).isEmpty();
    }
}
