package nimblestride.core.time.listening;

import java.util.List;
import java.util.stream.Collectors;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;

/**
 * What a pattern may be.
 *
 * @param cell the lengths of one time round, in units
 * @param unit the value of one
 * @param bars the cycle as bars, each felt in the lengths that were heard
 * @param tempo at which it was played, in quarters a minute
 * @param sureness how likely this is among all that was weighed, from 0 to 1
 * @param why what speaks for it
 */
public record PatternGuess(
        List<Integer> cell, NoteValue unit, List<Bar> bars, Tempo tempo, double sureness, String why) {
    private static final double SURE = 0.9;
    private static final double LIKELY = 0.5;

    public PatternGuess {
        cell = List.copyOf(cell);
        bars = List.copyOf(bars);
    }

    public Phrase phrase() {
        return Phrase.of(bars);
    }

    /** How sure it is, in a word. */
    public String sure() {
        return sureness >= SURE ? "sure" : sureness >= LIKELY ? "likely" : "perhaps";
    }

    /** The cell as people write it: {@code 3+3+2}. */
    public String written() {
        return cell.stream().map(String::valueOf).collect(Collectors.joining("+"));
    }
}
