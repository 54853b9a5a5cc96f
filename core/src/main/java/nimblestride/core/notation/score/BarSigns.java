package nimblestride.core.notation.score;

import java.util.List;
import java.util.Optional;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.time.meter.Meter;

/**
 * What is signed about a bar besides its notes.
 *
 * @param signature what is signed at its beginning: nothing, a meter, or several that alternate
 * @param change the modulation signed over its beginning
 * @param repeatStarts whether a repeat sign stands at its beginning
 * @param repeatEnds how many times is played what ends here: 1 where no repeat sign stands at its end
 * @param mark a rehearsal mark over its beginning; empty for none
 * @param words what else is said over its beginning, such as what lands there; empty for nothing
 */
public record BarSigns(
        List<Meter> signature,
        Optional<Pivot> change,
        boolean repeatStarts,
        int repeatEnds,
        String mark,
        String words) {
    public BarSigns {
        signature = List.copyOf(signature);
    }

    BarSigns signed(List<Meter> newSignature) {
        return new BarSigns(newSignature, change, repeatStarts, repeatEnds, mark, words);
    }

    BarSigns changing(Optional<Pivot> newChange) {
        return new BarSigns(signature, newChange, repeatStarts, repeatEnds, mark, words);
    }

    BarSigns marked(String newMark) {
        return new BarSigns(signature, change, repeatStarts, repeatEnds, newMark, words);
    }

    BarSigns repeated(boolean starts, int times) {
        return new BarSigns(signature, change, starts, times, mark, words);
    }
}
