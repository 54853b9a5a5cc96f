package nimblestride.core.insight.family;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.layer.alignment.Alignment;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;

/** The same layer against other bars, those with the shortest cycle first. */
public final class MeterFamily {
    private MeterFamily() {}

    /**
     * Returns the family.
     *
     * @param bars to lay it over
     */
    public static Family of(Exercise exercise, int index, List<Bar> bars) {
        Layer layer = exercise.layers().get(index);
        return new Family(
                "Against a list of meters",
                "One figure against each meter, shortest cycle first.",
                bars.stream()
                        .distinct()
                        .sorted(Comparator.comparingLong(bar -> home(layer, bar)))
                        .map(bar -> member(exercise, layer, bar))
                        .toList());
    }

    private static Family.Member member(Exercise exercise, Layer layer, Bar bar) {
        long home = home(layer, bar);
        String why = home == Long.MAX_VALUE
                ? "too long to count"
                : home == 1 ? "fits each bar" : String.format(Locale.ROOT, "%,d-bar cycle", home);
        return Family.member(exercise, "against " + bar.meter(), why, exercise.withPhrase(Phrase.of(bar)));
    }

    private static long home(Layer layer, Bar bar) {
        try {
            return Alignment.of(layer, Phrase.of(bar)).returnsAfter().bars();
        } catch (StrideException e) {
            return Long.MAX_VALUE;
        }
    }
}
