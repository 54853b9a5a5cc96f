package nimblestride.core.timing;

import nimblestride.core.groove.Voice;

/**
 * A stroke that was played.
 *
 * @param at in milliseconds from the beginning of the exercise
 * @param voice what was struck
 */
public record Tap(double at, Voice voice) {}
