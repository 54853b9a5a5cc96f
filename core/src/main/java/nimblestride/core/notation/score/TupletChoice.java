package nimblestride.core.notation.score;

import java.util.Optional;
import nimblestride.core.time.value.NoteValue;

/**
 * The tuplet for some notes over a length: in the time of as many or fewer of a value that fills the length, but more
 * than half as many (common practice; Gould, "Behind Bars"). Where the length holds too many such values, it counts
 * dotted ones.
 *
 * @param awkwardness how much harder it is to read than a plain triplet
 */
record TupletChoice(Tuplet tuplet, double awkwardness) {
    private static final double SIGN = 1.2;
    private static final double PER_NOTE = 0.05;
    private static final double PER_UNUSUAL_NOTE = 0.5;
    private static final int MAX_USUAL = 7;
    private static final double COMPOUND = 0.3;
    private static final double DOTTED = 0.6;
    private static final double STRETCHED = 1.0;

    static Optional<TupletChoice> of(int notes, NoteValue length) {
        long odd = length.numerator() >> Long.numberOfTrailingZeros(length.numerator());
        double usual = SIGN + PER_NOTE * notes + PER_UNUSUAL_NOTE * Math.max(0, notes - MAX_USUAL);
        if (odd <= notes) {
            return counted(notes, length, odd).map(t -> new TupletChoice(t, usual + (odd == 1 ? 0 : COMPOUND)));
        }
        if (odd % 3 == 0 && odd / 3 <= notes) {
            return counted(notes, length, odd / 3).map(t -> new TupletChoice(t, usual + DOTTED));
        }
        return counted(notes, length, odd).map(t -> new TupletChoice(t, usual + STRETCHED));
    }

    /** Returns it in the time of an odd number, or of as many of its doubles as are no more than the notes. */
    private static Optional<Tuplet> counted(int notes, NoteValue length, long odd) {
        long normal = odd;
        while (normal * 2 <= notes) {
            normal *= 2;
        }
        if (normal == notes || normal > NoteShape.MIN_LENGTH) {
            return Optional.empty();
        }
        int counted = (int) normal;
        return NoteShape.of(length.dividedBy(normal)).map(unit -> new Tuplet(notes, counted, unit));
    }
}
