/**
 * Plays a request through a sound card, or on a silent output where there is none. Begin with {@link
 * nimblestride.sound.play.Player}.
 */
package nimblestride.sound.play;
