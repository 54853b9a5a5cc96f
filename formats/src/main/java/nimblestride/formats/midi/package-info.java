/**
 * Exercises to and from Standard MIDI Files. Begin with {@link nimblestride.formats.midi.ExerciseMidi} and {@link
 * nimblestride.formats.midi.MidiImport}.
 */
package nimblestride.formats.midi;
