package nimblestride.formats.midi;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Pattern;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.TextException;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Meter;
import nimblestride.files.UnreadableFileException;

/**
 * What matters to a drummer in a Standard MIDI File of format 0 or 1.
 *
 * @param perQuarter ticks per quarter
 * @param signatures by the tick from which they hold
 * @param groupings bars that are also named in words, by the tick from which they hold
 * @param tempos by the tick from which they hold: microseconds per quarter
 * @param channels the notes on each channel, in order, by its number from 1
 * @param names of the tracks, by the channel they play on
 * @param end last tick
 */
record MidiNotes(
        int perQuarter,
        NavigableMap<Long, Bar> signatures,
        NavigableMap<Long, Bar> groupings,
        NavigableMap<Long, Integer> tempos,
        NavigableMap<Integer, List<Note>> channels,
        Map<Integer, String> names,
        long end) {
    /** The largest file, in bytes. */
    static final int MAX_FILE = 16 << 20;

    /** The percussion channel, counted from 1 (General MIDI 1). */
    static final int PERCUSSION_CHANNEL = 10;

    private static final int TEXT = 0x01;
    private static final int TRACK_NAME = 0x03;
    private static final int SET_TEMPO = 0x51;
    private static final int TIME_SIGNATURE = 0x58;
    private static final int MAX_POWER = 12;
    private static final int MAX_TEXT_LENGTH = 200;
    private static final Pattern GROUPED = Pattern.compile("\\d[\\d+/]* \\([\\d+]+\\)");

    record Note(long tick, int key, int velocity) {}

    static MidiNotes read(byte[] file) {
        if (file.length > MAX_FILE) {
            throw new UnreadableFileException(String.format(
                    Locale.ROOT, "the file has %,d bytes; a MIDI file can have up to %,d", file.length, MAX_FILE));
        }
        MidiLengths.check(file);
        Sequence sequence;
        try {
            sequence = MidiSystem.getSequence(new ByteArrayInputStream(file));
        } catch (InvalidMidiDataException | IOException | RuntimeException e) {
            throw new UnreadableFileException("this is not a Standard MIDI File, or it is cut off (" + e.getMessage()
                    + "); expected format 0 or 1");
        }
        if (sequence.getDivisionType() != Sequence.PPQ || sequence.getResolution() < 1) {
            throw new UnreadableFileException(
                    "this MIDI file counts film frames; use one that counts ticks per quarter");
        }
        MidiNotes notes = new MidiNotes(
                sequence.getResolution(),
                new TreeMap<>(),
                new TreeMap<>(),
                new TreeMap<>(),
                new TreeMap<>(),
                new TreeMap<>(),
                sequence.getTickLength());
        for (Track track : sequence.getTracks()) {
            String name = "";
            for (int i = 0; i < track.size(); i++) {
                name = notes.take(track.get(i), name).orElse(name);
            }
        }
        Comparator<Note> order = Comparator.comparingLong(Note::tick).thenComparingInt(Note::velocity);
        notes.channels.values().forEach(channel -> channel.sort(order));
        return notes;
    }

    /**
     * Takes an event, and returns the name of the track if this is it.
     *
     * @param track name the track has so far; empty for none
     */
    private Optional<String> take(MidiEvent event, String track) {
        if (event.getMessage() instanceof ShortMessage message
                && message.getCommand() == ShortMessage.NOTE_ON
                && message.getData2() > 0) {
            int channel = message.getChannel() + 1;
            channels.computeIfAbsent(channel, number -> new ArrayList<>())
                    .add(new Note(event.getTick(), message.getData1(), message.getData2()));
            if (!track.isEmpty()) {
                names.putIfAbsent(channel, track);
            }
        } else if (event.getMessage() instanceof MetaMessage meta) {
            return take(meta, event.getTick());
        }
        return Optional.empty();
    }

    private Optional<String> take(MetaMessage meta, long tick) {
        byte[] data = meta.getData();
        switch (meta.getType()) {
            case TIME_SIGNATURE -> {
                if (data.length >= 2 && data[1] >= 0 && data[1] <= MAX_POWER) {
                    signatures.put(tick, Bar.of(Meter.of(Math.max(1, data[0] & 255), 1 << data[1])));
                }
            }
            case SET_TEMPO -> {
                if (data.length >= 3) {
                    int micros = ((data[0] & 255) << 16) | ((data[1] & 255) << 8) | (data[2] & 255);
                    tempos.put(tick, Math.max(1, micros));
                }
            }
            case TEXT -> grouped(data).ifPresent(bar -> groupings.put(tick, bar));
            case TRACK_NAME -> {
                String name =
                        new String(data, 0, Math.min(data.length, MAX_TEXT_LENGTH), StandardCharsets.UTF_8).strip();
                return name.isEmpty() ? Optional.empty() : Optional.of(name);
            }
            default -> {
                // Other events say nothing of rhythm.
            }
        }
        return Optional.empty();
    }

    /** Reads a bar with its grouping: {@code 7/8 (2+2+3)}. */
    private static Optional<Bar> grouped(byte[] data) {
        String text = data.length > MAX_TEXT_LENGTH ? "" : new String(data, StandardCharsets.UTF_8);
        if (!GROUPED.matcher(text).matches()) {
            return Optional.empty();
        }
        try {
            return Optional.of(BarsText.read(text).bars().get(0));
        } catch (TextException e) {
            // Words that only look like a bar.
            return Optional.empty();
        }
    }

    /** Returns how many ticks go by in a second, just before a tick or from it on, whichever are more. */
    double ticksPerSecond(long tick) {
        Map.Entry<Long, Integer> before = tempos.lowerEntry(tick);
        int micros = before == null ? MidiTempos.micros(this) : before.getValue();
        return 1e6 * perQuarter / Math.min(micros, tempos.getOrDefault(tick, micros));
    }

    /** Returns the bar that holds at a tick; empty where none has been named yet. */
    Optional<Bar> barAt(long tick) {
        Map.Entry<Long, Bar> signed = signatures.floorEntry(tick);
        Map.Entry<Long, Bar> grouped = groupings.floorEntry(tick);
        if (grouped != null && (signed == null || grouped.getKey() >= signed.getKey())) {
            return Optional.of(grouped.getValue());
        }
        return Optional.ofNullable(signed).map(Map.Entry::getValue);
    }
}
