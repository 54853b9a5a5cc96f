package nimblestride.sound.render;

import java.math.BigInteger;
import java.math.RoundingMode;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.time.value.NoteValue;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * Ties musical time to samples from some moment on, until the next anchor.
 *
 * @param at when the moment is heard, in samples, exactly: between two of them as a rule
 * @param section which section of the exercise it lies in, from 0
 * @param moment from the beginning of that section
 * @param samplesPerWhole how many samples a whole note lasts, exactly
 */
public record TimeAnchor(BigFraction at, int section, NoteValue moment, BigFraction samplesPerWhole) {
    private static final BigFraction HALF = BigFraction.of(1, 2);
    /** The most bits of the denominator: repeated edits during playback must not make the fraction longer and longer. */
    private static final int MAX_LENGTH = 512;

    private static final long FINE = 1_000_000;

    /** Rounds to a whole sample when the exact fraction has grown too long. */
    public TimeAnchor {
        if (at.getDenominator().bitLength() > MAX_LENGTH) {
            at = BigFraction.of(nearest(at));
        }
    }

    private static BigInteger nearest(BigFraction exact) {
        return exact.add(HALF).bigDecimalValue(0, RoundingMode.FLOOR).toBigInteger();
    }

    /** Returns the first sample it holds for. */
    public long frame() {
        return ExactMath.toLong(nearest(at));
    }

    /** Returns when a moment of the section is heard, as an exact number of samples. */
    BigFraction exactFrameOf(NoteValue later) {
        return at.add(samplesPerWhole.multiply(later.minus(moment).fraction()));
    }

    /** Returns the sample nearest to the exact time at which a moment of the section is heard. */
    public long frameOf(NoteValue later) {
        return ExactMath.toLong(nearest(exactFrameOf(later)));
    }

    /**
     * Returns a moment within a millionth of a whole note of the one heard at a sample, and never before the anchor's.
     */
    NoteValue about(long laterFrame) {
        double late = (laterFrame - at.doubleValue()) / samplesPerWhole.doubleValue();
        return moment.plus(NoteValue.of(Math.max(0, (long) Math.floor(late * FINE)), FINE));
    }

    /**
     * Returns the moment of the section heard at a sample, in whole notes, for drawing only; negative before the
     * section begins.
     */
    public double momentOf(long laterFrame) {
        return moment.toDouble() + (laterFrame - at.doubleValue()) / samplesPerWhole.doubleValue();
    }
}
