package nimblestride.core.time.partition;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import nimblestride.core.foundation.failure.StrideException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EvenSpreadTest {
    /**
     * The table of Toussaint, "The Euclidean Algorithm Generates Traditional Musical Rhythms" (2005), quoted from memory:
     * x a hit, a point a rest.
     */
    @ParameterizedTest
    @CsvSource({
        "2, 3, x.x",
        "2, 5, x.x..",
        "3, 4, x.xx",
        "3, 5, x.x.x",
        "3, 7, x.x.x..",
        "3, 8, x..x..x.",
        "4, 7, x.x.x.x",
        "4, 9, x.x.x.x..",
        "4, 11, x..x..x..x.",
        "5, 6, x.xxxx",
        "5, 7, x.xx.xx",
        "5, 8, x.xx.xx.",
        "5, 9, x.x.x.x.x",
        "5, 11, x.x.x.x.x..",
        "5, 12, x..x.x..x.x.",
        "5, 16, x..x..x..x..x...",
        "7, 8, x.xxxxxx",
        "7, 12, x.xx.x.xx.x.",
        "7, 16, x..x.x.x..x.x.x.",
        "9, 16, x.xx.x.x.xx.x.x.",
        "11, 24, x..x.x.x.x.x..x.x.x.x.x.",
        "13, 24, x.xx.x.x.x.x.xx.x.x.x.x."
    })
    void spreadsAsInTheTable(int hits, int units, String signs) {
        StringBuilder spread = new StringBuilder();
        EvenSpread.of(hits, units).forEach(gap -> spread.append('x').append(".".repeat(gap - 1)));
        assertThat(spread).hasToString(signs);
    }

    /** Evenness itself: gaps differ by one at the most, and so do the sums of any number of gaps in a row. */
    @Property(tries = 300)
    void noSpreadIsMoreEven(@ForAll @IntRange(min = 1, max = 40) int hits, @ForAll @IntRange(max = 60) int rests) {
        List<Integer> gaps = EvenSpread.of(hits, hits + rests);
        assertThat(gaps).hasSize(hits);
        for (int count = 1; count <= hits; count++) {
            int least = Integer.MAX_VALUE;
            int most = 0;
            for (int from = 0; from < hits; from++) {
                int sum = 0;
                for (int i = 0; i < count; i++) {
                    sum += gaps.get((from + i) % hits);
                }
                least = Math.min(least, sum);
                most = Math.max(most, sum);
            }
            assertThat(most - least).isLessThanOrEqualTo(1);
        }
    }

    @Test
    void refusesWhatCannotBeSpread() {
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> EvenSpread.of(0, 8));
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> EvenSpread.of(9, 8))
                .withMessageContaining("9 over 8");
    }
}
