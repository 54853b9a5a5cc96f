package nimblestride.formats.midi;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import nimblestride.core.exercise.analysis.Playthrough;
import nimblestride.core.exercise.analysis.Playthrough.Passage;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import nimblestride.files.AtomicFile;

/**
 * Writes an exercise as a Standard MIDI File of format 1: meters, groupings, and tempos on the first track, then a
 * track for each layer, on the percussion channel, or for a riff on a channel with plucked strings. Sections play once; without sections the phrase runs until every
 * layer realigns, if that is within {@value Playthrough#MAX_IN_BARS} bars, and otherwise once.
 */
public final class ExerciseMidi {
    private static final int MAX_NOTES = 1_000_000;
    private static final int PERCUSSION_CHANNEL = 9;
    private static final int RIFF_CHANNEL = 3;
    /** The nylon-string guitar of General MIDI 1, which counts it as program 25. */
    private static final int PLUCKED = 24;

    private static final int TEXT = 0x01;
    private static final int TRACK_NAME = 0x03;
    private static final int MARKER = 0x06;
    private static final int SET_TEMPO = 0x51;
    private static final int TIME_SIGNATURE = 0x58;

    private final Exercise exercise;
    private final Playthrough playthrough;

    private ExerciseMidi(Exercise exercise) {
        this.exercise = exercise;
        this.playthrough = Playthrough.untilRealigned(exercise);
    }

    /**
     * Returns the content of the file.
     *
     * @throws InvalidValueException if a MIDI file can't hold the exercise: a tempo below 3.58 quarter notes per
     *     minute, or too many notes
     */
    public static byte[] write(Exercise exercise) {
        try {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            MidiSystem.write(new ExerciseMidi(exercise).sequence(), 1, out);
            return out.toByteArray();
        } catch (InvalidMidiDataException e) {
            throw new InvalidValueException("a MIDI file can't hold this exercise: " + e.getMessage(), e);
        } catch (IOException e) {
            throw new UncheckedIOException("writing to memory failed", e);
        }
    }

    /**
     * Writes the file.
     *
     * @throws IOException if it can't be written; what was there before is untouched
     */
    public static void write(Exercise exercise, Path file) throws IOException {
        AtomicFile.write(file, write(exercise));
    }

    /** A hit, the moment it comes after the start, and the tempo it is played at. */
    private record Sounding(NoteValue at, Hit hit, Tempo tempo) {}

    private Sequence sequence() throws InvalidMidiDataException {
        Map<String, List<Sounding>> parts = parts();
        List<NoteValue> moments = new ArrayList<>();
        for (Passage passage : playthrough.passages()) {
            Phrase phrase = passage.content().phrase();
            phrase.kinds().forEach(bar -> moments.addAll(bar.groupStarts()));
            moments.add(phrase.grid().unit());
            moments.add(passage.starts());
        }
        parts.values().forEach(part -> part.forEach(sounding -> moments.add(sounding.at)));
        MidiTicks ticks = MidiTicks.of(moments);

        Sequence sequence = new Sequence(Sequence.PPQ, ticks.perQuarter());
        conduct(sequence.createTrack(), ticks);
        for (Map.Entry<String, List<Sounding>> part : parts.entrySet()) {
            Track track = sequence.createTrack();
            track.add(meta(TRACK_NAME, part.getKey(), 0));
            play(track, part.getValue(), ticks);
        }
        return sequence;
    }

    /** Returns what each layer plays, by its name; layers with one name in several sections are one part. */
    private Map<String, List<Sounding>> parts() {
        Map<String, List<Sounding>> parts = new LinkedHashMap<>();
        int room = MAX_NOTES;
        for (Passage passage : playthrough.passages()) {
            Exercise content = passage.content();
            List<String> names = content.layerNames();
            for (int i = 0; i < names.size(); i++) {
                List<Hit> own = LayerTimeline.of(content.layers().get(i), content.phrase())
                        .between(NoteValue.ZERO, passage.length(), room + 1);
                room -= own.size();
                if (room < 0) {
                    throw new InvalidValueException(String.format(
                            Locale.ROOT,
                            "this exercise needs more than %,d notes in a MIDI file; export fewer bars",
                            MAX_NOTES));
                }
                List<Sounding> part = parts.computeIfAbsent(names.get(i), name -> new ArrayList<>());
                own.forEach(hit -> part.add(new Sounding(
                        passage.starts().plus(content.swing().sounding(content.phrase(), hit.at())),
                        hit,
                        passage.tempo())));
                part.sort(Comparator.comparing(Sounding::at));
            }
        }
        return parts;
    }

    private void conduct(Track track, MidiTicks ticks) throws InvalidMidiDataException {
        track.add(meta(TRACK_NAME, exercise.name(), 0));
        for (MidiTempoMap.Setting setting : MidiTempoMap.of(playthrough, ticks).settings()) {
            int micros = setting.microseconds();
            byte[] data = {(byte) (micros >> 16), (byte) (micros >> 8), (byte) micros};
            track.add(new MidiEvent(new MetaMessage(SET_TEMPO, data, data.length), setting.tick()));
        }
        Bar before = null;
        for (Passage passage : playthrough.passages()) {
            Phrase phrase = passage.content().phrase();
            if (exercise.hasSections()) {
                String name =
                        exercise.contents().get(passage.section().content()).name();
                track.add(meta(MARKER, name, ticks.at(passage.starts())));
            }
            for (long number = 0; number < passage.bars(); number++) {
                Bar bar = phrase.bar(number);
                if (!bar.equals(before)) {
                    sign(track, bar, ticks.at(passage.starts().plus(phrase.startOf(number))));
                    before = bar;
                }
            }
        }
        track.add(meta(TEXT, "end", ticks.at(playthrough.length())));
    }

    /**
     * Writes the signature where the format can say it (a power of two below, at most 255 above), and the grouping in
     * words.
     */
    private static void sign(Track track, Bar bar, long tick) throws InvalidMidiDataException {
        Meter meter = bar.meter();
        long under = meter.unit().denominator();
        int units = meter.units();
        if (Long.bitCount(under) == 1 && units <= 255) {
            byte[] data = {(byte) units, (byte) Long.numberOfTrailingZeros(under), 24, 8};
            track.add(new MidiEvent(new MetaMessage(TIME_SIGNATURE, data, data.length), tick));
        }
        track.add(meta(TEXT, meter + " (" + bar.grouping() + ")", tick));
    }

    private static void play(Track track, List<Sounding> part, MidiTicks ticks) throws InvalidMidiDataException {
        long usual = Math.max(1, ticks.perQuarter() / 8);
        if (part.stream().flatMap(sounding -> sounding.hit.voices().stream()).anyMatch(Voice::isRiff)) {
            track.add(new MidiEvent(new ShortMessage(ShortMessage.PROGRAM_CHANGE, RIFF_CHANNEL, PLUCKED, 0), 0));
        }
        for (int i = 0; i < part.size(); i++) {
            long on = ticks.at(part.get(i).at);
            long off = on + usual;
            if (i + 1 < part.size()) {
                off = Math.max(on, Math.min(off, ticks.at(part.get(i + 1).at)));
            }
            Stroke stroke = part.get(i).hit.stroke();
            long since = i == 0 ? on : on - ticks.at(part.get(i - 1).at);
            long grace = graceTicks(stroke.ornament(), part.get(i).tempo, since, ticks);
            for (Voice voice : part.get(i).hit.voices()) {
                int channel = voice.isRiff() ? RIFF_CHANNEL : PERCUSSION_CHANNEL;
                for (int before = stroke.ornament().graceNotes(); before > 0; before--) {
                    long early = Math.max(0, on - before * grace);
                    track.add(note(ShortMessage.NOTE_ON, channel, voice.midiKey(), velocity(stroke) / 3, early));
                    track.add(
                            note(ShortMessage.NOTE_OFF, channel, voice.midiKey(), 0, Math.min(on, early + grace / 2)));
                }
                track.add(note(ShortMessage.NOTE_ON, channel, voice.midiKey(), velocity(stroke), on));
                track.add(note(ShortMessage.NOTE_OFF, channel, voice.midiKey(), 0, off));
            }
        }
    }

    /**
     * Returns how far apart grace notes are.
     *
     * @param since ticks since the stroke before
     */
    private static long graceTicks(Ornament ornament, Tempo tempo, long since, MidiTicks ticks) {
        double ticksPerSecond = tempo.quartersPerMinute().doubleValue() / 60 * ticks.perQuarter();
        double beat = tempo.seconds(tempo.beat()).doubleValue();
        double seconds = ornament.secondsBetweenGraceNotes(beat, since / ticksPerSecond);
        return Math.max(1, Math.round(seconds * ticksPerSecond));
    }

    private static int velocity(Stroke stroke) {
        return switch (stroke.level()) {
            case GHOST -> 40;
            case SOFT -> 64;
            case NORMAL -> 90;
            case ACCENT -> 112;
            case STRONG -> 127;
        };
    }

    private static MidiEvent note(int command, int channel, int key, int velocity, long tick)
            throws InvalidMidiDataException {
        return new MidiEvent(new ShortMessage(command, channel, key, velocity), tick);
    }

    private static MidiEvent meta(int type, String text, long tick) throws InvalidMidiDataException {
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        return new MidiEvent(new MetaMessage(type, bytes, bytes.length), tick);
    }
}
