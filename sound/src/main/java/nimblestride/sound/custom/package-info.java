/**
 * Kits and recordings of the user's own: folders of files, soundfonts, and single voices. Begin with {@link
 * nimblestride.sound.custom.ChosenSounds}.
 */
package nimblestride.sound.custom;
