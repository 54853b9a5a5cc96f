package nimblestride.formats.midi;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import nimblestride.core.transcription.source.TempoMark;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * The tempos of a MIDI file, each from a bar line. The format has whole microseconds per quarter; the tempo meant is
 * taken to be the nearest hundredth of a beat per minute, or in a simple ratio to the one before.
 *
 * @param leftOut what of them did not come across
 */
record MidiTempos(List<TempoMark> marks, List<String> leftOut, int firstMicros) {
    private static final int DEFAULT_MICROS = 500_000;
    private static final long MICROS_PER_MINUTE = 60_000_000;
    /** Settings this near are one tempo. */
    private static final int SAME = 2;

    private static final int MAX_IN_RATIO = 64;
    private static final double RATIO_AS_GOOD = 1e-5;

    static MidiTempos of(MidiNotes notes, List<Bar> bars) {
        Map<Long, Integer> barAt = new HashMap<>();
        NoteValue at = NoteValue.ZERO;
        NoteValue tick = NoteValue.of(1, 4L * notes.perQuarter());
        for (int bar = 0; bar < bars.size(); bar++) {
            barAt.put(at.wholePartsOf(tick), bar);
            at = at.plus(bars.get(bar).length());
        }
        long end = at.wholePartsOf(tick);
        int first = micros(notes);
        List<TempoMark> marks = new ArrayList<>();
        marks.add(new TempoMark(0, nearest(first), Optional.empty()));
        int before = first;
        int within = 0;
        for (Map.Entry<Long, Integer> setting : notes.tempos().tailMap(1L, true).entrySet()) {
            int micros = setting.getValue();
            if (Math.abs(micros - before) <= SAME || setting.getKey() >= end) {
                continue;
            }
            Integer bar = barAt.get(setting.getKey());
            if (bar == null) {
                within++;
                continue;
            }
            Tempo last = marks.get(marks.size() - 1).tempo();
            marks.add(new TempoMark(bar, after(last, before, micros), Optional.empty()));
            before = micros;
        }
        List<String> leftOut =
                within == 0 ? List.of() : List.of(Counted.count(within, "change") + " of tempo inside a bar dropped.");
        return new MidiTempos(List.copyOf(marks), leftOut, first);
    }

    /** Returns the microseconds per quarter at the start. */
    static int micros(MidiNotes notes) {
        return notes.tempos().getOrDefault(0L, DEFAULT_MICROS);
    }

    private static Tempo nearest(int micros) {
        double exact = (double) MICROS_PER_MINUTE / micros;
        double kept = Math.max(Tempo.MIN, Math.min(Tempo.MAX, exact));
        return new Tempo(NoteValue.QUARTER, BigFraction.of(Math.round(kept * 100), 100));
    }

    private static Tempo after(Tempo before, int microsBefore, int micros) {
        double ratio = (double) microsBefore / micros;
        for (int under = 1; under <= MAX_IN_RATIO; under++) {
            long over = Math.round(ratio * under);
            if (over >= 1 && over <= MAX_IN_RATIO && Math.abs(over / (ratio * under) - 1) < RATIO_AS_GOOD) {
                BigFraction exact = before.perMinute().multiply(BigFraction.of(over, under));
                boolean playable = exact.compareTo(BigFraction.of(Tempo.MIN)) >= 0
                        && exact.compareTo(BigFraction.of(Tempo.MAX)) <= 0;
                return playable ? new Tempo(NoteValue.QUARTER, exact) : nearest(micros);
            }
        }
        return nearest(micros);
    }

    /** Returns how long a whole note lasts at the start, in seconds. */
    double secondsPerWhole() {
        return 4.0 * firstMicros / 1e6;
    }
}
