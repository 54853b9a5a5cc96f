/**
 * Soundfonts, format 2, as kits (SoundFont Technical Specification 2.04, E-mu Systems, 2006). Begin with {@link
 * nimblestride.sound.soundfont.SoundfontKit}.
 */
package nimblestride.sound.soundfont;
