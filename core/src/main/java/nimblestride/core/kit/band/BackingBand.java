package nimblestride.core.kit.band;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.kit.band.BandNote.Player;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/**
 * A simple backing band. It plays on the beats of the drummer's bars, long and short, or on the notes of a riff; or it
 * keeps its own pulse from the start of the phrase, four to a bar, and leaves the drummer's bars to the drummer.
 */
public record BackingBand(Line line, BandKey key, BandTime time) {
    /** How many pulses the band's own bars have. */
    public static final int PULSES_PER_BAR = 4;

    private static final int LOWEST_BASS_KEY = 28;
    private static final int LOWEST_CHORD_KEY = 55;
    private static final int LOWEST_DRONE_KEY = 40;

    /** Steps above the root of the triad that the bass plays in turn. */
    private static final int[] WALK = {0, 4, 7, 4};

    /** Who plays. */
    public enum Line {
        BASS_AND_CHORDS("bass and chords"),
        BASS("bass"),
        DRONE("a drone");

        private final String title;

        Line(String title) {
            this.title = title;
        }

        /** Returns its name for people. */
        public String title() {
            return title;
        }
    }

    /** A stretch of time with one harmony: a bar with its beats, or four pulses. */
    private record Measure(NoteValue start, NoteValue length, long turn, List<NoteValue> strokes) {}

    /**
     * Returns what the band starts to play in a bar, in order.
     *
     * @param bar number from 0, counted on through the rounds
     * @param riff where in that bar a riff has notes, from the start of the phrase; without any, a band that follows the
     *     riff follows the beats
     */
    public List<BandNote> in(Phrase phrase, long bar, List<NoteValue> riff) {
        NoteValue from = phrase.startOf(bar);
        NoteValue to = phrase.startOf(bar + 1);
        List<BandNote> notes = new ArrayList<>();
        for (Measure measure : measures(phrase, bar, riff)) {
            for (BandNote note : notesOf(measure)) {
                if (note.at().compareTo(from) >= 0 && note.at().compareTo(to) < 0) {
                    notes.add(note);
                }
            }
        }
        return notes;
    }

    private List<Measure> measures(Phrase phrase, long bar, List<NoteValue> riff) {
        NoteValue from = phrase.startOf(bar);
        NoteValue to = phrase.startOf(bar + 1);
        if (time instanceof BandTime.Pulse own) {
            return pulses(own.value(), from, to);
        }
        List<NoteValue> strokes = time instanceof BandTime.Riff && !riff.isEmpty()
                ? riff.stream().map(at -> at.minus(from)).toList()
                : phrase.bar(bar).beats().starts();
        return List.of(new Measure(from, to.minus(from), bar, strokes));
    }

    private static List<Measure> pulses(NoteValue beat, NoteValue from, NoteValue to) {
        NoteValue length = beat.times(PULSES_PER_BAR);
        List<NoteValue> strokes = new ArrayList<>();
        for (int i = 0; i < PULSES_PER_BAR; i++) {
            strokes.add(beat.times(i));
        }
        List<Measure> measures = new ArrayList<>();
        long turn = from.wholePartsOf(length);
        for (NoteValue start = length.times(turn); start.compareTo(to) < 0; start = start.plus(length)) {
            measures.add(new Measure(start, length, turn++, strokes));
        }
        return measures;
    }

    private List<BandNote> notesOf(Measure measure) {
        List<BandNote> notes = new ArrayList<>();
        if (line == Line.DRONE) {
            hold(measure, Player.DRONE, List.of(0, 4), LOWEST_DRONE_KEY, 0.6, notes);
            return notes;
        }
        int root = key.mode().rootOf(measure.turn);
        if (line == Line.BASS_AND_CHORDS) {
            hold(measure, Player.CHORDS, List.of(root, root + 2, root + 4), LOWEST_CHORD_KEY, 0.6, notes);
        }
        for (int i = 0; i < measure.strokes.size(); i++) {
            NoteValue at = measure.strokes.get(i);
            NoteValue next = i + 1 < measure.strokes.size() ? measure.strokes.get(i + 1) : measure.length;
            int step = WALK[i % WALK.length];
            int octave = 12 * (step / 7);
            notes.add(new BandNote(
                    measure.start.plus(at),
                    next.minus(at),
                    Player.BASS,
                    key.midiKey(root + step % 7, LOWEST_BASS_KEY) + octave,
                    i == 0 ? 0.9 : 0.7));
        }
        return notes;
    }

    private void hold(
            Measure measure, Player player, List<Integer> steps, int lowest, double strength, List<BandNote> notes) {
        for (int step : steps) {
            notes.add(new BandNote(measure.start, measure.length, player, key.midiKey(step, lowest), strength));
        }
    }
}
