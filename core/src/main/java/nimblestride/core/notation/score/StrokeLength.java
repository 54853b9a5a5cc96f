package nimblestride.core.notation.score;

import nimblestride.core.time.value.NoteValue;

/**
 * How long a stroke is written that lasts to the next one at most: no longer than a beat, dotted or not, as a drum falls
 * silent at once; rests fill up what is left (common practice among copyists).
 *
 * @param beat without a dot
 */
record StrokeLength(NoteShape beat) {
    /** Returns the rule for the drums of a meter: a quarter, or its unit where that is longer. */
    static StrokeLength drum(NoteValue unit) {
        return new StrokeLength(
                unit.compareTo(NoteValue.QUARTER) > 0 ? NoteShape.of(unit).orElse(NoteShape.WHOLE) : NoteShape.QUARTER);
    }

    /** Returns the rule for what rings, such as a riff: as long as it can. */
    static StrokeLength ringing() {
        return new StrokeLength(NoteShape.WHOLE);
    }

    /** Returns the shape of a stroke that could last as long as another shape. */
    NoteShape within(NoteShape longest) {
        return longest.divisor() < beat.divisor() ? beat : longest;
    }
}
