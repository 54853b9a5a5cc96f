package nimblestride.core.foundation.exact;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.math.BigInteger;
import java.util.function.BinaryOperator;
import java.util.function.LongBinaryOperator;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.apache.commons.numbers.core.ArithmeticUtils;

/** Against BigInteger, which has no limit, and Apache Commons Numbers. */
class ExactMathTest {
    private static void agree(LongBinaryOperator ours, BinaryOperator<BigInteger> theirs, long one, long other) {
        BigInteger exact = theirs.apply(BigInteger.valueOf(one), BigInteger.valueOf(other));
        if (exact.bitLength() < Long.SIZE) {
            assertThat(ours.applyAsLong(one, other)).isEqualTo(exact.longValue());
        } else {
            assertThatExceptionOfType(ExactOverflowException.class).isThrownBy(() -> ours.applyAsLong(one, other));
        }
    }

    @Property
    void sumsDifferencesAndProductsAreExactOrRefused(@ForAll long one, @ForAll long other) {
        agree(ExactMath::add, BigInteger::add, one, other);
        agree(ExactMath::subtract, BigInteger::subtract, one, other);
        agree(ExactMath::multiply, BigInteger::multiply, one, other);
        agree(ExactMath::multiply, BigInteger::multiply, one, other % 1_000);
    }

    @Property
    void wholeNumbersAreNarrowedExactlyOrRefused(@ForAll long number) {
        if ((int) number == number) {
            assertThat(ExactMath.toInt(number)).isEqualTo((int) number);
        } else {
            assertThatExceptionOfType(ExactOverflowException.class).isThrownBy(() -> ExactMath.toInt(number));
        }
        assertThat(ExactMath.toLong(BigInteger.valueOf(number))).isEqualTo(number);
        assertThatExceptionOfType(ExactOverflowException.class)
                .isThrownBy(
                        () -> ExactMath.toLong(BigInteger.TWO.pow(63).add(BigInteger.valueOf(Math.abs(number % 9)))));
    }

    @Property
    void theLeastCommonMultipleIsThatOfCommonsNumbers(
            @ForAll @LongRange(min = 1, max = 3_000_000_000L) long one,
            @ForAll @LongRange(min = 1, max = 3_000_000_000L) long other) {
        assertThat(ExactMath.lcm(one, other)).isEqualTo(ArithmeticUtils.lcm(one, other));
    }
}
