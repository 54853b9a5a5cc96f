/**
 * Reads recordings from WAV files and renders exercises to them. Begin with {@link nimblestride.sound.wav.WavFile}.
 */
package nimblestride.sound.wav;
