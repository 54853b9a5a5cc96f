/**
 * What is made and not recorded: the tones of the click, plucked riffs, the drone. Begin with {@link
 * nimblestride.sound.synthesis.SynthesizedSounds}.
 */
package nimblestride.sound.synthesis;
