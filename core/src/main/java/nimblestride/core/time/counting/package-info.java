/**
 * Counting systems: the syllable for each note of a bar. Begin with {@link
 * nimblestride.core.time.counting.CountingSystem}.
 */
package nimblestride.core.time.counting;
