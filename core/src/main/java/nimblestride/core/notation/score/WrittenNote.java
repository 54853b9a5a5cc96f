package nimblestride.core.notation.score;

import java.util.List;
import nimblestride.core.time.value.NoteValue;

/**
 * A note, several struck together, or a rest.
 *
 * @param at from the start of the bar
 * @param lasts until what follows it in its part
 * @param shape how it looks; a rest that fills the bar looks like a whole rest, however long the bar
 * @param heads what is struck, lowest on the staff first; none for a rest
 * @param tied whether it only goes on with the note before it, which is struck no second time
 */
public record WrittenNote(NoteValue at, NoteValue lasts, NoteShape shape, List<WrittenHead> heads, boolean tied) {
    public WrittenNote {
        heads = List.copyOf(heads);
    }

    public boolean isRest() {
        return heads.isEmpty();
    }

    /** Whether something is struck here. */
    public boolean isStruck() {
        return !heads.isEmpty() && !tied;
    }

    /** Where it ends, from the start of the bar. */
    public NoteValue end() {
        return at.plus(lasts);
    }
}
