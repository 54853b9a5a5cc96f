package nimblestride.core.notation.score;

import java.util.List;
import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * Notes under one beam.
 *
 * @param members indexes of a part's notes and rests, in order: at least two, the first and last of them notes
 * @param joins for each but the last, how many beams go on to the next: at least one
 */
public record BeamGroup(List<Integer> members, List<Integer> joins) {
    public BeamGroup {
        members = List.copyOf(members);
        joins = List.copyOf(joins);
        if (members.size() < 2 || joins.size() != members.size() - 1) {
            throw new InvalidValueException("a beam joins two or more notes");
        }
    }

    /** Returns the index of its first note. */
    public int first() {
        return members.get(0);
    }

    /** Returns the index of its last note. */
    public int last() {
        return members.get(members.size() - 1);
    }
}
