package nimblestride.formats.midi;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import nimblestride.core.exercise.Exercise;
import nimblestride.core.exercise.Reckoning;
import nimblestride.core.groove.Ornament;
import nimblestride.core.groove.Stroke;
import nimblestride.core.groove.Voice;
import nimblestride.core.layer.Course;
import nimblestride.core.layer.Hit;
import nimblestride.core.meter.Bar;
import nimblestride.core.meter.Meter;
import nimblestride.core.meter.Phrase;
import nimblestride.core.value.NoteValue;
import nimblestride.core.value.Tempo;
import nimblestride.formats.file.AtomicFile;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * An exercise as a Standard MIDI File of format 1: meters, groupings and tempo on the first track, then a track for each
 * layer on the percussion channel. It runs until every layer is back where it began, where that is within
 * {@value #LONGEST_IN_BARS} bars, and otherwise for the phrase once.
 */
public final class ExerciseMidi {
    public static final int LONGEST_IN_BARS = 512;

    private static final int MOST_NOTES = 1_000_000;
    private static final int PERCUSSION_CHANNEL = 9;
    private static final int TEXT = 0x01;
    private static final int TRACK_NAME = 0x03;
    private static final int SET_TEMPO = 0x51;
    private static final int TIME_SIGNATURE = 0x58;
    private static final long SLOWEST_MICROSECONDS = (1L << 24) - 1;

    private final Exercise exercise;
    private final Phrase phrase;
    private final long bars;
    private final NoteValue end;

    private ExerciseMidi(Exercise exercise) {
        this.exercise = exercise;
        this.phrase = exercise.phrase();
        this.bars = Reckoning.of(exercise)
                .together()
                .result()
                .map(Reckoning.Together::bars)
                .filter(count -> count <= LONGEST_IN_BARS)
                .orElse((long) phrase.bars().size());
        this.end = phrase.startOf(bars);
    }

    /**
     * The bytes of the file.
     *
     * @throws IllegalArgumentException if a MIDI file cannot hold the exercise: a tempo below 3.58 quarter notes a
     *     minute, or too many notes
     */
    public static byte[] write(Exercise exercise) {
        try {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            MidiSystem.write(new ExerciseMidi(exercise).sequence(), 1, out);
            return out.toByteArray();
        } catch (InvalidMidiDataException e) {
            throw new IllegalArgumentException("a MIDI file cannot hold this exercise: " + e.getMessage(), e);
        } catch (IOException e) {
            throw new UncheckedIOException("writing to memory failed", e);
        }
    }

    /** @throws IOException if the file cannot be written; what was there before is untouched */
    public static void write(Exercise exercise, Path file) throws IOException {
        AtomicFile.write(file, write(exercise));
    }

    private Sequence sequence() throws InvalidMidiDataException {
        List<List<Hit>> hits = hits();
        List<NoteValue> moments = new ArrayList<>();
        phrase.bars().stream().distinct().forEach(bar -> moments.addAll(bar.groupStarts()));
        moments.add(phrase.grid().unit());
        hits.forEach(layer -> layer.forEach(hit -> moments.add(hit.at())));
        MidiTicks ticks = MidiTicks.of(moments);

        Sequence sequence = new Sequence(Sequence.PPQ, ticks.perQuarter());
        conduct(sequence.createTrack(), ticks);
        List<String> names = exercise.layerNames();
        for (int i = 0; i < hits.size(); i++) {
            Track track = sequence.createTrack();
            track.add(meta(TRACK_NAME, names.get(i), 0));
            play(track, hits.get(i), ticks);
        }
        return sequence;
    }

    private List<List<Hit>> hits() {
        List<List<Hit>> hits = new ArrayList<>();
        int room = MOST_NOTES;
        for (var layer : exercise.layers()) {
            List<Hit> own = Course.of(layer, phrase).between(NoteValue.ZERO, end, room + 1);
            room -= own.size();
            if (room < 0) {
                throw new IllegalArgumentException(
                        String.format("a MIDI file of this exercise would hold more than %,d notes", MOST_NOTES));
            }
            hits.add(own);
        }
        return hits;
    }

    private void conduct(Track track, MidiTicks ticks) throws InvalidMidiDataException {
        track.add(meta(TRACK_NAME, exercise.name(), 0));
        track.add(new MidiEvent(tempo(exercise.tempo()), 0));
        Bar before = null;
        for (long number = 0; number < bars; number++) {
            Bar bar = phrase.bar(number);
            if (!bar.equals(before)) {
                sign(track, bar, ticks.at(phrase.startOf(number)));
                before = bar;
            }
        }
        track.add(meta(TEXT, "end", ticks.at(end)));
    }

    /** Microseconds a quarter note, to the nearest whole one: all that the format can say. */
    private static MetaMessage tempo(Tempo tempo) throws InvalidMidiDataException {
        BigFraction exact = BigFraction.of(60_000_000).divide(tempo.quartersPerMinute());
        BigInteger micros = exact.bigDecimalValue(0, RoundingMode.HALF_EVEN).toBigInteger();
        if (micros.compareTo(BigInteger.valueOf(SLOWEST_MICROSECONDS)) > 0) {
            throw new IllegalArgumentException("a MIDI file holds tempos from 3.58 quarter notes a minute, and this is "
                    + Tempo.decimal(tempo.quartersPerMinute()));
        }
        int value = micros.intValueExact();
        return new MetaMessage(SET_TEMPO, new byte[] {(byte) (value >> 16), (byte) (value >> 8), (byte) value}, 3);
    }

    /** The signature where the format can say it (a power of two below, at most 255 above), and the grouping in words. */
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

    private void play(Track track, List<Hit> hits, MidiTicks ticks) throws InvalidMidiDataException {
        long usual = Math.max(1, ticks.perQuarter() / 8);
        long grace = graceTicks(ticks);
        for (int i = 0; i < hits.size(); i++) {
            long on = ticks.at(hits.get(i).at());
            long off = on + usual;
            if (i + 1 < hits.size()) {
                off = Math.max(on, Math.min(off, ticks.at(hits.get(i + 1).at())));
            }
            Stroke stroke = hits.get(i).stroke();
            for (Voice voice : hits.get(i).voices()) {
                for (int before = stroke.ornament().graceNotes(); before > 0; before--) {
                    long early = Math.max(0, on - before * grace);
                    track.add(note(ShortMessage.NOTE_ON, voice.midiKey(), velocity(stroke) / 3, early));
                    track.add(note(ShortMessage.NOTE_OFF, voice.midiKey(), 0, Math.min(on, early + grace / 2)));
                }
                track.add(note(ShortMessage.NOTE_ON, voice.midiKey(), velocity(stroke), on));
                track.add(note(ShortMessage.NOTE_OFF, voice.midiKey(), 0, off));
            }
        }
    }

    /** Grace notes come as close before the note as hands usually play them, whatever the tempo. */
    private long graceTicks(MidiTicks ticks) {
        double quarters =
                exercise.tempo().quartersPerMinute().doubleValue() / 60 * Ornament.SECONDS_BETWEEN_GRACE_NOTES;
        return Math.max(1, Math.round(quarters * ticks.perQuarter()));
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

    private static MidiEvent note(int command, int key, int velocity, long tick) throws InvalidMidiDataException {
        return new MidiEvent(new ShortMessage(command, PERCUSSION_CHANNEL, key, velocity), tick);
    }

    private static MidiEvent meta(int type, String text, long tick) throws InvalidMidiDataException {
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        return new MidiEvent(new MetaMessage(type, bytes, bytes.length), tick);
    }
}
