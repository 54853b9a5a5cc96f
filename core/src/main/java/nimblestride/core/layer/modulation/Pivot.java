package nimblestride.core.layer.modulation;

import java.util.List;
import java.util.stream.Stream;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.value.NoteName;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * An old value that lasts as long as a new one: {@code dotted quarter = half}. The tempo is multiplied by new over old
 * (arithmetic; the sign is common practice).
 *
 * @param oldValue as counted before the change, longer than zero
 * @param newValue as counted after it, longer than zero
 */
public record Pivot(NoteValue oldValue, NoteValue newValue) {
    /** No change: a quarter is a quarter. */
    public static final Pivot NONE = new Pivot(NoteValue.QUARTER, NoteValue.QUARTER);

    /** The most notes per beat, and the largest groups of them, in a regrouping. */
    public static final int MAX_NOTES = 64;

    private static final int MIN_LENGTH = 64;

    /** @throws InvalidValueException if a value is zero */
    public Pivot {
        if (oldValue.isZero() || newValue.isZero()) {
            throw new InvalidValueException("a pivot needs two note values, such as 3/16 = 1/4");
        }
    }

    /**
     * Returns the pivot of a regrouping: a number of notes per quarter, accented in groups, with the group as the new
     * beat. Five per quarter in groups of four is {@code 4 quintuplet sixteenths = quarter}.
     *
     * @param notes per quarter note, from 1 to {@value #MAX_NOTES}
     * @param group from 1 to {@value #MAX_NOTES}
     * @throws InvalidValueException if either is out of range
     */
    public static Pivot regrouping(int notes, int group) {
        if (notes < 1 || notes > MAX_NOTES || group < 1 || group > MAX_NOTES) {
            throw new InvalidValueException(
                    "use 1 to " + MAX_NOTES + " notes per beat, in groups of 1 to " + MAX_NOTES);
        }
        return new Pivot(NoteValue.of(group, 4L * notes), NoteValue.QUARTER);
    }

    /**
     * Returns a pivot that multiplies the tempo by a ratio. Both its values are single notes with a name where that is
     * possible: with one side as a preferred value, then without tuplets from the quarter down, then with them.
     * Otherwise one side is the first preferred value.
     *
     * @param ratio more than zero
     * @param preferred values to use for one side, best first
     * @throws nimblestride.core.foundation.exact.ExactOverflowException if no such value can be written
     */
    public static Pivot reaching(BigFraction ratio, List<NoteValue> preferred) {
        List<NoteValue> shapes = Stream.iterate(4, shape -> shape <= MIN_LENGTH, shape -> shape * 2)
                .map(shape -> NoteValue.of(1, shape))
                .toList();
        return named(ratio, preferred)
                .findFirst()
                .or(() -> named(ratio, shapes).filter(Pivot::isWithoutTuplets).findFirst())
                .or(() -> named(ratio, shapes).findFirst())
                .orElseGet(() -> into(preferred.isEmpty() ? NoteValue.QUARTER : preferred.get(0), ratio));
    }

    /** Returns the pivots with one side as one of several values, and both sides named. */
    private static Stream<Pivot> named(BigFraction ratio, List<NoteValue> values) {
        return values.stream()
                .flatMap(plain -> Stream.of(
                        into(plain, ratio), into(plain, ratio.reciprocal()).back()))
                .filter(Pivot::isNamed);
    }

    private boolean isWithoutTuplets() {
        return Long.bitCount(oldValue.denominator()) == 1 && Long.bitCount(newValue.denominator()) == 1;
    }

    /**
     * Returns the pivot from one tempo to another: a known one, there or back, where it fits; otherwise the plainest.
     *
     * @throws nimblestride.core.foundation.exact.ExactOverflowException if no such value can be written
     */
    public static Pivot toward(Tempo before, Tempo after, List<Pivot> known) {
        BigFraction ratio = after.quartersPerMinute().divide(before.quartersPerMinute());
        return Stream.concat(Stream.of(NONE), known.stream().flatMap(one -> Stream.of(one, one.back())))
                .filter(pivot -> pivot.ratio().compareTo(ratio) == 0)
                .findFirst()
                .orElseGet(() -> reaching(ratio, List.of()));
    }

    private static Pivot into(NoteValue now, BigFraction ratio) {
        return new Pivot(NoteValue.of(now.fraction().divide(ratio)), now);
    }

    /** Returns whether both values are single notes with a name. */
    boolean isNamed() {
        return NoteName.of(oldValue).isPresent() && NoteName.of(newValue).isPresent();
    }

    /** Returns what the tempo is multiplied by. */
    public BigFraction ratio() {
        return newValue.fraction().divide(oldValue.fraction());
    }

    /** Returns whether the tempo stays. */
    public boolean isNone() {
        return oldValue.equals(newValue);
    }

    /** Returns the pivot that undoes this one. */
    public Pivot back() {
        return new Pivot(/* oldValue= */ newValue, /* newValue= */ oldValue);
    }

    @Override
    public String toString() {
        return oldValue + " = " + newValue;
    }
}
