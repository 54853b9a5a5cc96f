package nimblestride.desktop.playback;

import nimblestride.sound.microphone.AudioInputs;
import nimblestride.sound.play.AudioOutputs;

/** The sound cards and microphones of a machine. */
public record AudioDevices(AudioOutputs outputs, AudioInputs inputs) {}
