package nimblestride.core.time.partition;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigInteger;
import java.util.List;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import nimblestride.core.language.text.FitText;
import org.junit.jupiter.api.Test;

class FitResultTest {
    @Test
    void tellsTheNearestLengthWhereNothingFits() {
        FitResult fit = FitResult.of(Partitions.of(7, List.of(5, 3)));
        assertThat(fit.count()).isEqualTo(BigInteger.ZERO);
        assertThat(fit.best()).isEmpty();
        assertThat(fit.nearest()).hasValue(8);
        assertThat(FitResult.of(Partitions.of(3, List.of(7))).nearest()).hasValue(7);
        assertThat(FitResult.of(Partitions.of(7, List.of(19_991, 19_979))).nearest())
                .hasValue(19_979);
        assertThat(FitResult.of(FitText.read("5, 3 into 11/8 x2 of 1/16").filling())
                        .best()
                        .get(0))
                .isNotEmpty();
    }

    /** A length that the cells fill, but not as asked, is not the nearest. */
    @Test
    void theNearestLengthKeepsTheConditionsToo() {
        Partitions odd = Partitions.of(9, List.of(4, 6)).with(PartitionConstraints.NONE.eachOnce());
        assertThat(FitResult.of(odd).nearest()).hasValue(10);
        Partitions first = Partitions.of(11, List.of(4, 6))
                .with(PartitionConstraints.NONE.startingWith(4).atMost(1));
        assertThat(FitResult.of(first).nearest()).hasValue(4);
        Partitions longest = Partitions.of(Partitions.MAX_LENGTH, List.of(3));
        assertThat(FitResult.of(longest).nearest()).hasValue(19_998);
        assertThat(FitResult.of(Partitions.of(19_999, List.of(20_000))).nearest())
                .hasValue(20_000);
    }

    /** Checks against a plain trial of each length that the nearest one fits, and nothing nearer does. */
    @Property(tries = 200)
    void nothingNearerFits(
            @ForAll @IntRange(min = 1, max = 40) int length,
            @ForAll @Size(min = 1, max = 3) Set<@IntRange(min = 2, max = 13) Integer> sizes) {
        FitResult fit = FitResult.of(Partitions.of(length, sizes));
        if (fit.count().signum() > 0) {
            assertThat(fit.nearest()).isEmpty();
            assertThat(fit.best()).isNotEmpty().allSatisfy(cells -> assertThat(
                            cells.stream().mapToInt(Integer::intValue).sum())
                    .isEqualTo(length));
            return;
        }
        int nearest = fit.nearest().orElseThrow();
        assertThat(Partitions.of(nearest, sizes).count()).isPositive();
        for (int other = Math.max(1, length - 40); other < length + 40; other++) {
            if (Math.abs(other - length) < Math.abs(nearest - length)) {
                assertThat(Partitions.of(other, sizes).count()).isZero();
            }
        }
    }
}
