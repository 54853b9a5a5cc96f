package nimblestride.core.notation.score;

import java.util.List;
import nimblestride.core.time.value.NoteValue;

/**
 * A note, several at once, or a rest.
 *
 * @param at from the start of the bar
 * @param lasts until what follows it in its part
 * @param shape how it looks; a rest that fills the bar looks like a whole rest, however long the bar
 * @param heads lowest on the staff first; none for a rest
 * @param tied whether it continues the note before it
 */
public record WrittenNote(NoteValue at, NoteValue lasts, NoteShape shape, List<WrittenHead> heads, boolean tied) {
    public WrittenNote {
        heads = List.copyOf(heads);
    }

    /** Returns whether it is a rest. */
    public boolean isRest() {
        return heads.isEmpty();
    }

    /** Returns whether something starts here. */
    public boolean isStruck() {
        return !heads.isEmpty() && !tied;
    }

    /** Returns where it ends, from the start of the bar. */
    public NoteValue end() {
        return at.plus(lasts);
    }
}
