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
 * The bars to write music in.
 *
 * @param bars at least one, at most {@value Phrase#MAX_BARS}
 * @param signatures signed at the start where meters alternate and no change is signed; empty where every change is
 */
public record BarPlan(List<Planned> bars, List<Meter> signatures) {
    /**
     * A bar to write in.
     *
     * @param stretch written length over sounding length, more than zero: 5/4 where a quintuplet sixteenth is written
     *     as a sixteenth at a tempo that much faster
     */
    public record Planned(Bar bar, BigFraction stretch) {
        /** Returns how long the bar lasts in the exercise. */
        public NoteValue sounding() {
            return NoteValue.of(bar.length().fraction().divide(stretch));
        }
    }

    /** @throws nimblestride.core.foundation.failure.InvalidValueException if there are no bars, or too many */
    public BarPlan {
        bars = List.copyOf(bars);
        signatures = List.copyOf(signatures);
        if (bars.isEmpty() || bars.size() > Phrase.MAX_BARS) {
            throw new InvalidValueException(
                    String.format(Locale.ROOT, "write 1 to %,d bars, not %,d", Phrase.MAX_BARS, bars.size()));
        }
    }

    /** Returns the bars of a phrase as they are, counted on through the rounds. */
    public static BarPlan of(Phrase phrase, long count) {
        if (count < 1 || count > Phrase.MAX_BARS) {
            throw new InvalidValueException(
                    String.format(Locale.ROOT, "write 1 to %,d bars, not %,d", Phrase.MAX_BARS, count));
        }
        List<Planned> bars = new ArrayList<>();
        for (long number = 0; number < count; number++) {
            bars.add(new Planned(phrase.bar(number), BigFraction.ONE));
        }
        return new BarPlan(bars, List.of());
    }

    /** Returns the plan with all meters signed once, at the start. */
    public BarPlan alternating(List<Meter> meters) {
        return new BarPlan(bars, meters);
    }

    /** Returns how long all bars last in the exercise. */
    public NoteValue sounding() {
        return bars.stream().map(Planned::sounding).reduce(NoteValue.ZERO, NoteValue::plus);
    }
}
