package nimblestride.sound.render;

import nimblestride.core.exercise.Exercise;

/**
 * What is to be played: the sections of an exercise, one after the other and from the beginning again, or its only feel for
 * as long as it is let.
 *
 * @param click whether the groups and the 1 are clicked
 */
public record Take(Exercise exercise, boolean click) {}
