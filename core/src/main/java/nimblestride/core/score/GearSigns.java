package nimblestride.core.score;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblestride.core.score.Plan.Planned;
import nimblestride.core.value.NoteName;
import nimblestride.core.value.NoteValue;
import org.apache.commons.numbers.fraction.BigFraction;

/** Which two values are signed as equal where the gear changes: the units of the bars, if both sides then
 * have a name, and otherwise the longest pair that has. */
final class GearSigns {
    private static final int SHORTEST = 64;

    private GearSigns() {}

    /** The sign between two bars; none where the gear stays. */
    static Optional<GearChange> between(Planned before, Planned after) {
        if (before.stretch().equals(after.stretch())) {
            return Optional.empty();
        }
        BigFraction ratio = after.stretch().divide(before.stretch());
        List<NoteValue> candidates = new ArrayList<>();
        candidates.add(after.bar().meter().unit());
        candidates.add(before.bar().meter().unit());
        for (int shape = 4; shape <= SHORTEST; shape *= 2) {
            candidates.add(NoteValue.of(1, shape));
        }
        for (NoteValue plain : candidates) {
            GearChange toPlain = new GearChange(NoteValue.of(plain.fraction().divide(ratio)), plain);
            GearChange fromPlain =
                    new GearChange(plain, NoteValue.of(plain.fraction().multiply(ratio)));
            if (isNamed(toPlain)) {
                return Optional.of(toPlain);
            }
            if (isNamed(fromPlain)) {
                return Optional.of(fromPlain);
            }
        }
        NoteValue unit = after.bar().meter().unit();
        return Optional.of(new GearChange(NoteValue.of(unit.fraction().divide(ratio)), unit));
    }

    private static boolean isNamed(GearChange change) {
        return NoteName.of(change.old()).isPresent()
                && NoteName.of(change.now()).isPresent();
    }
}
