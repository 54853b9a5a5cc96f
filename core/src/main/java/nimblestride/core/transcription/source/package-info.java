/** Rhythm that comes from elsewhere, out of a score or played, before it is an exercise. */
package nimblestride.core.transcription.source;
