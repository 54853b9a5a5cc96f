/**
 * Recorded sounds: reading them from files, and playing them at another rate. Begin with {@link
 * nimblestride.sound.recording.Recording}.
 */
package nimblestride.sound.recording;
