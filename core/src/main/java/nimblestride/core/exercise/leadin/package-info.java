/**
 * Sections the program writes: the bars that lead into a modulation, and there and back. Begin with {@link
 * nimblestride.core.exercise.leadin.ThereAndBack}.
 */
package nimblestride.core.exercise.leadin;
