package nimblestride.sound.input;

import java.util.Locale;
import java.util.Random;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/**
 * How a player keeps time.
 *
 * @param spread standard deviation of hits, in milliseconds, from 0 to {@value #MAX}
 * @param bias how late all hits are, in milliseconds; negative for early; up to {@value #MAX} either way
 * @param rush how early hits just after a bar line are, in milliseconds, fading evenly through the bar; from 0 to
 *     {@value #MAX}
 * @param seed of the scatter: the same seed scatters the same way
 */
public record TimingHabits(double spread, double bias, double rush, long seed) {
    /** The largest habit, in milliseconds. */
    public static final double MAX = 100;

    /** A good player: in time, with a spread of a hundredth of a second. */
    public static final TimingHabits DEFAULT = new TimingHabits(10, 0, 0, 1);

    private static final long APART = 0x9E3779B97F4A7C15L;

    /** @throws nimblestride.core.foundation.failure.InvalidValueException if a number is out of range */
    public TimingHabits {
        check("the spread", spread, 0);
        check("the bias", bias, -MAX);
        check("the rush", rush, 0);
    }

    private static void check(String what, double value, double least) {
        if (!(value >= least && value <= MAX)) {
            throw new InvalidValueException(String.format(
                    Locale.ROOT, "set %s from %.0f to %.0f milliseconds, not %s", what, least, MAX, value));
        }
    }

    /**
     * Returns how late a hit is, in milliseconds; negative for early.
     *
     * @param number of the hit, from 0
     * @param at when it should come, from the start of the phrase, counted on through the rounds
     */
    public double late(long number, NoteValue at, Phrase phrase) {
        long bar = phrase.barAt(at);
        double within = at.minus(phrase.startOf(bar)).toDouble()
                / phrase.bar(bar).length().toDouble();
        double rushed = within == 0 ? 0 : rush * (1 - within);
        return bias - rushed + spread * new Random(seed + number * APART).nextGaussian();
    }
}
