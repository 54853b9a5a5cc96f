package nimblestride.core.foundation.words;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import org.apache.commons.numbers.fraction.BigFraction;

/** Says how long something lasts by the clock. */
public final class SpokenDuration {
    private static final BigDecimal MINUTE = BigDecimal.valueOf(60);
    private static final BigDecimal HOUR = BigDecimal.valueOf(3_600);
    private static final BigDecimal DAY = BigDecimal.valueOf(86_400);
    private static final BigDecimal YEAR = BigDecimal.valueOf(31_557_600);
    private static final BigDecimal SHORT = BigDecimal.TEN;

    private SpokenDuration() {}

    /** Returns a duration in seconds as a player says it: {@code 2.8 s}, {@code 34 s}, {@code 2 min 5 s}, {@code 3 h}. */
    public static String of(BigFraction seconds) {
        BigDecimal exact = new BigDecimal(seconds.getNumerator())
                .divide(new BigDecimal(seconds.getDenominator()), MathContext.DECIMAL64);
        if (exact.compareTo(SHORT) < 0) {
            return exact.setScale(1, RoundingMode.HALF_UP).stripTrailingZeros().toPlainString() + " s";
        }
        BigDecimal whole = exact.setScale(0, RoundingMode.HALF_UP);
        if (whole.compareTo(MINUTE) < 0) {
            return whole.toPlainString() + " s";
        }
        if (whole.compareTo(HOUR) < 0) {
            BigDecimal[] minutes = whole.divideAndRemainder(MINUTE);
            return minutes[0].toPlainString() + " min"
                    + (minutes[1].signum() == 0 ? "" : " " + minutes[1].toPlainString() + " s");
        }
        if (whole.compareTo(DAY) < 0) {
            return "about " + Counted.count(rounded(whole, HOUR), "hour");
        }
        return "about "
                + (whole.compareTo(YEAR) < 0
                        ? Counted.count(rounded(whole, DAY), "day")
                        : Counted.count(rounded(whole, YEAR), "year"));
    }

    private static long rounded(BigDecimal seconds, BigDecimal unit) {
        return seconds.divide(unit, 0, RoundingMode.HALF_UP).longValue();
    }
}
