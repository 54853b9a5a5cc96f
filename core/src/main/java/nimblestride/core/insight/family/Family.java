package nimblestride.core.insight.family;

import java.util.List;
import nimblestride.core.exercise.model.Exercise;

/**
 * A set of exercises made from one.
 *
 * @param name what they have in common
 * @param why what it is for
 */
public record Family(String name, String why, List<Member> members) {
    public Family {
        members = List.copyOf(members);
    }

    /**
     * One exercise of the set.
     *
     * @param label how it differs from the others
     * @param why what is hard or easy in it
     */
    public record Member(String label, String why, Exercise exercise) {}

    /** Makes a member that is named after the exercise and the label. */
    static Member member(Exercise from, String label, String why, Exercise exercise) {
        String name = from.name() + ", " + label;
        return new Member(label, why, exercise.withName(name.length() <= Exercise.MAX_NAME_LENGTH ? name : label));
    }
}
