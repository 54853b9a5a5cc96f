package nimblestride.core.notation.score;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * The bars in which music is to be written.
 *
 * @param bars at least one, at most {@value Phrase#MAX_BARS}
 * @param signatures what stands at the beginning where the meters alternate and no change is signed; empty where every
 *     change is
 */
public record BarPlan(List<Planned> bars, List<Meter> signatures) {
    /**
     * A bar to write in.
     *
     * @param stretch how many times as long as what is heard is what is written, more than zero: 5/4 where a quintuplet
     *     sixteenth is written as a sixteenth at a tempo that much faster
     */
    public record Planned(Bar bar, BigFraction stretch) {
        /** What the bar lasts in the exercise. */
        public NoteValue sounding() {
            return NoteValue.of(bar.length().fraction().divide(stretch));
        }
    }

    public BarPlan {
        bars = List.copyOf(bars);
        signatures = List.copyOf(signatures);
        if (bars.isEmpty() || bars.size() > Phrase.MAX_BARS) {
            throw new InvalidValueException(String.format(
                    Locale.ROOT, "from 1 to %,d bars can be written, not %,d", Phrase.MAX_BARS, bars.size()));
        }
    }

    /** The bars of a phrase as they stand, rounds counted on. */
    public static BarPlan of(Phrase phrase, long count) {
        if (count < 1 || count > Phrase.MAX_BARS) {
            throw new InvalidValueException(
                    String.format(Locale.ROOT, "from 1 to %,d bars can be written, not %,d", Phrase.MAX_BARS, count));
        }
        List<Planned> bars = new ArrayList<>();
        for (long number = 0; number < count; number++) {
            bars.add(new Planned(phrase.bar(number), BigFraction.ONE));
        }
        return new BarPlan(bars, List.of());
    }

    /** The same with all meters signed once, at the beginning. */
    public BarPlan alternating(List<Meter> meters) {
        return new BarPlan(bars, meters);
    }

    /** What it all lasts in the exercise. */
    public NoteValue sounding() {
        return bars.stream().map(Planned::sounding).reduce(NoteValue.ZERO, NoteValue::plus);
    }
}
