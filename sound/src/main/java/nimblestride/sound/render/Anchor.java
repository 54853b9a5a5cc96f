package nimblestride.sound.render;

import java.math.BigInteger;
import java.math.RoundingMode;
import nimblestride.core.value.NoteValue;
import nimblestride.core.value.Tempo;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * Ties musical time to samples from some moment on, until the next anchor.
 *
 * @param frame the sample at which the moment is heard
 * @param moment from the first beginning of the phrase
 */
public record Anchor(long frame, NoteValue moment, Tempo tempo, int sampleRate) {
    private static final BigFraction HALF = BigFraction.of(1, 2);

    /** The sample at which a moment is heard: the nearest one to its exact time, counted anew from the anchor. */
    public long frameOf(NoteValue later) {
        BigFraction exact = tempo.seconds(later.minus(moment))
                .multiply(BigInteger.valueOf(sampleRate))
                .add(HALF);
        return frame + exact.bigDecimalValue(0, RoundingMode.FLOOR).longValueExact();
    }

    /** The moment heard at a sample, in whole notes: for drawing only. */
    public double momentOf(long laterFrame) {
        double wholesASecond = tempo.quartersPerMinute().doubleValue() / 240;
        return moment.toDouble() + (double) (laterFrame - frame) / sampleRate * wholesASecond;
    }
}
