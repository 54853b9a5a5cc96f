package nimblestride.core.score;

import java.util.List;
import java.util.Optional;
import nimblestride.core.counting.Said;
import nimblestride.core.meter.Bar;
import nimblestride.core.meter.Meter;
import nimblestride.core.value.Tempo;

/**
 * A bar as it is written.
 *
 * @param number the bar as which it is first played, from 0
 * @param tempo in force here
 * @param signature what is signed at its beginning: nothing, a meter, or several that alternate
 * @param change the modulation signed over its beginning
 * @param hands what is played with stems up
 * @param feet what is played with stems down, where the parts are apart
 * @param counts what is said, from the start of the bar, where counts are asked for
 * @param repeatStarts whether a repeat sign stands at its beginning
 * @param repeatEnds how many times is played what ends here: 1 where no repeat sign stands at its end
 * @param mark what is written over it, as a rehearsal mark; empty for nothing
 * @param problem why its notes cannot be written; empty where they are
 */
public record WrittenBar(
        long number,
        Bar bar,
        Tempo tempo,
        List<Meter> signature,
        Optional<GearChange> change,
        Rhythm hands,
        Optional<Rhythm> feet,
        List<Said> counts,
        boolean repeatStarts,
        int repeatEnds,
        String mark,
        String problem) {
    public WrittenBar {
        signature = List.copyOf(signature);
        counts = List.copyOf(counts);
    }

    /** Its parts: the hands, and the feet where they are apart. */
    public List<Rhythm> parts() {
        return feet.map(part -> List.of(hands, part)).orElseGet(() -> List.of(hands));
    }

    /** Whether another bar is played just as this one is. */
    boolean isPlayedLike(WrittenBar other) {
        return bar.equals(other.bar)
                && tempo.equals(other.tempo)
                && hands.equals(other.hands)
                && feet.equals(other.feet)
                && problem.equals(other.problem);
    }

    /** With the modulation that is signed over another bar. */
    WrittenBar changing(WrittenBar other) {
        return new WrittenBar(
                number,
                bar,
                tempo,
                signature,
                other.change,
                hands,
                feet,
                counts,
                repeatStarts,
                repeatEnds,
                mark,
                problem);
    }

    WrittenBar signed(List<Meter> newSignature) {
        return new WrittenBar(
                number, bar, tempo, newSignature, change, hands, feet, counts, repeatStarts, repeatEnds, mark, problem);
    }

    WrittenBar repeated(boolean starts, int times) {
        return new WrittenBar(number, bar, tempo, signature, change, hands, feet, counts, starts, times, mark, problem);
    }

    /** With something written over it. */
    public WrittenBar marked(String newMark) {
        return new WrittenBar(
                number, bar, tempo, signature, change, hands, feet, counts, repeatStarts, repeatEnds, newMark, problem);
    }
}
