/** Exercises as Standard MIDI Files. */
package nimblestride.formats.midi;
