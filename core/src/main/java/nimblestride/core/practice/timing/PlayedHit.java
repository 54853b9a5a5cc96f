package nimblestride.core.practice.timing;

import nimblestride.core.kit.voice.Voice;

/**
 * A stroke that was played.
 *
 * @param at in milliseconds from the beginning of the exercise
 * @param voice what was struck
 */
public record PlayedHit(double at, Voice voice) {}
