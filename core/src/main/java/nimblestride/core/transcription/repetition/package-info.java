/**
 * Finds what repeats: the cycle of each voice, phrases, and the meter. Begin with {@link
 * nimblestride.core.transcription.repetition.CycleFinder}.
 */
package nimblestride.core.transcription.repetition;
