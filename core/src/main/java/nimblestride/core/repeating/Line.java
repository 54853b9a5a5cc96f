package nimblestride.core.repeating;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import nimblestride.core.groove.Stroke;
import nimblestride.core.groove.Voice;
import nimblestride.core.layer.Layer;
import nimblestride.core.layer.Pattern;
import nimblestride.core.value.NoteValue;

/**
 * The strokes of one voice over a length of time.
 *
 * @param strokes by when they come, each before the end
 * @param length how long the line is
 */
public record Line(Voice voice, NavigableMap<NoteValue, Stroke> strokes, NoteValue length) {
    /** A cycle that is not there so many times might be chance. */
    public static final int FEWEST_CYCLES = 3;

    private static final int MOST_CANDIDATES = 2_000;
    private static final int MOST_STEPS = 256;

    public Line {
        strokes = Collections.unmodifiableNavigableMap(new TreeMap<>(strokes));
        if (strokes.isEmpty() || strokes.lastKey().compareTo(length) >= 0) {
            throw new IllegalArgumentException("a line has strokes, all of them before its end");
        }
    }

    /**
     * The shortest cycle that explains the whole line, not a stroke too many or too few, and comes {@value #FEWEST_CYCLES} times or
     * more.
     */
    public Optional<NoteValue> cycle() {
        NoteValue first = strokes.firstKey();
        int tried = 0;
        for (NoteValue later : strokes.tailMap(first, false).keySet()) {
            NoteValue candidate = later.minus(first);
            if (tried++ > MOST_CANDIDATES || candidate.times(FEWEST_CYCLES).compareTo(length) > 0) {
                return Optional.empty();
            }
            if (repeatsAfter(candidate)) {
                return Optional.of(candidate);
            }
        }
        return Optional.empty();
    }

    /** Whether every stroke comes again a cycle later, and none comes then that did not before. */
    private boolean repeatsAfter(NoteValue cycle) {
        for (Map.Entry<NoteValue, Stroke> stroke : strokes.entrySet()) {
            NoteValue next = stroke.getKey().plus(cycle);
            if (next.compareTo(length) < 0 && !stroke.getValue().equals(strokes.get(next))) {
                return false;
            }
            boolean hasBefore = stroke.getKey().compareTo(strokes.firstKey().plus(cycle)) >= 0;
            if (hasBefore
                    && !stroke.getValue().equals(strokes.get(stroke.getKey().minus(cycle)))) {
                return false;
            }
        }
        return true;
    }

    /** The layer that plays the line by its shortest cycle; empty where there is none, or it has too many steps. */
    public Optional<Layer> asLayer() {
        return cycle().flatMap(this::inCycles);
    }

    private Optional<Layer> inCycles(NoteValue cycle) {
        NoteValue first = strokes.firstKey();
        List<NoteValue> within = new ArrayList<>();
        NoteValue step = cycle;
        for (NoteValue at : strokes.subMap(first, first.plus(cycle)).keySet()) {
            NoteValue offset = at.minus(first);
            within.add(offset);
            step = offset.isZero() ? step : step.greatestCommonDivisor(offset);
        }
        if (cycle.wholePartsOf(step) > MOST_STEPS) {
            return Optional.empty();
        }
        Pattern pattern = within.size() == 1 && strokes.firstEntry().getValue().equals(Stroke.NORMAL)
                ? new Pattern.Every(cycle)
                : Pattern.Cell.of(steps(first, within, step, cycle), step);
        return Optional.of(Layer.of(voice, pattern).from(first));
    }

    private List<Optional<Stroke>> steps(NoteValue first, List<NoteValue> within, NoteValue step, NoteValue cycle) {
        List<Optional<Stroke>> steps = new ArrayList<>();
        for (long i = 0; i < cycle.wholePartsOf(step); i++) {
            NoteValue at = step.times(i);
            steps.add(within.contains(at) ? Optional.of(strokes.get(first.plus(at))) : Optional.empty());
        }
        return steps;
    }
}
