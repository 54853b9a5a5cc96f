/**
 * Finds the unit, the tempo, and the meter of hits in a recording, also where the tempo drifts. Begin with {@link
 * nimblestride.core.transcription.recording.RecordingMeters}.
 */
package nimblestride.core.transcription.recording;
