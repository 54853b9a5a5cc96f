package nimblestride.formats.musicxml;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.Map;
import java.util.Optional;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.value.NoteValue;
import org.apache.commons.numbers.fraction.BigFraction;

/** Lengths as the standard tells them, exactly. */
final class XmlDurations {
    private static final int MAX_DIGITS = 15;
    private static final int MAX_IN_TUPLET = 1_024;

    private static final Map<String, NoteValue> NAMED = Map.ofEntries(
            Map.entry("long", NoteValue.of(4, 1)),
            Map.entry("breve", NoteValue.of(2, 1)),
            Map.entry("whole", NoteValue.WHOLE),
            Map.entry("half", NoteValue.HALF),
            Map.entry("quarter", NoteValue.QUARTER),
            Map.entry("eighth", NoteValue.EIGHTH),
            Map.entry("16th", NoteValue.SIXTEENTH),
            Map.entry("32nd", NoteValue.of(1, 32)),
            Map.entry("64th", NoteValue.of(1, 64)),
            Map.entry("128th", NoteValue.of(1, 128)),
            Map.entry("256th", NoteValue.of(1, 256)),
            Map.entry("512th", NoteValue.of(1, 512)),
            Map.entry("1024th", NoteValue.of(1, 1_024)));

    private XmlDurations() {}

    /** Returns the value of the element {@code type}; empty for a name the standard does not have. */
    static Optional<NoteValue> named(String type) {
        return Optional.ofNullable(NAMED.get(type));
    }

    /**
     * @param duration in divisions, 0 or more
     * @param subdivisions to a quarter, more than 0
     */
    static NoteValue of(BigDecimal duration, BigDecimal subdivisions) {
        return NoteValue.of(fraction(duration).divide(fraction(subdivisions).multiply(4)));
    }

    private static BigFraction fraction(BigDecimal number) {
        if (number == null) {
            throw new InvalidValueException("something has no duration");
        }
        if (number.precision() > MAX_DIGITS || Math.abs(number.scale()) > MAX_DIGITS || number.signum() < 0) {
            throw new InvalidValueException(
                    "a duration must be a number of up to " + MAX_DIGITS + " digits, 0 or more");
        }
        BigDecimal plain = number.setScale(Math.max(0, number.scale()));
        return BigFraction.of(plain.unscaledValue(), BigInteger.TEN.pow(plain.scale()));
    }

    static NoteValue inTuplet(NoteValue plain, BigInteger actual, BigInteger normal) {
        int notes = small(actual);
        int inThePlaceOf = small(normal);
        return plain.times(inThePlaceOf).dividedBy(notes);
    }

    private static int small(BigInteger number) {
        if (number.signum() < 1 || number.compareTo(BigInteger.valueOf(MAX_IN_TUPLET)) > 0) {
            throw new InvalidValueException("a tuplet has 1 to " + MAX_IN_TUPLET + " notes");
        }
        return number.intValue();
    }
}
