package nimblestride.core.layer.alignment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.math.BigInteger;
import java.util.Arrays;
import java.util.OptionalLong;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import net.jqwik.api.constraints.Size;

/** What all realignment comes down to, against a walk, and where that is too long, against its own definition. */
class LinearCongruenceTest {
    @Property
    void theFirstAnswerIsTheOneAWalkComesTo(
            @ForAll @IntRange(min = 1, max = 120) int step,
            @ForAll @IntRange(min = 1, max = 120) int cycle,
            @ForAll @IntRange(min = -300, max = 300) int target) {
        OptionalLong walked = LongStream.range(0, cycle)
                .filter(k -> Math.floorMod(k * step - target, cycle) == 0)
                .findFirst();
        LinearCongruence congruence = new LinearCongruence(step, cycle);
        if (walked.isPresent()) {
            assertThat(congruence.solve(target)).isEqualTo(walked.getAsLong());
        } else {
            assertThatIllegalArgumentException().isThrownBy(() -> congruence.solve(target));
        }
    }

    @Property
    void largeCyclesAreSolvedExactly(
            @ForAll @LongRange(min = 1) long step,
            @ForAll @LongRange(min = 1) long cycle,
            @ForAll @LongRange(min = -1_000_000_000_000L, max = 1_000_000_000_000L) long times) {
        LinearCongruence congruence = new LinearCongruence(step, cycle);
        long divisor = congruence.divisor();
        assertThat(BigInteger.valueOf(step).gcd(BigInteger.valueOf(cycle))).isEqualTo(BigInteger.valueOf(divisor));

        long target = divisor * (times % Math.max(1, Long.MAX_VALUE / divisor));
        long k = congruence.solve(target);
        assertThat(k).isBetween(0L, cycle / divisor - 1);
        assertThat(BigInteger.valueOf(k)
                        .multiply(BigInteger.valueOf(step))
                        .subtract(BigInteger.valueOf(target))
                        .mod(BigInteger.valueOf(cycle)))
                .isEqualTo(BigInteger.ZERO);
        if (divisor > 1 && target < Long.MAX_VALUE) {
            assertThatIllegalArgumentException().isThrownBy(() -> congruence.solve(target + 1));
        }
    }

    @Property
    void numbersArePutTogetherByWhatIsLeftOfThem(
            @ForAll @Size(max = 40) @LongRange(max = 500) long[] numbers,
            @ForAll @LongRange(min = 1, max = 60) long divisor,
            @ForAll @LongRange(max = 2_000) long asked) {
        long[] expected = Arrays.stream(numbers)
                .filter(number -> number % divisor == asked % divisor)
                .toArray();
        assertThat(new ResidueClasses(numbers, divisor).like(asked)).containsExactly(expected);
    }

    @Property
    void inOrderEachOnce(@ForAll @Size(max = 60) @LongRange(min = -50, max = 50) long[] numbers) {
        long[] before = numbers.clone();
        assertThat(Arrays.stream(SortedLongs.once(numbers)).boxed())
                .containsExactlyElementsOf(
                        Arrays.stream(numbers).boxed().collect(Collectors.toCollection(TreeSet::new)));
        assertThat(numbers).as("left as they were").isEqualTo(before);
    }
}
