/** What repeats in rhythm that was brought in: the cycles of its voices, its phrases, the meter it may be in. */
package nimblestride.core.transcription.repetition;
