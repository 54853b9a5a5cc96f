package nimblestride.desktop.workspace.place;

import java.math.BigInteger;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import nimblestride.core.kit.sticking.Sticking;
import nimblestride.core.kit.variation.Difficulty;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.notation.engraving.Drawing;

/**
 * A row of the table of variations.
 *
 * @param number from 0, in the order of the table
 * @param voices what it plays
 * @param staff how it looks on a staff; empty where it can't be written
 */
record VariationRow(
        BigInteger number, Sticking sticking, Difficulty difficulty, List<Voice> voices, Optional<Drawing> staff) {
    /** Returns in which steps, from 1, another sticking of the same length differs. */
    List<Integer> differencesTo(Sticking other) {
        return IntStream.range(0, Math.min(sticking.length(), other.length()))
                .filter(i -> !sticking.steps().get(i).equals(other.steps().get(i)))
                .mapToObj(i -> i + 1)
                .toList();
    }
}
