package nimblestride.core.notation.score;

import java.util.List;
import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * Notes under one beam.
 *
 * @param members which of a part's notes and rests, in order: at least two, the first and last of them notes
 * @param joins of each but the last, how many beams go on to the next: at least one
 */
public record BeamGroup(List<Integer> members, List<Integer> joins) {
    public BeamGroup {
        members = List.copyOf(members);
        joins = List.copyOf(joins);
        if (members.size() < 2 || joins.size() != members.size() - 1) {
            throw new InvalidValueException("a beam joins two notes or more");
        }
    }

    public int first() {
        return members.get(0);
    }

    public int last() {
        return members.get(members.size() - 1);
    }
}
