package nimblestride.core.time.value;

import java.util.Arrays;
import java.util.Collection;
import nimblestride.core.foundation.words.Counted;

/**
 * The longest plain note that measures some lengths exactly, so that a sum can be said in one note: {@code 22 × 3 sixteenths =
 * 66 sixteenths}.
 */
public record CommonNote(NoteValue note) {
    /**
     * Finds the note.
     *
     * @param lengths at least one; zero lengths are ignored
     */
    public static CommonNote of(Collection<NoteValue> lengths) {
        NoteValue common = lengths.stream()
                .filter(length -> !length.isZero())
                .reduce(NoteValue::greatestCommonDivisor)
                .orElse(NoteValue.QUARTER);
        return new CommonNote(NoteValue.of(1, common.denominator()));
    }

    /** Finds the note that measures these lengths as well. */
    public CommonNote and(NoteValue... lengths) {
        CommonNote others = of(Arrays.asList(lengths));
        return new CommonNote(note.greatestCommonDivisor(others.note));
    }

    /** Returns how many of the note a length holds. */
    public long count(NoteValue length) {
        return length.wholePartsOf(note);
    }

    /** Returns a length in the note: {@code 49 sixteenths}, {@code 1 eighth}; a fraction where the note has no name. */
    public String say(NoteValue length) {
        if (NoteName.of(note).isEmpty()) {
            return length.toString();
        }
        long notes = count(length);
        return Counted.number(notes) + " "
                + (note.equals(NoteValue.WHOLE) && notes == 1
                        ? "whole note"
                        : notes == 1 ? NoteName.say(note) : NoteName.sayMany(note));
    }

    /** Returns a repeated length: {@code 22 × 3 sixteenths}, and {@code 22 sixteenths} where the length is the note. */
    public String times(long times, NoteValue length) {
        if (times == 1) {
            return say(length);
        }
        return length.equals(note) ? say(length.times(times)) : Counted.number(times) + " × " + say(length);
    }
}
