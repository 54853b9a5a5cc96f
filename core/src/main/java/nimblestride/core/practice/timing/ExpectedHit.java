package nimblestride.core.practice.timing;

import nimblestride.core.kit.voice.Limb;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.time.value.NoteValue;

/**
 * A place where a stroke should be.
 *
 * @param at in milliseconds from the beginning of the exercise
 * @param spot where in the phrase
 * @param bar its number, from 0, rounds of the phrase counted on
 * @param within how far into its bar, from 0, on the bar line, up to 1, the next one
 * @param limb what plays it
 * @param silent for how many bars the click had been silent before this one, or {@link #CLICKED}
 */
public record ExpectedHit(double at, Spot spot, long bar, double within, Limb limb, Voice voice, int silent) {
    /** The click was heard in its bar. */
    public static final int CLICKED = -1;

    /**
     * A place in the phrase.
     *
     * @param bar its number, from 0
     * @param group of its bar, from 0
     * @param at from the beginning of the phrase
     * @param count as it is said
     */
    public record Spot(int bar, int group, NoteValue at, String count) {}
}
