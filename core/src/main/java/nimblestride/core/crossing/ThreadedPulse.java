package nimblestride.core.crossing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import nimblestride.core.align.Alignment;
import nimblestride.core.groove.Kit;
import nimblestride.core.layer.Layer;
import nimblestride.core.layer.Pattern;
import nimblestride.core.meter.Phrase;
import nimblestride.core.value.NoteValue;

/**
 * A steady value threaded through bars that it does not fit, so that the phrase flows over the bar lines: on the beat in
 * one bar, off it in the next.
 *
 * @param home after how many bars it is back on 1
 * @param bars how it sits in each bar on the way there, at most {@value #MOST_BARS} of them
 */
public record ThreadedPulse(NoteValue pulse, long home, List<BarByBar> bars) {
    public static final int MOST_BARS = 32;

    private static final int MOST_HITS = 10_000;
    private static final List<NoteValue> TRIED = List.of(
            NoteValue.QUARTER,
            NoteValue.of(3, 8),
            NoteValue.HALF,
            NoteValue.of(3, 16),
            NoteValue.EIGHTH,
            NoteValue.of(5, 16),
            NoteValue.of(3, 4));

    /** The pulses that cross these bars and are home again, the soonest home first; none where every one fits each bar. */
    public static List<ThreadedPulse> through(Phrase phrase) {
        List<ThreadedPulse> pulses = new ArrayList<>();
        for (NoteValue pulse : TRIED) {
            boolean fits = phrase.bars().stream().allMatch(bar -> bar.length().isMultipleOf(pulse));
            if (!fits && pulse.compareTo(phrase.length()) < 0) {
                Alignment alignment = Alignment.of(layer(pulse), phrase);
                long home = alignment.returnsAfter().bars();
                pulses.add(new ThreadedPulse(
                        pulse, home, BarByBar.of(alignment.course(), phrase, Math.min(home, MOST_BARS), MOST_HITS)));
            }
        }
        pulses.sort(Comparator.comparingLong(ThreadedPulse::home));
        return pulses;
    }

    /** It on the foot hi-hat. */
    public Layer layer() {
        return layer(pulse);
    }

    private static Layer layer(NoteValue pulse) {
        return Layer.of(Kit.FOOT_HI_HAT, new Pattern.Every(pulse));
    }
}
