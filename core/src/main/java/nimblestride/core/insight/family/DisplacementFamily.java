package nimblestride.core.insight.family;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.layer.crossing.Displacement;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Riff;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.CountPosition;
import nimblestride.core.time.value.NoteValue;

/** One layer at other starts: within its own cycle, or on each unit of the bar in turn. */
public final class DisplacementFamily {
    private static final int MAX = 256;

    private DisplacementFamily() {}

    /**
     * Returns every displacement of a layer within its own cycle, easiest first: on the beat, then halfway between
     * beats, then on finer divisions.
     */
    public static Family easiestFirst(Exercise exercise, int index) {
        Layer layer = exercise.layers().get(index);
        Bar bar = exercise.phrase().bars().get(0);
        NoteValue unit = Displacement.unit(layer, exercise.phrase());
        NoteValue cycle = Riff.of(layer.pattern()).map(Riff::length).orElse(bar.length());
        NoteValue beat = bar.beats().pulse();
        List<NoteValue> offsets = new ArrayList<>(steps(unit, cycle));
        offsets.sort(Comparator.comparingLong((NoteValue offset) -> depth(offset, beat))
                .thenComparing(Comparator.naturalOrder()));
        return new Family(
                "Every displacement",
                "The same figure, starting later each time: on the beats, then halfway, then in between.",
                offsets.stream()
                        .map(offset -> Family.member(
                                exercise,
                                begun(exercise, offset),
                                depthInWords(depth(offset, beat)),
                                exercise.withLayer(index, layer.withOffset(offset))))
                        .toList());
    }

    /** Returns the layer on each unit of the first bar in turn. */
    public static Family onEachUnit(Exercise exercise, int index) {
        Layer layer = exercise.layers().get(index);
        Bar bar = exercise.phrase().bars().get(0);
        return new Family(
                "On each unit in turn",
                "Start on the 1, then one unit later, and so on through the bar.",
                steps(bar.meter().unit(), bar.length()).stream()
                        .map(offset -> Family.member(
                                exercise,
                                begun(exercise, offset),
                                depthInWords(depth(offset, bar.beats().pulse())),
                                exercise.withLayer(index, layer.withOffset(offset))))
                        .toList());
    }

    private static List<NoteValue> steps(NoteValue unit, NoteValue length) {
        List<NoteValue> steps = new ArrayList<>();
        for (int i = 0; i < MAX && unit.times(i).compareTo(length) < 0; i++) {
            steps.add(unit.times(i));
        }
        return steps;
    }

    /** Returns into how many parts the beat must be cut for a place to be on one of them; 1 for the beat itself. */
    private static long depth(NoteValue offset, NoteValue beat) {
        return beat.wholePartsOf(offset.isZero() ? beat : offset.greatestCommonDivisor(beat));
    }

    private static String depthInWords(long parts) {
        return parts == 1
                ? "on the beat"
                : parts == 2 ? "halfway between beats" : "in one of " + parts + " places in the beat";
    }

    private static String begun(Exercise exercise, NoteValue offset) {
        long number = exercise.phrase().barAt(offset);
        NoteValue within = offset.minus(exercise.phrase().startOf(number));
        String place = new CountPosition(exercise.phrase().bar(number).meter(), within).toString();
        return number == 0 ? "from " + place : "from " + place + " of bar " + (number + 1);
    }
}
