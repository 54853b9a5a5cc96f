package nimblestride.core.modulation;

import nimblestride.core.value.NoteValue;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * An old value that lasts as long as a new one: {@code dotted quarter = half}. The tempo changes by new over old
 * (arithmetic; the sign is common practice).
 *
 * @param old as it is counted before the change, longer than zero
 * @param now as it is counted from there on, longer than zero
 */
public record Pivot(NoteValue old, NoteValue now) {
    /** The most notes a beat, and the largest groups of them, that a regrouping may have. */
    public static final int MOST_NOTES = 64;

    public Pivot {
        if (old.isZero() || now.isZero()) {
            throw new IllegalArgumentException("both values of a pivot are longer than zero, as in 3/16 = 1/4");
        }
    }

    /**
     * So many notes a beat, accented in groups, and the group becomes the new beat: five a quarter in groups of four is
     * {@code 4 quintuplet sixteenths = quarter}.
     *
     * @param notes a quarter note, from 1 to {@value #MOST_NOTES}
     * @param group from 1 to {@value #MOST_NOTES}
     */
    public static Pivot regrouping(int notes, int group) {
        if (notes < 1 || notes > MOST_NOTES || group < 1 || group > MOST_NOTES) {
            throw new IllegalArgumentException(
                    "from 1 to " + MOST_NOTES + " notes a beat are regrouped, in groups of 1 to " + MOST_NOTES);
        }
        return new Pivot(NoteValue.of(group, 4L * notes), NoteValue.QUARTER);
    }

    /** By what the tempo is multiplied. */
    public BigFraction ratio() {
        return now.fraction().divide(old.fraction());
    }

    /** The pivot that undoes it. */
    public Pivot back() {
        return new Pivot(/* old= */ now, /* now= */ old);
    }

    @Override
    public String toString() {
        return old + " = " + now;
    }
}
