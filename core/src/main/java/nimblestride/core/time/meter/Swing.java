package nimblestride.core.time.meter;

import java.math.BigInteger;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.value.NoteName;
import nimblestride.core.time.value.NoteValue;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * Uneven pairs: of two equal notes the first lasts longer. Pairs start over with each stride; a note left over at the end
 * of an odd stride stays straight (common practice).
 *
 * @param value of each note as written, such as an eighth
 * @param share of the pair that the first note lasts, from 1/2 (straight) to 3/4
 */
public record Swing(NoteValue value, BigFraction share) {
    private static final BigFraction HALF = BigFraction.of(1, 2);
    private static final BigFraction MOST = BigFraction.of(3, 4);

    /** Equal notes. */
    public static final Swing STRAIGHT = new Swing(NoteValue.of(1, 8), BigFraction.of(1, 2));

    /** @throws InvalidValueException if the value is zero or the share is out of range */
    public Swing {
        if (value.isZero()) {
            throw new InvalidValueException("swing needs a note, such as an eighth");
        }
        if (share.compareTo(HALF) < 0 || share.compareTo(MOST) > 0) {
            throw new InvalidValueException("the long note takes 50 to 75 percent of the pair");
        }
    }

    /** Returns whether both notes of a pair are equal. */
    public boolean isStraight() {
        return share.compareTo(HALF) == 0;
    }

    /** Returns the swing with another note value. */
    public Swing of(NoteValue newValue) {
        return new Swing(newValue, share);
    }

    /**
     * Returns when a note sounds.
     *
     * @param phrase that holds it
     * @param at where it is written, from the first start of the phrase
     */
    public NoteValue sounding(Phrase phrase, NoteValue at) {
        if (isStraight()) {
            return at;
        }
        long bar = phrase.barAt(at);
        NoteValue start = phrase.startOf(bar);
        return start.plus(sounding(phrase.bar(bar), at.minus(start)));
    }

    private NoteValue sounding(Bar bar, NoteValue position) {
        NoteValue unit = bar.meter().unit();
        NoteValue start = NoteValue.ZERO;
        for (int size : bar.grouping().sizes()) {
            NoteValue end = start.plus(unit.times(size));
            if (position.compareTo(end) < 0) {
                return start.plus(inStride(end.minus(start), position.minus(start)));
            }
            start = end;
        }
        return position;
    }

    private NoteValue inStride(NoteValue stride, NoteValue position) {
        NoteValue pair = value.times(2);
        long number = position.wholePartsOf(pair);
        BigFraction within = position.remainder(pair).fraction().divide(pair.fraction());
        // Triplets and other tuplets keep their own place in the pair.
        boolean halves = within.getDenominator().bitCount() == 1;
        if (number >= stride.wholePartsOf(pair) || !halves) {
            return position;
        }
        return pair.times(number).plus(NoteValue.of(pair.fraction().multiply(moved(within))));
    }

    private BigFraction moved(BigFraction within) {
        return within.compareTo(HALF) <= 0
                ? within.multiply(2).multiply(share)
                : share.add(within.subtract(HALF).multiply(2).multiply(BigFraction.ONE.subtract(share)));
    }

    /** Returns {@code eighths 67 %} or {@code sixteenths 2:1}, with the ratio of both notes; or {@code straight}. */
    @Override
    public String toString() {
        return isStraight() ? "straight" : NoteName.sayMany(value) + " " + sharePrinted();
    }

    private String sharePrinted() {
        BigFraction percent = share.multiply(100);
        return percent.getDenominator().bitLength() == 1 ? percent.getNumerator() + " %" : first() + ":" + second();
    }

    /** Returns how many parts of a pair the first note lasts, in lowest terms. */
    public BigInteger first() {
        return share.getNumerator();
    }

    /** Returns how many parts of a pair the second note lasts, in lowest terms. */
    public BigInteger second() {
        return share.getDenominator().subtract(share.getNumerator());
    }
}
