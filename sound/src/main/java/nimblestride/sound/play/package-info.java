/** Plays a take, through the sound card where there is one and on a silent clock where there is none. */
package nimblestride.sound.play;
