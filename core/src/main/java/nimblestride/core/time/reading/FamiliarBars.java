package nimblestride.core.time.reading;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.time.meter.Grouping;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.value.NoteName;
import nimblestride.core.time.value.NoteValue;

/** Reads a bar as a familiar one with units added at the end or removed. */
final class FamiliarBars {
    /** The familiar bars, best known first, and what they are felt in (common practice). */
    private static final List<Familiar> KNOWN = List.of(
            new Familiar(Meter.of(4, 4), NoteValue.QUARTER),
            new Familiar(Meter.of(12, 8), NoteValue.of(3, 8)),
            new Familiar(Meter.of(3, 4), NoteValue.QUARTER),
            new Familiar(Meter.of(6, 8), NoteValue.of(3, 8)),
            new Familiar(Meter.of(2, 4), NoteValue.QUARTER));

    private record Familiar(Meter meter, NoteValue beat) {}

    private final Meter meter;
    private final NoteValue unit;
    private final int units;

    FamiliarBars(Meter meter) {
        this.meter = meter;
        this.unit = meter.unit();
        this.units = meter.units();
    }

    List<Reading> readings() {
        List<Reading> readings = new ArrayList<>();
        for (int rank = 0; rank < KNOWN.size(); rank++) {
            Familiar known = KNOWN.get(rank);
            if (!known.beat.isMultipleOf(unit) || known.beat.equals(unit)) {
                continue;
            }
            int bar = ExactMath.toInt(known.meter.length().wholePartsOf(unit));
            int beat = ExactMath.toInt(known.beat.wholePartsOf(unit));
            int fewer = units / bar;
            for (int bars = Math.max(1, fewer); bars <= fewer + 1; bars++) {
                int more = units - bars * bar;
                if (Math.abs(more) <= beat && -more * 2 < bar) {
                    readings.add(reading(known, bars, bar, beat, more, rank));
                }
            }
        }
        return readings;
    }

    private Reading reading(Familiar known, int bars, int bar, int beat, int more, int rank) {
        List<Integer> groups = new ArrayList<>();
        for (int i = 0; i < bars * bar / beat; i++) {
            groups.add(beat);
        }
        if (more == 1) {
            groups.set(groups.size() - 1, beat + 1);
        } else if (more > 1) {
            groups.add(more);
        } else if (more == -beat) {
            groups.remove(groups.size() - 1);
        } else if (more < 0) {
            groups.set(groups.size() - 1, beat + more);
        }
        String base = bars == 1 ? known.meter.toString() : GroupRunWords.number(bars) + " bars of " + known.meter;
        String why = more == 0
                ? base + ", no more and no less"
                : base + " with " + amount(Math.abs(more)) + (more > 0 ? " added" : " taken off");
        long effort = GroupingEffort.of(groups) + 2L * Math.abs(more) + rank + bars - 1;
        return new Reading(
                new Grouping(groups), ReadingApproach.FAMILIAR, why, written(known, bars, bar, more), effort);
    }

    private String amount(int count) {
        NoteValue value = unit.times(count);
        return count == 1 || NoteName.of(value).isPresent()
                ? NoteName.one(value)
                : GroupRunWords.number(count) + " " + NoteName.sayMany(unit);
    }

    /**
     * Returns bars of the familiar meter, and one for what is left; a single bar that is only cut short stays one.
     */
    private List<Meter> written(Familiar known, int bars, int bar, int more) {
        List<Meter> written = new ArrayList<>();
        int whole = more < 0 ? bars - 1 : bars;
        for (int i = 0; i < whole; i++) {
            written.add(known.meter);
        }
        int left = units - whole * bar;
        if (whole == 0) {
            return List.of(meter);
        }
        if (left > 0) {
            written.add(Meter.of(left, ExactMath.toInt(unit.denominator())));
        }
        return written;
    }
}
