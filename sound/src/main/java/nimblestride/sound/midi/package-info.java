/** MIDI instruments that are played to, and pads that are listened to. */
package nimblestride.sound.midi;
