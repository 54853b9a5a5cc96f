package nimblestride.core.layer.modulation;

import java.math.BigInteger;
import java.math.RoundingMode;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.time.value.Tempo;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * A tempo on a metronome that has whole numbers only.
 *
 * @param exact tempo meant
 * @param whole nearest whole number of beats per minute, at least {@value Tempo#MIN}
 */
public record RoundedTempo(Tempo exact, int whole) {
    /** Rounds a tempo. */
    public static RoundedTempo of(Tempo exact) {
        BigInteger nearest =
                exact.perMinute().bigDecimalValue(0, RoundingMode.HALF_UP).toBigInteger();
        return new RoundedTempo(exact, Math.max(Tempo.MIN, ExactMath.toInt(ExactMath.toLong(nearest))));
    }

    /** Returns whether nothing is rounded. */
    public boolean isExact() {
        return exact.perMinute().compareTo(BigFraction.of(whole)) == 0;
    }

    /**
     * Returns how late the metronome's click is after some exact time, in seconds; negative when it is early. The
     * beats of a time at the exact tempo take exact over whole of it at the rounded one (arithmetic).
     */
    public BigFraction driftAfter(BigFraction seconds) {
        return seconds.multiply(
                exact.perMinute().divide(BigInteger.valueOf(whole)).subtract(BigFraction.ONE));
    }
}
