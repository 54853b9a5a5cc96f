package nimblestride.core.layer.modulation;

import nimblestride.core.time.value.NoteValue;

/**
 * When bars of the old feel and bars of the new one begin together again, both running on from the pivot.
 *
 * @param oldBars of the old feel
 * @param newBars of the new one in the same time
 * @param length of that time in old values
 */
public record ModulationRealignment(long oldBars, long newBars, NoteValue length) {
    /**
     * A new bar of length L lasts L times old over new in old values; the two agree after the least common multiple.
     *
     * @param oldBar longer than zero
     * @param newBar as it is written in the new feel, longer than zero
     * @throws nimblestride.core.foundation.exact.ExactOverflowException if they agree only after longer than can be counted
     */
    public static ModulationRealignment of(NoteValue oldBar, NoteValue newBar, Pivot pivot) {
        NoteValue lasts = NoteValue.of(newBar.fraction().divide(pivot.ratio()));
        NoteValue both = oldBar.leastCommonMultiple(lasts);
        return new ModulationRealignment(both.wholePartsOf(oldBar), both.wholePartsOf(lasts), both);
    }
}
