package nimblestride.core.language.text;

import java.util.Map;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.time.value.NoteValue;

/** Names the tuplets that a stride can hold (common practice). */
final class Tuplets {
    private static final Map<Integer, String> NAMES = Map.of(
            5, "a quintuplet",
            7, "a septuplet",
            9, "a nonuplet",
            10, "a decuplet");

    private Tuplets() {}

    /** Returns whether notes of a value are neither plain nor triplets, so that they are rarely meant. */
    static boolean isOdd(NoteValue note) {
        long odd = note.denominator() >> Long.numberOfTrailingZeros(note.denominator());
        return odd != 1 && odd != 3;
    }

    /** Returns what so many notes in a stride are called. */
    static String named(int notes) {
        return NAMES.getOrDefault(notes, "a tuplet of " + Counted.number(notes));
    }
}
