package nimblestride.core.layer.crossing;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.layer.alignment.Alignment;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/**
 * A steady pulse across bars that it does not fit, so that the phrase flows over the bar lines: on the beat in one
 * bar, off it in the next.
 *
 * @param home bars until it is back on 1
 * @param bars how it sits in each bar until then, at most {@value #MAX_BARS} of them
 */
public record CrossBarPulse(NoteValue pulse, long home, List<BarByBar> bars) {
    /** The most bars a pulse is followed. */
    public static final int MAX_BARS = 32;

    private static final int MAX_HITS = 10_000;
    private static final List<NoteValue> TRIED = List.of(
            NoteValue.QUARTER,
            NoteValue.of(3, 8),
            NoteValue.HALF,
            NoteValue.of(3, 16),
            NoteValue.EIGHTH,
            NoteValue.of(5, 16),
            NoteValue.of(3, 4));

    /**
     * Returns the pulses that cross these bars and come home, soonest first; none where every pulse fits each bar.
     * Leaves out those whose cycle can't be counted.
     */
    public static List<CrossBarPulse> through(Phrase phrase) {
        return TRIED.stream()
                .filter(pulse -> crosses(pulse, phrase))
                .flatMap(pulse -> threaded(pulse, phrase).stream())
                .sorted(Comparator.comparingLong(CrossBarPulse::home))
                .toList();
    }

    /**
     * Returns the value of a layer that is a pulse across the bars: steady, in whole units, over bars whose beats are
     * uneven. Empty for any other layer.
     */
    public static Optional<NoteValue> of(Layer layer, Phrase phrase) {
        if (!(layer.pattern() instanceof Pattern.Every every)) {
            return Optional.empty();
        }
        boolean uneven =
                phrase.kinds().stream().allMatch(bar -> bar.beats().even().isEmpty());
        boolean wholeUnits = phrase.kinds().stream()
                .allMatch(bar -> every.value().isMultipleOf(bar.meter().unit()));
        return uneven && wholeUnits ? Optional.of(every.value()) : Optional.empty();
    }

    private static boolean crosses(NoteValue pulse, Phrase phrase) {
        return pulse.compareTo(phrase.length()) < 0
                && phrase.kinds().stream().anyMatch(bar -> !bar.length().isMultipleOf(pulse));
    }

    private static Optional<CrossBarPulse> threaded(NoteValue pulse, Phrase phrase) {
        try {
            Alignment alignment = Alignment.of(layer(pulse), phrase);
            long home = alignment.returnsAfter().bars();
            return Optional.of(new CrossBarPulse(
                    pulse,
                    home,
                    BarByBar.onPulse(pulse, alignment.timeline(), phrase, Math.min(home, MAX_BARS), MAX_HITS)));
        } catch (StrideException e) {
            return Optional.empty();
        }
    }

    /** Returns the pulse as a layer on the hi-hat foot. */
    public Layer layer() {
        return layer(pulse);
    }

    private static Layer layer(NoteValue pulse) {
        return Layer.of(Kit.FOOT_HI_HAT, new Pattern.Every(pulse));
    }
}
