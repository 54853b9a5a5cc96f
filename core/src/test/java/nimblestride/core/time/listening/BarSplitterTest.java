package nimblestride.core.time.listening;

import static nimblestride.core.language.text.Examples.cell;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BarSplitterTest {
    private static String split(List<Integer> cell) {
        return BarSplitter.split(cell).stream()
                .map(part -> part.stream().map(String::valueOf).collect(Collectors.joining("+")))
                .collect(Collectors.joining(" | "));
    }

    /**
     * Two bars of a kind may have up to 16 units each. One bar of a kind is no reason to split, and neither are two that
     * leave an odd one and cost as much as the whole.
     */
    @ParameterizedTest
    @CsvSource({
        "7+9+9+7, 7+9 | 9+7",
        "8+9+9+8, 8+9+9+8",
        "4+5+6, 4+5+6",
        "2+4+4+2+4, 2+4+4+2+4",
        "3+4+4+3, 3+4 | 4+3",
        "2+4+4+2, 2+4+4+2"
    })
    void splitsWhereAKindComesAgain(String cell, String bars) {
        assertThat(split(cell(cell))).isEqualTo(bars);
    }

    /** What is too long to be searched stays one bar. */
    @Test
    void splitsUpTo64Lengths() {
        assertThat(BarSplitter.split(Collections.nCopies(64, 2)).size()).isGreaterThan(1);
        assertThat(BarSplitter.split(Collections.nCopies(65, 2))).hasSize(1);
    }

    @Test
    void barsOfAnyCycleAreAllOfItInOrder() {
        Random random = new Random(20_260);
        for (int i = 0; i < 500; i++) {
            List<Integer> cell =
                    random.ints(1 + random.nextInt(24), 1, 8).boxed().toList();
            assertThat(BarSplitter.split(cell).stream().flatMap(List::stream).toList())
                    .isEqualTo(cell);
        }
    }
}
