/**
 * The recording that belongs to an exercise: which one it is, what the user marked in it, and when its beats are. Begin
 * with {@link nimblestride.core.exercise.recording.LinkedRecording}.
 */
package nimblestride.core.exercise.recording;
