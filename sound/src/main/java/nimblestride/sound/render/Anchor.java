package nimblestride.sound.render;

import java.math.BigInteger;
import java.math.RoundingMode;
import nimblestride.core.value.NoteValue;
import nimblestride.core.value.Tempo;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * Ties musical time to samples from some moment on, until the next anchor.
 *
 * @param at when the moment is heard, in samples, exactly: between two of them as a rule
 * @param section which section of the exercise it lies in, from 0
 * @param moment from the beginning of that section
 */
public record Anchor(BigFraction at, int section, NoteValue moment, Tempo tempo, int sampleRate) {
    private static final BigFraction HALF = BigFraction.of(1, 2);
    /** Edits while playing, one after the other, must not make the fraction longer and longer. */
    private static final int LONGEST = 512;

    public Anchor {
        if (at.getDenominator().bitLength() > LONGEST) {
            at = BigFraction.of(nearest(at));
        }
    }

    /** At the very beginning of an exercise. */
    static Anchor beginning(Tempo tempo, int sampleRate) {
        return new Anchor(BigFraction.ZERO, 0, NoteValue.ZERO, tempo, sampleRate);
    }

    private static BigInteger nearest(BigFraction exact) {
        return exact.add(HALF).bigDecimalValue(0, RoundingMode.FLOOR).toBigInteger();
    }

    /** The first sample it holds for. */
    public long frame() {
        return nearest(at).longValueExact();
    }

    /** When a moment of the section is heard, in samples, exactly. */
    BigFraction exactFrameOf(NoteValue later) {
        return at.add(tempo.seconds(later.minus(moment)).multiply(BigInteger.valueOf(sampleRate)));
    }

    /** The sample at which a moment of the section is heard: the nearest one to its exact time. */
    public long frameOf(NoteValue later) {
        return nearest(exactFrameOf(later)).longValueExact();
    }

    /** The moment of the section heard at a sample, in whole notes: for drawing only. */
    public double momentOf(long laterFrame) {
        double wholesASecond = tempo.quartersPerMinute().doubleValue() / 240;
        return moment.toDouble() + (laterFrame - at.doubleValue()) / sampleRate * wholesASecond;
    }
}
