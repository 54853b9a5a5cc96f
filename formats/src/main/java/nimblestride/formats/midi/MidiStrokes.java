package nimblestride.formats.midi;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.transcription.quantizing.Quantizer;
import nimblestride.core.transcription.source.ImportedHit;
import nimblestride.core.transcription.source.ImportedPart;
import nimblestride.core.transcription.source.ImportedSound;
import org.apache.commons.numbers.fraction.BigFraction;

/** Turns the notes of a channel into strokes on their places. */
final class MidiStrokes {
    /** Written notes divide the quarter into no more parts than this; played ones seldom all do. */
    private static final int PLAIN_PARTS = 64;
    /** Where the file's own ticks are coarse, played notes would look written. */
    private static final int COARSE_TICKS = 96;

    private static final int PLAIN_PARTS_OF_COARSE = 16;
    private static final double BETWEEN_GRACE_NOTES_SECONDS = 0.035;
    private static final double GRACE_IS_SOFTER = 0.6;
    private static final int LOUDEST = 127;
    private static final double GHOST_BELOW = 0.5;
    private static final double ACCENT_ABOVE = 1.25;

    private final MidiNotes notes;
    private final List<Bar> bars;
    private final double secondsPerWhole;

    MidiStrokes(MidiNotes notes, List<Bar> bars, MidiTempos tempos) {
        this.notes = notes;
        this.bars = bars;
        this.secondsPerWhole = tempos.secondsPerWhole();
    }

    /** A note with its grace notes. */
    private record Ornamented(MidiNotes.Note note, Ornament ornament) {}

    ImportedPart part(String name, boolean percussion, List<MidiNotes.Note> channel) {
        List<Ornamented> struck = percussion
                ? ornamented(channel)
                : channel.stream()
                        .map(note -> new Ornamented(note, Ornament.NONE))
                        .toList();
        boolean written = struck.stream().allMatch(one -> isPlain(one.note.tick()));
        List<ImportedHit> strokes = new ArrayList<>();
        if (written) {
            struck.forEach(one -> strokes.add(new ImportedHit(
                    value(one.note.tick()),
                    sound(one.note, percussion),
                    Stroke.NORMAL
                            .at(level((double) one.note.velocity() / LOUDEST))
                            .with(one.ornament))));
            return new ImportedPart(name, percussion, ordered(strokes), Optional.empty());
        }
        List<Quantizer.Onset> onsets = struck.stream()
                .map(one -> new Quantizer.Onset(value(one.note.tick()), sound(one.note, percussion)))
                .toList();
        Quantizer.Quantized quantized = Quantizer.of(onsets, beats(), secondsPerWhole);
        Map<Integer, Double> usual = usualVelocities(struck);
        for (int i = 0; i < struck.size(); i++) {
            Ornamented one = struck.get(i);
            Stroke stroke = Stroke.NORMAL
                    .at(played(one.note.velocity() / usual.get(one.note.key())))
                    .with(one.ornament);
            strokes.add(new ImportedHit(quantized.places().get(i), onsets.get(i).sound(), stroke));
        }
        return new ImportedPart(name, percussion, ordered(strokes), Optional.of(quantized.deviation()));
    }

    private static List<ImportedHit> ordered(List<ImportedHit> strokes) {
        return strokes.stream().sorted(Comparator.comparing(ImportedHit::at)).toList();
    }

    private static ImportedSound sound(MidiNotes.Note note, boolean percussion) {
        return percussion ? ImportedSound.ofKey(note.key()) : ImportedSound.RHYTHM;
    }

    private NoteValue value(long ticks) {
        return NoteValue.of(BigFraction.of(BigInteger.valueOf(ticks), BigInteger.valueOf(4L * notes.perQuarter())));
    }

    private boolean isPlain(long tick) {
        int most = notes.perQuarter() < COARSE_TICKS ? PLAIN_PARTS_OF_COARSE : PLAIN_PARTS;
        return value(tick).fraction().multiply(4).getDenominator().compareTo(BigInteger.valueOf(most)) <= 0;
    }

    /** Soft notes just before a louder one of the same key are its grace notes. */
    private List<Ornamented> ornamented(List<MidiNotes.Note> channel) {
        Map<Integer, List<MidiNotes.Note>> waiting = new HashMap<>();
        List<Ornamented> struck = new ArrayList<>();
        for (MidiNotes.Note note : channel) {
            List<MidiNotes.Note> before = waiting.computeIfAbsent(note.key(), key -> new ArrayList<>());
            boolean follows = !before.isEmpty()
                    && note.tick() - before.get(before.size() - 1).tick()
                            <= BETWEEN_GRACE_NOTES_SECONDS * notes.ticksPerSecond(note.tick());
            if (!follows) {
                letGo(before, struck);
            } else if (before.stream().allMatch(one -> one.velocity() <= GRACE_IS_SOFTER * note.velocity())) {
                Optional<Ornament> ornament = ornamentOf(before.size());
                if (ornament.isPresent()) {
                    struck.add(new Ornamented(note, ornament.get()));
                    before.clear();
                    continue;
                }
                letGo(before, struck);
            } else if (note.velocity() > before.get(0).velocity()) {
                letGo(before, struck);
            }
            before.add(note);
        }
        waiting.values().forEach(rest -> letGo(rest, struck));
        struck.sort(Comparator.comparingLong(one -> one.note.tick()));
        return struck;
    }

    private static void letGo(List<MidiNotes.Note> waiting, List<Ornamented> struck) {
        waiting.forEach(note -> struck.add(new Ornamented(note, Ornament.NONE)));
        waiting.clear();
    }

    private static Optional<Ornament> ornamentOf(int graceNotes) {
        return Arrays.stream(Ornament.values())
                .filter(ornament -> ornament.graceNotes() == graceNotes && graceNotes > 0)
                .findFirst();
    }

    private static Dynamic level(double strength) {
        return Arrays.stream(Dynamic.values())
                .min(Comparator.comparingDouble(level -> Math.abs(level.strength() - strength)))
                .orElseThrow();
    }

    /** Hands are not even, so only what is much softer or much louder than usual counts as ghost or accent. */
    private static Dynamic played(double againstUsual) {
        return againstUsual < GHOST_BELOW
                ? Dynamic.GHOST
                : againstUsual > ACCENT_ABOVE ? Dynamic.ACCENT : Dynamic.NORMAL;
    }

    /** Returns the median velocity of each key. */
    private static Map<Integer, Double> usualVelocities(List<Ornamented> struck) {
        Map<Integer, List<Integer>> velocities = new HashMap<>();
        struck.forEach(one -> velocities
                .computeIfAbsent(one.note.key(), key -> new ArrayList<>())
                .add(one.note.velocity()));
        Map<Integer, Double> usual = new HashMap<>();
        velocities.forEach((key, all) -> {
            all.sort(null);
            usual.put(key, (double) all.get(all.size() / 2));
        });
        return usual;
    }

    /**
     * Returns the beats of all bars, and of one more. A bar in eighths that three divides has dotted quarters; the
     * others have quarters, the last of a bar as long as is left over.
     */
    private List<Quantizer.Beat> beats() {
        List<Quantizer.Beat> beats = new ArrayList<>();
        NoteValue start = NoteValue.ZERO;
        List<Bar> all = new ArrayList<>(bars);
        all.add(bars.get(bars.size() - 1));
        for (Bar bar : all) {
            NoteValue end = start.plus(bar.length());
            NoteValue beat = beat(bar);
            NoteValue at = start;
            while (at.compareTo(end) < 0) {
                NoteValue left = end.minus(at);
                NoteValue length = left.compareTo(beat) < 0 ? left : beat;
                beats.add(new Quantizer.Beat(at, length));
                at = at.plus(length);
            }
            start = end;
        }
        return beats;
    }

    private static NoteValue beat(Bar bar) {
        NoteValue dotted = NoteValue.of(3, 8);
        boolean compound = bar.meter().unit().equals(NoteValue.EIGHTH)
                && bar.grouping().sizes().stream().allMatch(size -> size == 3);
        return compound ? dotted : NoteValue.QUARTER;
    }
}
