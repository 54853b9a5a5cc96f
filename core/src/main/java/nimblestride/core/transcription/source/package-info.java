/**
 * Rhythm read from a file, before it is an exercise. Begin with {@link
 * nimblestride.core.transcription.source.Transcription}.
 */
package nimblestride.core.transcription.source;
