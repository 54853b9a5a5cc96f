/** Takes rendered to WAV files, faster than they are heard. */
package nimblestride.sound.wav;
