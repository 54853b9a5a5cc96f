package nimblestride.core.layer.modulation;

import nimblestride.core.time.value.NoteValue;

/**
 * When bars of the old tempo and bars of the new one start together again, both running on from the pivot.
 *
 * @param oldBars bars at the old tempo
 * @param newBars bars at the new tempo in the same time
 * @param length of that time, in old values
 */
public record ModulationRealignment(long oldBars, long newBars, NoteValue length) {
    /**
     * Returns when two bars realign. A new bar of length L lasts L times old over new in old values; both realign
     * after the least common multiple (arithmetic).
     *
     * @param oldBar longer than zero
     * @param newBar as written at the new tempo, longer than zero
     * @throws nimblestride.core.foundation.exact.ExactOverflowException if that time can't be counted
     */
    public static ModulationRealignment of(NoteValue oldBar, NoteValue newBar, Pivot pivot) {
        NoteValue lasts = NoteValue.of(newBar.fraction().divide(pivot.ratio()));
        NoteValue both = oldBar.leastCommonMultiple(lasts);
        return new ModulationRealignment(both.wholePartsOf(oldBar), both.wholePartsOf(lasts), both);
    }
}
