package nimblestride.sound.render;

import java.util.Optional;
import nimblestride.core.exercise.Exercise;

/**
 * What is to be played: the sections of an exercise, one after the other and from the beginning again, or its only feel for
 * as long as it is let.
 *
 * @param percent how fast, in hundredths of its own tempo, from {@value #SLOWEST} to {@value #FASTEST}
 * @param countIn how many bars are counted in before the first, from 0 to {@value #MOST_COUNT_IN}
 * @param loop which bars are played again and again, counted within the phrase; only where there is one feel
 */
public record Take(Exercise exercise, Click click, int percent, int countIn, Mix mix, Optional<Loop> loop) {
    public static final int SLOWEST = 10;
    public static final int FASTEST = 400;
    public static final int MOST_COUNT_IN = 8;

    public Take {
        if (percent < SLOWEST || percent > FASTEST) {
            throw new IllegalArgumentException(
                    "it is played at " + SLOWEST + " to " + FASTEST + " % of its tempo, not at " + percent);
        }
        int bars = exercise.phrase().bars().size();
        if (loop.isPresent() && (exercise.hasSections() || loop.get().to() > bars)) {
            throw new IllegalArgumentException("a loop plays bars of one feel, here from 1 to " + bars);
        }
        if (countIn < 0 || countIn > MOST_COUNT_IN) {
            throw new IllegalArgumentException("from 0 to " + MOST_COUNT_IN + " bars are counted in, not " + countIn);
        }
    }

    /** As loud as it is played. */
    public Take(Exercise exercise, Click click, int percent, int countIn) {
        this(exercise, click, percent, countIn, Mix.EVEN, Optional.empty());
    }

    /** At its own tempo and at once. */
    public Take(Exercise exercise, Click click) {
        this(exercise, click, 100, 0);
    }

    /** These bars again and again. */
    public Take looping(Loop bars) {
        return new Take(exercise, click, percent, countIn, mix, Optional.of(bars));
    }

    /** The click alone. */
    public Take withoutLayers() {
        return new Take(exercise.withoutLayers(), click, percent, countIn, mix, loop);
    }
}
