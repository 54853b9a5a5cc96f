package nimblestride.core.practice.journal;

import java.util.Optional;
import java.util.UUID;

/**
 * Whose log it is: the user's own, or a student's.
 *
 * @param student the student; empty for the user
 */
public record LogOwner(Optional<UUID> student) {
    /** The user's own log. */
    public static final LogOwner USER = new LogOwner(Optional.empty());

    /** Returns the owner for a student. */
    public static LogOwner student(UUID student) {
        return new LogOwner(Optional.of(student));
    }
}
