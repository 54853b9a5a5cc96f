package nimblestride.core.practice.timing;

import nimblestride.core.kit.voice.Limb;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.time.value.NoteValue;

/**
 * A place where a hit should be.
 *
 * @param at in milliseconds from the start of the exercise
 * @param spot where in the phrase
 * @param bar number from 0, counted on through the rounds
 * @param within how far into its bar: 0 on its bar line, 1 on the next
 * @param limb that plays it
 * @param silent how many bars the click had been silent, or {@link #CLICKED}
 */
public record ExpectedHit(double at, Spot spot, long bar, double within, Limb limb, Voice voice, int silent) {
    /** The click plays in its bar. */
    public static final int CLICKED = -1;

    /**
     * A place in the phrase.
     *
     * @param bar number from 0
     * @param beat of the bar, from 0
     * @param at from the start of the phrase
     * @param count its name
     */
    public record Spot(int bar, int beat, NoteValue at, String count) {}
}
