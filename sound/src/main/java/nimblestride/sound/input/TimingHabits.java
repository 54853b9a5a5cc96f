package nimblestride.sound.input;

import java.util.Locale;
import java.util.Random;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/**
 * How somebody keeps time.
 *
 * @param spread how far strokes scatter, the standard deviation in milliseconds, from 0 to {@value #MAX}
 * @param bias how much later than they should all strokes come, in milliseconds; early below 0; to {@value #MAX} either way
 * @param rush how much too early the strokes just after a bar line come, in milliseconds, fading evenly through the bar; from 0
 *     to {@value #MAX}
 * @param seed of the scatter: the same one scatters alike
 */
public record TimingHabits(double spread, double bias, double rush, long seed) {
    public static final double MAX = 100;

    /** As a good player might: in time, with a scatter of a hundredth of a second. */
    public static final TimingHabits DEFAULT = new TimingHabits(10, 0, 0, 1);

    private static final long APART = 0x9E3779B97F4A7C15L;

    public TimingHabits {
        check("the spread", spread, 0);
        check("the bias", bias, -MAX);
        check("the rush", rush, 0);
    }

    private static void check(String what, double value, double least) {
        if (!(value >= least && value <= MAX)) {
            throw new InvalidValueException(String.format(
                    Locale.ROOT, "%s is from %.0f to %.0f milliseconds, not %s", what, least, MAX, value));
        }
    }

    /**
     * How late a stroke comes, in milliseconds; early below 0.
     *
     * @param number of the stroke, from 0
     * @param at when it should come, from the beginning of the phrase, rounds counted on
     */
    public double late(long number, NoteValue at, Phrase phrase) {
        long bar = phrase.barAt(at);
        double within = at.minus(phrase.startOf(bar)).toDouble()
                / phrase.bar(bar).length().toDouble();
        double rushed = within == 0 ? 0 : rush * (1 - within);
        return bias - rushed + spread * new Random(seed + number * APART).nextGaussian();
    }
}
