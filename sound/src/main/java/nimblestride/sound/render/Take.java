package nimblestride.sound.render;

import nimblestride.core.exercise.Exercise;

/**
 * What is to be played.
 *
 * @param click whether the groups and the 1 are clicked
 */
public record Take(Exercise exercise, boolean click) {}
