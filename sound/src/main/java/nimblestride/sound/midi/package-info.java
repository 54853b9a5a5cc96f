/**
 * MIDI instruments to play to, and MIDI pads to listen to. Begin with {@link nimblestride.sound.midi.MidiDevices}.
 */
package nimblestride.sound.midi;
