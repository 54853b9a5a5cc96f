package nimblestride.formats.midi;

import java.math.BigInteger;
import java.math.RoundingMode;
import java.util.Collection;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.exact.ExactOverflowException;
import nimblestride.core.time.value.NoteValue;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * How finely a MIDI file divides a quarter note. Where some division that the format allows (Standard MIDI Files 1.0:
 * at most 32,767 ticks) makes every moment a whole number of ticks, it is used; otherwise each moment goes to the
 * nearest tick of a fine one, counted from the start, so that no error adds up.
 *
 * @param perQuarter ticks per quarter note
 * @param exact whether every moment falls on a tick
 */
record MidiTicks(int perQuarter, boolean exact) {
    private static final int DEFAULT = 480;
    private static final int MAX = 32_767;
    /** Divisible by every number to 10, and by 12, 14, 16, 18, 20, 24, 28, and 32. */
    private static final int FINE = 20_160;

    static MidiTicks of(Collection<NoteValue> moments) {
        try {
            long perWhole = moments.stream().mapToLong(NoteValue::denominator).reduce(4, ExactMath::lcm);
            long perQuarter = perWhole / 4;
            if (perQuarter <= MAX) {
                long usual = (DEFAULT + perQuarter - 1) / perQuarter * perQuarter;
                return new MidiTicks((int) (usual <= MAX ? usual : perQuarter), true);
            }
        } catch (ExactOverflowException e) {
            // No common division at all: use the nearest ticks.
        }
        return new MidiTicks(FINE, false);
    }

    long at(NoteValue moment) {
        BigFraction ticks = moment.fraction().multiply(BigInteger.valueOf(4L * perQuarter));
        return ExactMath.toLong(ticks.bigDecimalValue(0, RoundingMode.HALF_EVEN).toBigInteger());
    }
}
