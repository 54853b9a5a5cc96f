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
 * @param cell lengths of one round, in units
 * @param unit value of one unit
 * @param bars the cycle as bars, each grouped by the lengths heard
 * @param tempo in quarters per minute
 * @param sureness how likely this is among all guesses, from 0 to 1
 * @param why reasons, in a few words
 */
public record PatternGuess(
        List<Integer> cell, NoteValue unit, List<Bar> bars, Tempo tempo, double sureness, String why) {
    private static final double SURE = 0.9;
    private static final double LIKELY = 0.5;

    public PatternGuess {
        cell = List.copyOf(cell);
        bars = List.copyOf(bars);
    }

    /** Returns the bars as a phrase. */
    public Phrase phrase() {
        return Phrase.of(bars);
    }

    /** Returns how sure the guess is, in words. */
    public String sure() {
        return sureness >= SURE ? "sure" : sureness >= LIKELY ? "likely" : "perhaps";
    }

    /** Returns the cell as people write it: {@code 3+3+2}. */
    public String written() {
        return cell.stream().map(String::valueOf).collect(Collectors.joining("+"));
    }
}
