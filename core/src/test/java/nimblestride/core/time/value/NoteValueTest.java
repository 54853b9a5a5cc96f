package nimblestride.core.time.value;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.math.BigInteger;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import nimblestride.core.foundation.exact.ExactOverflowException;
import nimblestride.core.foundation.failure.StrideException;
import org.apache.commons.numbers.core.ArithmeticUtils;
import org.apache.commons.numbers.fraction.BigFraction;
import org.apache.commons.numbers.fraction.Fraction;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NoteValueTest {
    /** Held against Apache Commons Numbers' {@code Fraction}, whose arithmetic is written apart from BigFraction's. */
    @Property
    void addsAndComparesLikeCommonsFractions(
            @ForAll @IntRange(max = 999) int a,
            @ForAll @IntRange(min = 1, max = 99) int b,
            @ForAll @IntRange(max = 999) int c,
            @ForAll @IntRange(min = 1, max = 99) int d) {
        Fraction sum = Fraction.of(a, b).add(Fraction.of(c, d));
        NoteValue ours = NoteValue.of(a, b).plus(NoteValue.of(c, d));
        assertThat(ours.numerator()).isEqualTo(sum.getNumerator());
        assertThat(ours.denominator()).isEqualTo(sum.getDenominator());
        assertThat(Integer.signum(NoteValue.of(a, b).compareTo(NoteValue.of(c, d))))
                .isEqualTo(Integer.signum(Fraction.of(a, b).compareTo(Fraction.of(c, d))));
    }

    /** Small numbers are counted in a {@code long}, large ones by BigFraction: both sides of where that changes. */
    @Property
    void largeNumbersCountLikeSmallOnes(
            @ForAll @LongRange(min = 1L << 30, max = 1L << 32) long top,
            @ForAll @LongRange(min = 1L << 30, max = 1L << 32) long bottom,
            @ForAll @LongRange(min = 1, max = 1L << 31) long other,
            @ForAll @IntRange(min = 1, max = 64) int parts) {
        NoteValue value = NoteValue.of(top, bottom);
        NoteValue more = NoteValue.of(top + other, bottom);
        BigFraction exact = BigFraction.of(top, bottom);
        BigFraction exactMore = BigFraction.of(top + other, bottom);
        assertThat(more.minus(value).fraction()).isEqualTo(exactMore.subtract(exact));
        assertThat(more.minus(value).plus(value)).isEqualTo(more).hasSameHashCodeAs(more);
        assertThat(value.times(parts).fraction()).isEqualTo(exact.multiply(parts));
        assertThat(value.dividedBy(parts).fraction()).isEqualTo(exact.divide(parts));
        assertThat(value).isLessThan(more);
        assertThat(value.toDouble()).isEqualTo(exact.doubleValue());
    }

    /** lcm(a/b, c/d) = lcm(ad, cb)/(bd), with lcm of whole numbers from Apache Commons Numbers. */
    @Property
    void leastCommonMultipleIsThatOfWholeNumbersOnOneDenominator(
            @ForAll @IntRange(min = 1, max = 999) int a,
            @ForAll @IntRange(min = 1, max = 99) int b,
            @ForAll @IntRange(min = 1, max = 999) int c,
            @ForAll @IntRange(min = 1, max = 99) int d) {
        long whole = ArithmeticUtils.lcm((long) a * d, (long) c * b);
        NoteValue one = NoteValue.of(a, b);
        NoteValue other = NoteValue.of(c, d);
        assertThat(one.leastCommonMultiple(other)).isEqualTo(NoteValue.of(whole, (long) b * d));
        NoteValue divisor = one.greatestCommonDivisor(other);
        assertThat(one.isMultipleOf(divisor)).isTrue();
        assertThat(one.wholePartsOf(divisor) * other.wholePartsOf(divisor))
                .isEqualTo(one.leastCommonMultiple(other).wholePartsOf(divisor));
    }

    @ParameterizedTest
    @CsvSource({"6/16,3/8", "4/2,2", "0/7,0", "33/8,33/8"})
    void isWrittenInLowestTermsAndReadBack(String typed, String written) {
        assertThat(NoteValue.parse(typed)).hasToString(written);
        assertThat(NoteValue.parse(written))
                .isEqualTo(NoteValue.parse(typed))
                .hasSameHashCodeAs(NoteValue.parse(typed));
    }

    @Test
    void refusesWhatIsNoLength() {
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> NoteValue.of(-1, 4))
                .withMessageContaining("-1/4");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> NoteValue.of(1, 0))
                .withMessageContaining("1/0");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> NoteValue.EIGHTH.minus(NoteValue.QUARTER))
                .withMessageContaining("a note value can't be negative: 1/8 less 1/4");
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> NoteValue.WHOLE.remainder(NoteValue.ZERO));
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> NoteValue.parse("quarter"));
    }

    @Test
    void saysSoWhenAResultDoesNotFit() {
        NoteValue huge = NoteValue.of(Long.MAX_VALUE, 1);
        assertThatExceptionOfType(ExactOverflowException.class)
                .isThrownBy(() -> huge.plus(NoteValue.WHOLE))
                .withMessageContaining("a length of 9223372036854775808/1 is too large to count exactly (numbers");
        assertThat(huge.plus(NoteValue.ZERO)).isEqualTo(huge);
    }

    @ParameterizedTest
    @CsvSource({
        "1/4,quarter", "3/16,dotted eighth", "7/16,double-dotted quarter", "1/12,triplet eighth",
        "1/20,quintuplet sixteenth", "1/28,septuplet sixteenth", "1/6,triplet quarter", "1/32,thirty-second"
    })
    void hasTheNameDrummersUse(String value, String name) {
        assertThat(NoteName.of(NoteValue.parse(value))).contains(name);
        assertThat(NoteName.read(name)).contains(NoteValue.parse(value));
        assertThat(NoteName.read(NoteName.sayMany(NoteValue.parse(value)))).contains(NoteValue.parse(value));
    }

    @Test
    void isNamedByItsFractionWhereThereIsNoName() {
        assertThat(NoteName.say(NoteValue.of(5, 16))).isEqualTo("5/16");
        assertThat(NoteName.read("nonsense")).isEmpty();
        assertThat(NoteName.read("eighth triplet")).contains(NoteValue.of(1, 12));
        assertThat(NoteName.read("dotted 8th note")).contains(NoteValue.of(3, 16));
    }

    @Test
    void tempoTurnsValuesIntoSecondsExactly() {
        assertThat(Tempo.ofQuarters(60).seconds(NoteValue.QUARTER)).hasToString("1");
        assertThat(Tempo.ofQuarters(96).seconds(NoteValue.of(5, 16)).doubleValue())
                .isEqualTo(0.78125);
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> Tempo.ofQuarters(0))
                .withMessageContaining("1 to 999");
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> Tempo.ofQuarters(1000));
    }

    /** Against the fractions of Apache Commons Numbers, which are reduced at each step. */
    @Property
    void whatIsLeftOverIsThatOfAnotherLibrary(
            @ForAll @LongRange(min = 0, max = 1_000_000_000_000L) long top,
            @ForAll @LongRange(min = 1, max = 100_000) long bottom,
            @ForAll @LongRange(min = 1, max = 1_000_000_000L) long partTop,
            @ForAll @LongRange(min = 1, max = 100_000) long partBottom) {
        NoteValue value = NoteValue.of(top, bottom);
        NoteValue part = NoteValue.of(partTop, partBottom);
        BigFraction quotient = value.fraction().divide(part.fraction());
        BigInteger whole = quotient.getNumerator().divide(quotient.getDenominator());
        assertThat(value.wholePartsOf(part)).isEqualTo(whole.longValueExact());
        assertThat(value.remainder(part).fraction())
                .isEqualTo(value.fraction().subtract(part.fraction().multiply(whole)));
        assertThat(value.remainder(part)).isLessThan(part);
        assertThat(value.isMultipleOf(part)).isEqualTo(quotient.getDenominator().equals(BigInteger.ONE));
    }

    @Test
    void noLengthOfZeroMeasuresAnything() {
        List<ThrowingCallable> asked = List.of(
                () -> NoteValue.ZERO.leastCommonMultiple(NoteValue.WHOLE),
                () -> NoteValue.WHOLE.leastCommonMultiple(NoteValue.ZERO),
                () -> NoteValue.ZERO.greatestCommonDivisor(NoteValue.WHOLE),
                () -> NoteValue.WHOLE.greatestCommonDivisor(NoteValue.ZERO),
                () -> NoteValue.WHOLE.wholePartsOf(NoteValue.ZERO));
        assertThat(asked).allSatisfy(question -> assertThatExceptionOfType(StrideException.class)
                .isThrownBy(question)
                .withMessageContaining("a length of zero never repeats"));
    }

    @Test
    void whatIsTooLongToReadOrToCountIsShownInPart() {
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> NoteValue.parse("q".repeat(41)))
                .withMessageEndingWith("not \"" + "q".repeat(40) + "…\"");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> NoteValue.parse("q".repeat(40)))
                .withMessageEndingWith("not \"" + "q".repeat(40) + "\"");
        assertThatExceptionOfType(ExactOverflowException.class)
                .isThrownBy(() -> NoteValue.of(Long.MAX_VALUE, 1).wholePartsOf(NoteValue.of(1, Long.MAX_VALUE)))
                .withMessageContaining("850705… (38 digits)");
        NoteValue most = NoteValue.of(Long.MAX_VALUE, 1);
        assertThat(most.wholePartsOf(NoteValue.WHOLE)).isEqualTo(Long.MAX_VALUE);
    }

    @Test
    void isSubtractedAndDrawn() {
        assertThat(NoteValue.WHOLE.minus(NoteValue.QUARTER)).isEqualTo(NoteValue.of(3, 4));
        assertThat(NoteValue.of(3, 16).toDouble()).isEqualTo(0.1875);
        assertThat(NoteValue.of(Long.MAX_VALUE, Long.MAX_VALUE - 1).toDouble()).isEqualTo(1);
    }

    @Test
    void aTempoIsTypedSaidAndCountedInAnotherBeat() {
        assertThat(Tempo.ofQuarters(96)).hasToString("96");
        assertThat(new Tempo(NoteValue.QUARTER, BigFraction.of(289, 3))).hasToString("289/3");
        Tempo eighths = new Tempo(NoteValue.EIGHTH, BigFraction.of(210));
        assertThat(eighths).hasToString("1/8=210");
        assertThat(eighths.spoken()).isEqualTo("210 BPM (eighths)");
        assertThat(eighths.perMinuteIn(NoteValue.QUARTER)).isEqualTo(BigFraction.of(105));
        assertThat(Tempo.decimal(BigFraction.of(289, 3))).isEqualTo("96.333");
    }
}
