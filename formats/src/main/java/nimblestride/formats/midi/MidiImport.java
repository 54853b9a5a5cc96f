package nimblestride.formats.midi;

import java.io.IOException;
import java.math.BigInteger;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import nimblestride.core.exercise.Exercise;
import nimblestride.core.groove.Kit;
import nimblestride.core.groove.Level;
import nimblestride.core.groove.Stroke;
import nimblestride.core.groove.Voice;
import nimblestride.core.layer.Layer;
import nimblestride.core.layer.Pattern;
import nimblestride.core.layer.Placement;
import nimblestride.core.meter.Bar;
import nimblestride.core.meter.Meter;
import nimblestride.core.meter.Phrase;
import nimblestride.core.repeating.Line;
import nimblestride.core.value.NoteValue;
import nimblestride.core.value.Tally;
import nimblestride.core.value.Tempo;
import nimblestride.formats.file.UnreadableFileException;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * An exercise from a Standard MIDI File: its meters, its first tempo, and the percussion by the General MIDI map, each voice a
 * layer. Played notes are put on the simplest grid that explains them, beat by beat. A voice that repeats in a cycle of its own
 * comes as that cycle, the others as notes on counts. What does not come across is told.
 */
public final class MidiImport {
    private static final int MOST_BARS = 4_000;
    private static final int PLAIN_PARTS = 64;
    private static final double TOLERANCE_SECONDS = 0.035;
    private static final int MICROS_A_MINUTE = 60_000_000;
    private static final int USUAL_MICROS = 500_000;
    private static final int LOUDEST = 127;
    private static final Map<Integer, Integer> SAME_VOICE = Map.of(35, 36, 40, 38, 59, 51, 57, 49);

    private final MidiNotes notes;
    private final List<String> leftOut = new ArrayList<>();
    private final Phrase phrase;
    private double farthest;

    /**
     * What has come of a file.
     *
     * @param leftOut what has not come across, in sentences
     */
    public record Imported(Exercise exercise, List<String> leftOut) {
        public Imported {
            leftOut = List.copyOf(leftOut);
        }
    }

    private MidiImport(MidiNotes notes) throws UnreadableFileException {
        this.notes = notes;
        this.phrase = Phrase.of(bars());
    }

    /** @throws IOException if the file cannot be read, or is no MIDI file with percussion in it */
    public static Imported read(Path file) throws IOException {
        if (Files.size(file) > MidiNotes.LARGEST_FILE) {
            throw new UnreadableFileException(
                    String.format("the file is larger than %,d bytes", MidiNotes.LARGEST_FILE));
        }
        String name = file.getFileName().toString().replaceFirst("(?i)\\.midi?$", "");
        return read(Files.readAllBytes(file), name.isBlank() ? "From a MIDI file" : name);
    }

    /** @throws UnreadableFileException if these are not the bytes of a MIDI file with percussion in it */
    public static Imported read(byte[] file, String name) throws UnreadableFileException {
        try {
            MidiImport reading = new MidiImport(MidiNotes.read(file));
            String cut = name.length() > Exercise.LONGEST_NAME ? name.substring(0, Exercise.LONGEST_NAME) : name;
            return new Imported(reading.exercise(cut), reading.leftOut);
        } catch (IllegalArgumentException | ArithmeticException e) {
            throw new UnreadableFileException("this MIDI file cannot become an exercise: " + e.getMessage());
        }
    }

    private NoteValue value(long ticks) {
        return NoteValue.of(BigFraction.of(BigInteger.valueOf(ticks), BigInteger.valueOf(4L * notes.perQuarter())));
    }

    /** Bars up to the end of the last note. A meter that changes within a bar holds from the next bar line on. */
    private List<Bar> bars() throws UnreadableFileException {
        if (notes.percussion().isEmpty()) {
            throw new UnreadableFileException("there is nothing on the percussion channel (10) of this MIDI file"
                    + (notes.others().isEmpty()
                            ? ""
                            : "; other channels have notes: " + notes.others().keySet()));
        }
        if (notes.signatures().isEmpty()) {
            leftOut.add("The file names no meter: 4/4 is assumed. Break has \"What meter is this?\".");
        }
        // The end of the track may lie on the line after the last bar; a note there is another bar.
        NoteValue last =
                value(notes.percussion().get(notes.percussion().size() - 1).tick());
        NoteValue end = value(notes.end());
        List<Bar> bars = new ArrayList<>();
        NoteValue at = NoteValue.ZERO;
        while (at.compareTo(last) <= 0 || at.compareTo(end) < 0) {
            Map.Entry<Long, int[]> signature = notes.signatures().floorEntry(ticks(at));
            int[] meter = signature == null ? new int[] {4, 4} : signature.getValue();
            Bar bar = Bar.of(Meter.of(meter[0], meter[1]));
            bars.add(bar);
            at = at.plus(bar.length());
            if (bars.size() > MOST_BARS) {
                throw new UnreadableFileException(
                        String.format("this MIDI file is longer than %,d bars; expected a shorter one", MOST_BARS));
            }
        }
        return bars;
    }

    private long ticks(NoteValue at) {
        return at.wholePartsOf(value(1));
    }

    private Exercise exercise(String name) {
        Map<Voice, NavigableMap<NoteValue, Stroke>> lines = new LinkedHashMap<>();
        Map<Integer, Integer> unknown = new TreeMap<>();
        placed().forEach((note, at) -> voice(note.key())
                .ifPresentOrElse(
                        voice -> lines.computeIfAbsent(voice, one -> new TreeMap<>())
                                .put(at, stroke(note.velocity())),
                        () -> unknown.merge(note.key(), 1, Integer::sum)));
        tellLeftOut(unknown);
        List<Layer> layers = new ArrayList<>();
        lines.forEach((voice, strokes) -> layers.add(new Line(voice, strokes, phrase.length())
                .asLayer()
                .orElseGet(() -> Layer.of(voice, new Pattern.Placed(placements(strokes))))));
        return new Exercise(name, shortest(layers), layers, tempo());
    }

    /** Notes on their places of the phrase, those that repeat with it told once. */
    private List<Placement> placements(NavigableMap<NoteValue, Stroke> strokes) {
        List<Placement> placements = new ArrayList<>();
        strokes.forEach((at, stroke) -> {
            int bar = Math.toIntExact(phrase.barAt(at));
            placements.add(new Placement(bar, at.minus(phrase.startOf(bar)), stroke));
        });
        return placements;
    }

    /** Where nothing is put on counts the bars alone tell how long the phrase is. */
    private Phrase shortest(List<Layer> layers) {
        int bars = phrase.bars().size();
        if (layers.stream().anyMatch(layer -> layer.pattern() instanceof Pattern.Placed)) {
            return phrase.first(bars);
        }
        for (int period = 1; period < bars; period++) {
            int step = period;
            boolean repeats = IntStream.range(step, bars)
                    .allMatch(bar -> phrase.bars().get(bar).equals(phrase.bars().get(bar - step)));
            if (bars % period == 0 && repeats) {
                return phrase.first(period);
            }
        }
        return phrase.first(bars);
    }

    private static Optional<Voice> voice(int key) {
        int known = SAME_VOICE.getOrDefault(key, key);
        return Kit.voices().stream().filter(voice -> voice.midiKey() == known).findFirst();
    }

    private static Stroke stroke(int velocity) {
        Level nearest = Level.NORMAL;
        double strength = (double) velocity / LOUDEST;
        for (Level level : Level.values()) {
            if (Math.abs(level.strength() - strength) < Math.abs(nearest.strength() - strength)) {
                nearest = level;
            }
        }
        return Stroke.NORMAL.at(nearest);
    }

    private Tempo tempo() {
        int micros = notes.tempos().isEmpty()
                ? USUAL_MICROS
                : notes.tempos().firstEntry().getValue();
        BigFraction exact = BigFraction.of(MICROS_A_MINUTE, micros);
        // A whole number of microseconds a quarter is all the format can say; the nearest hundredth is what was meant.
        BigFraction hundredths = BigFraction.of(Math.round(exact.doubleValue() * 100), 100);
        return new Tempo(NoteValue.QUARTER, hundredths);
    }

    private double secondsAWhole() {
        return notes.tempos().isEmpty()
                ? 4.0 * USUAL_MICROS / 1e6
                : 4.0 * notes.tempos().firstEntry().getValue() / 1e6;
    }

    /**
     * Where each note belongs. Where all of them stand on plain parts of a quarter, to the tick, they were written so, and stay
     * where they are; otherwise they were played, and each quarter is put on the simplest grid that explains it.
     */
    private Map<MidiNotes.Note, NoteValue> placed() {
        Map<MidiNotes.Note, NoteValue> placed = new LinkedHashMap<>();
        if (notes.percussion().stream().allMatch(note -> isPlain(note.tick()))) {
            notes.percussion().forEach(note -> placed.put(note, value(note.tick())));
            return placed;
        }
        Map<Long, List<MidiNotes.Note>> beats = new TreeMap<>();
        for (MidiNotes.Note note : notes.percussion()) {
            beats.computeIfAbsent(note.tick() / notes.perQuarter(), number -> new ArrayList<>())
                    .add(note);
        }
        double tolerance = TOLERANCE_SECONDS * 4 / secondsAWhole();
        beats.forEach((number, beat) -> {
            OptionalInt parts = SimplestGrid.of(places(beat), tolerance);
            beat.forEach(note -> placed.put(note, onGrid(note, NoteValue.of(number, 4), parts)));
        });
        return placed;
    }

    /** Whether a tick is one of at most {@value #PLAIN_PARTS} equal parts of a quarter: a played note seldom is. */
    private boolean isPlain(long tick) {
        return value(tick).fraction().multiply(4).getDenominator().compareTo(BigInteger.valueOf(PLAIN_PARTS)) <= 0;
    }

    /** How far into their beat notes are, from 0 up to 1. */
    private List<Double> places(List<MidiNotes.Note> beat) {
        return beat.stream()
                .map(note -> (double) (note.tick() % notes.perQuarter()) / notes.perQuarter())
                .toList();
    }

    private NoteValue onGrid(MidiNotes.Note note, NoteValue start, OptionalInt parts) {
        NoteValue exact = value(note.tick());
        if (parts.isEmpty()) {
            return exact;
        }
        NoteValue step = NoteValue.QUARTER.dividedBy(parts.getAsInt());
        long nearest = Math.round((exact.toDouble() - start.toDouble()) / step.toDouble());
        NoteValue at = start.plus(step.times(nearest));
        farthest = Math.max(farthest, Math.abs(at.toDouble() - exact.toDouble()) * secondsAWhole());
        return at.compareTo(phrase.length()) < 0 ? at : exact;
    }

    private void tellLeftOut(Map<Integer, Integer> unknown) {
        if (farthest > 0.0005) {
            leftOut.add(String.format(
                    "Notes were put on the simplest grid near them, by up to %.0f ms.", farthest * 1_000));
        }
        if (notes.tempos().size() > 1) {
            leftOut.add(Tally.count(notes.tempos().size() - 1, "change")
                    + " of tempo did not come across: the first tempo holds.");
        }
        if (!unknown.isEmpty()) {
            leftOut.add("No voice of the kit has these keys of the percussion map: "
                    + unknown.entrySet().stream()
                            .map(key -> key.getKey() + " (" + Tally.count(key.getValue(), "note") + ")")
                            .collect(Collectors.joining(", "))
                    + ".");
        }
        if (!notes.others().isEmpty()) {
            leftOut.add("Other channels did not come across: "
                    + notes.others().entrySet().stream()
                            .map(channel -> channel.getKey() + " (" + Tally.count(channel.getValue(), "note") + ")")
                            .collect(Collectors.joining(", "))
                    + ".");
        }
    }
}
