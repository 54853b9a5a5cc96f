package nimblestride.desktop.document.sample;

import java.io.IOException;
import java.nio.file.Path;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.files.FileException;
import nimblestride.sound.input.TimingHabits;

/** A sample exercise as pads would have recorded it at a rehearsal: nobody named a meter, and nobody is a machine. */
public final class SampleRehearsal {
    private static final int PER_QUARTER = 960;
    private static final int ROUNDS = 8;
    private static final int PERCUSSION_CHANNEL = 9;
    private static final int LOUDEST = 127;
    private static final int SET_TEMPO = 0x51;
    private static final double MICROS_PER_MINUTE = 60e6;
    private static final TimingHabits PLAYER = new TimingHabits(6, -4, 8, 11);

    private SampleRehearsal() {}

    /** Writes the recording into a folder. */
    public static Path write(Path folder) {
        Path file = folder.resolve("evening-rehearsal.mid");
        try {
            MidiSystem.write(recorded(SampleBook.piece("oars-in-elevens")), 0, file.toFile());
        } catch (InvalidMidiDataException e) {
            throw new IllegalStateException("the sample rehearsal makes no MIDI file", e);
        } catch (IOException e) {
            throw FileException.writing(file, e);
        }
        return file;
    }

    private static Sequence recorded(Exercise exercise) throws InvalidMidiDataException {
        Sequence sequence = new Sequence(Sequence.PPQ, PER_QUARTER);
        Track track = sequence.createTrack();
        double quarters = exercise.tempo().quartersPerMinute().doubleValue();
        int micros = (int) Math.round(MICROS_PER_MINUTE / quarters);
        byte[] data = {(byte) (micros >> 16), (byte) (micros >> 8), (byte) micros};
        track.add(new MidiEvent(new MetaMessage(SET_TEMPO, data, data.length), 0));
        Phrase phrase = exercise.phrase();
        NoteValue end = phrase.length().times(ROUNDS);
        long number = 0;
        for (Layer layer : exercise.layers()) {
            for (Hit hit : LayerTimeline.of(layer, phrase).between(NoteValue.ZERO, end, Integer.MAX_VALUE)) {
                double late = PLAYER.late(number++, hit.at(), phrase) / 1_000 * quarters / 60;
                long tick = Math.max(0, Math.round((hit.at().toDouble() * 4 + late) * PER_QUARTER));
                int velocity = (int) Math.round(hit.stroke().level().strength() * LOUDEST);
                for (Voice voice : hit.voices()) {
                    track.add(new MidiEvent(
                            new ShortMessage(ShortMessage.NOTE_ON, PERCUSSION_CHANNEL, voice.midiKey(), velocity),
                            tick));
                }
            }
        }
        return sequence;
    }
}
