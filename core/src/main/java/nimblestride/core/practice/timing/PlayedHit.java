package nimblestride.core.practice.timing;

import nimblestride.core.kit.voice.Voice;

/**
 * A hit that was played.
 *
 * @param at in milliseconds from the start of the exercise
 */
public record PlayedHit(double at, Voice voice) {}
