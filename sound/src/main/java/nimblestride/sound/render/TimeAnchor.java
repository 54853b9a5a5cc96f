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
    /** Edits while playing, one after the other, must not make the fraction longer and longer. */
    private static final int MAX_LENGTH = 512;

    private static final long FINE = 1_000_000;

    public TimeAnchor {
        if (at.getDenominator().bitLength() > MAX_LENGTH) {
            at = BigFraction.of(nearest(at));
        }
    }

    private static BigInteger nearest(BigFraction exact) {
        return exact.add(HALF).bigDecimalValue(0, RoundingMode.FLOOR).toBigInteger();
    }

    /** The first sample it holds for. */
    public long frame() {
        return ExactMath.toLong(nearest(at));
    }

    /** When a moment of the section is heard, in samples, exactly. */
    BigFraction exactFrameOf(NoteValue later) {
        return at.add(samplesPerWhole.multiply(later.minus(moment).fraction()));
    }

    /** The sample at which a moment of the section is heard: the nearest one to its exact time. */
    public long frameOf(NoteValue later) {
        return ExactMath.toLong(nearest(exactFrameOf(later)));
    }

    /** A moment within a millionth of a whole note of that heard at a sample, and not before the anchor's. */
    NoteValue about(long laterFrame) {
        double late = (laterFrame - at.doubleValue()) / samplesPerWhole.doubleValue();
        return moment.plus(NoteValue.of(Math.max(0, (long) Math.floor(late * FINE)), FINE));
    }

    /** The moment of the section heard at a sample, in whole notes, less than zero before it begins: for drawing only. */
    public double momentOf(long laterFrame) {
        return moment.toDouble() + (laterFrame - at.doubleValue()) / samplesPerWhole.doubleValue();
    }
}
