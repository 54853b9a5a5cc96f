/** How loud sounds are to the ear. Begin with {@link nimblestride.sound.loudness.LoudnessMeter}. */
package nimblestride.sound.loudness;
