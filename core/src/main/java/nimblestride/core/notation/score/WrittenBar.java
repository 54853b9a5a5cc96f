package nimblestride.core.notation.score;

import java.util.List;
import java.util.Optional;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.time.counting.SpokenSyllable;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.value.Tempo;

/**
 * A bar as it is written.
 *
 * @param number of the bar as which it is first played, from 0
 * @param tempo in force here
 * @param hands what is written with stems up
 * @param feet what is written with stems down; empty where the parts are together
 * @param counts syllables from the start of the bar, where counts are shown
 * @param problem why its notes can't be written; empty where they are
 */
public record WrittenBar(
        long number,
        Bar bar,
        Tempo tempo,
        PartRhythm hands,
        Optional<PartRhythm> feet,
        List<SpokenSyllable> counts,
        BarSigns signs,
        String problem) {
    public WrittenBar {
        counts = List.copyOf(counts);
    }

    /** Returns the hands, and the feet where they are apart. */
    public List<PartRhythm> parts() {
        return feet.map(part -> List.of(hands, part)).orElseGet(() -> List.of(hands));
    }

    /** Returns what is signed at its start: nothing, a meter, or several that alternate. */
    public List<Meter> signature() {
        return signs.signature();
    }

    /** Returns the modulation over its start. */
    public Optional<Pivot> change() {
        return signs.change();
    }

    /** Returns whether a repeat sign stands at its start. */
    public boolean repeatStarts() {
        return signs.repeatStarts();
    }

    /** Returns how many times to play what ends here; 1 where no repeat sign stands at its end. */
    public int repeatEnds() {
        return signs.repeatEnds();
    }

    /** Returns whether another bar is played just as this one. */
    boolean isPlayedLike(WrittenBar other) {
        return bar.equals(other.bar)
                && tempo.equals(other.tempo)
                && hands.equals(other.hands)
                && feet.equals(other.feet)
                && problem.equals(other.problem);
    }

    WrittenBar asBar(long newNumber) {
        return new WrittenBar(newNumber, bar, tempo, hands, feet, counts, signs, problem);
    }

    WrittenBar signed(BarSigns newSigns) {
        return new WrittenBar(number, bar, tempo, hands, feet, counts, newSigns, problem);
    }
}
