package nimblestride.core.notation.score;

import java.util.List;
import java.util.Optional;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.meter.Swing;

/**
 * What is signed on a bar besides its notes.
 *
 * @param signature at its start: nothing, a meter, or several that alternate
 * @param change modulation over its start
 * @param repeatStarts whether a repeat sign stands at its start
 * @param repeatEnds how many times to play what ends here; 1 where no repeat sign stands at its end
 * @param mark rehearsal mark over its start; empty for none
 * @param words other words over its start, such as what lands there; empty for none
 * @param swing that begins with it; empty where it goes on
 * @param again whether a sign says that it is played like the bar before it, in place of its notes
 */
public record BarSigns(
        List<Meter> signature,
        Optional<Pivot> change,
        boolean repeatStarts,
        int repeatEnds,
        String mark,
        String words,
        Optional<Swing> swing,
        boolean again) {
    public BarSigns {
        signature = List.copyOf(signature);
    }

    BarSigns signed(List<Meter> newSignature) {
        return new BarSigns(newSignature, change, repeatStarts, repeatEnds, mark, words, swing, again);
    }

    BarSigns changing(Pivot pivot) {
        return new BarSigns(signature, Optional.of(pivot), repeatStarts, repeatEnds, mark, words, swing, again);
    }

    BarSigns withoutChange() {
        return new BarSigns(signature, Optional.empty(), repeatStarts, repeatEnds, mark, words, swing, again);
    }

    BarSigns marked(String newMark) {
        return new BarSigns(signature, change, repeatStarts, repeatEnds, newMark, words, swing, again);
    }

    BarSigns repeated(boolean starts, int times) {
        return new BarSigns(signature, change, starts, times, mark, words, swing, again);
    }

    /** Returns whether nothing is signed at its start. */
    boolean isPlainAtItsStart() {
        return signature.isEmpty()
                && change.isEmpty()
                && !repeatStarts
                && mark.isEmpty()
                && words.isEmpty()
                && swing.isEmpty();
    }

    BarSigns likeTheBarBefore() {
        return new BarSigns(signature, change, repeatStarts, repeatEnds, mark, words, swing, true);
    }

    BarSigns swung(Swing newSwing) {
        return new BarSigns(signature, change, repeatStarts, repeatEnds, mark, words, Optional.of(newSwing), again);
    }

    BarSigns withoutSwing() {
        return new BarSigns(signature, change, repeatStarts, repeatEnds, mark, words, Optional.empty(), again);
    }
}
