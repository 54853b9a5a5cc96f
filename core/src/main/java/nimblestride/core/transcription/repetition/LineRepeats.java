package nimblestride.core.transcription.repetition;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import nimblestride.core.time.value.Grid;
import nimblestride.core.time.value.NoteValue;

/** How many hits of a line come again after each whole number of sixteenths. */
final class LineRepeats {
    private static final NoteValue SIXTEENTH = NoteValue.of(1, 16);

    private final int hits;
    /** The share of the hits that come again, by sixteenths. */
    private final double[] shares;

    private final double byChance;

    /**
     * Counts in whole units, which is much faster than in note values.
     *
     * @param from when the first hit of all lines comes
     * @param longest the most sixteenths
     */
    LineRepeats(VoiceLine line, NoteValue from, int longest) {
        List<NoteValue> places =
                line.strokes().keySet().stream().map(place -> place.minus(from)).toList();
        NoteValue length = line.length().minus(from);
        List<NoteValue> measured = new ArrayList<>(places);
        measured.add(length);
        measured.add(SIXTEENTH);
        Grid grid = Grid.of(measured);
        Map<Long, Boolean> accents = new HashMap<>();
        line.strokes()
                .forEach((place, stroke) -> accents.put(
                        grid.count(place.minus(from)), stroke.level().isAccent()));
        long sixteenth = grid.count(SIXTEENTH);
        this.hits = places.size();
        this.shares = new double[longest + 1];
        for (int sixteenths = 1; sixteenths <= longest; sixteenths++) {
            shares[sixteenths] = share(accents, sixteenths * sixteenth, grid.count(length));
        }
        this.byChance = average(pulse(places));
    }

    /** Returns how many of the hits that could repeat so much later do, and were there before. */
    private static double share(Map<Long, Boolean> accents, long later, long length) {
        int could = 0;
        int does = 0;
        for (Map.Entry<Long, Boolean> hit : accents.entrySet()) {
            long next = hit.getKey() + later;
            if (next < length) {
                could++;
                does += hit.getValue().equals(accents.get(next)) ? 1 : 0;
            }
            long before = hit.getKey() - later;
            if (before >= 0) {
                could++;
                does += hit.getValue().equals(accents.get(before)) ? 1 : 0;
            }
        }
        return could == 0 ? 0 : (double) does / could;
    }

    /** Returns the line's own pulse, in sixteenths: 1 where it is no whole number of them. */
    private static int pulse(List<NoteValue> places) {
        NoteValue pulse = places.stream()
                .filter(place -> !place.isZero())
                .reduce(NoteValue::greatestCommonDivisor)
                .orElse(SIXTEENTH);
        return pulse.isMultipleOf(SIXTEENTH) ? (int) Math.min(Integer.MAX_VALUE, pulse.wholePartsOf(SIXTEENTH)) : 1;
    }

    private double average(int step) {
        double sum = 0;
        int count = 0;
        for (long sixteenths = step; sixteenths < shares.length; sixteenths += step) {
            sum += shares[(int) sixteenths];
            count++;
        }
        return count == 0 ? 0 : sum / count;
    }

    /** Returns how many hits there are. */
    int hits() {
        return hits;
    }

    /** Returns the share of the hits that come again after some sixteenths, from 0 to 1. */
    double after(int sixteenths) {
        return shares[sixteenths];
    }

    /** Returns the share that chance explains: the average over all multiples of the line's pulse. */
    double byChance() {
        return byChance;
    }
}
