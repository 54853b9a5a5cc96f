package nimblestride.formats.midi;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import nimblestride.formats.file.UnreadableFileException;

/**
 * What a Standard MIDI File of format 0 or 1 holds that matters to a drummer.
 *
 * @param perQuarter ticks a quarter
 * @param signatures by the tick from which they hold: numerator and denominator
 * @param tempos by the tick from which they hold: microseconds a quarter
 * @param percussion the notes on the percussion channel, in order
 * @param others how many notes there are on each other channel, by its number from 1
 * @param end the last tick
 */
record MidiNotes(
        int perQuarter,
        NavigableMap<Long, int[]> signatures,
        NavigableMap<Long, Integer> tempos,
        List<Note> percussion,
        Map<Integer, Integer> others,
        long end) {
    /** Larger files are refused unread. */
    static final int LARGEST_FILE = 16 << 20;

    private static final int PERCUSSION_CHANNEL = 9;
    private static final int SET_TEMPO = 0x51;
    private static final int TIME_SIGNATURE = 0x58;
    private static final int LARGEST_POWER = 12;

    record Note(long tick, int key, int velocity) {}

    static MidiNotes read(byte[] file) throws UnreadableFileException {
        if (file.length > LARGEST_FILE) {
            throw new UnreadableFileException(
                    String.format("the file holds %,d bytes; a MIDI file has at most %,d", file.length, LARGEST_FILE));
        }
        Sequence sequence;
        try {
            sequence = MidiSystem.getSequence(new ByteArrayInputStream(file));
        } catch (InvalidMidiDataException | IOException | RuntimeException e) {
            throw new UnreadableFileException(
                    "this is no Standard MIDI File, or it breaks off (" + e.getMessage() + "); expected format 0 or 1");
        }
        if (sequence.getDivisionType() != Sequence.PPQ || sequence.getResolution() < 1) {
            throw new UnreadableFileException(
                    "this MIDI file counts film frames and not quarters; expected one with ticks a quarter");
        }
        MidiNotes notes = new MidiNotes(
                sequence.getResolution(),
                new TreeMap<>(),
                new TreeMap<>(),
                new ArrayList<>(),
                new TreeMap<>(),
                sequence.getTickLength());
        for (Track track : sequence.getTracks()) {
            for (int i = 0; i < track.size(); i++) {
                notes.take(track.get(i));
            }
        }
        notes.percussion.sort(Comparator.comparingLong(Note::tick));
        return notes;
    }

    private void take(MidiEvent event) {
        if (event.getMessage() instanceof ShortMessage message
                && message.getCommand() == ShortMessage.NOTE_ON
                && message.getData2() > 0) {
            if (message.getChannel() == PERCUSSION_CHANNEL) {
                percussion.add(new Note(event.getTick(), message.getData1(), message.getData2()));
            } else {
                others.merge(message.getChannel() + 1, 1, Integer::sum);
            }
        } else if (event.getMessage() instanceof MetaMessage meta) {
            byte[] data = meta.getData();
            if (meta.getType() == TIME_SIGNATURE && data.length >= 2 && data[1] >= 0 && data[1] <= LARGEST_POWER) {
                signatures.put(event.getTick(), new int[] {Math.max(1, data[0] & 255), 1 << data[1]});
            } else if (meta.getType() == SET_TEMPO && data.length >= 3) {
                int micros = ((data[0] & 255) << 16) | ((data[1] & 255) << 8) | (data[2] & 255);
                tempos.put(event.getTick(), Math.max(1, micros));
            }
        }
    }
}
