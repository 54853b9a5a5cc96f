package nimblestride.core.transcription.repetition;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.time.value.Grid;
import nimblestride.core.time.value.NoteValue;

/** Finds the cycle of a voice, from its first hit, on the grid that holds all of its hits. */
public final class CycleFinder {
    /** How often a cycle must come; fewer times might be chance. */
    public static final int MIN_TIMES = 3;

    private static final int MIN_TIMES_NEARLY = 4;
    private static final int VARIED_AT_MOST_ONE_IN = 4;
    private static final int MAX_CANDIDATES = 2_000;
    private static final int MAX_CANDIDATES_NEARLY = 128;
    private static final int MAX_STROKES_NEARLY = 20_000;

    private final VoiceLine line;
    private final Grid grid;
    /** When each hit comes after the first one. */
    private final long[] at;

    private final List<Stroke> strokes;
    /** How long the line goes on after its first hit, in units of the grid. */
    private final long length;

    private CycleFinder(VoiceLine line) {
        this.line = line;
        NoteValue first = line.strokes().firstKey();
        List<NoteValue> places = line.strokes().keySet().stream()
                .map(place -> place.minus(first))
                .toList();
        NoteValue left = line.length().minus(first);
        List<NoteValue> lengths = new ArrayList<>(places);
        lengths.add(left);
        this.grid = Grid.of(lengths);
        this.at = places.stream().mapToLong(grid::count).toArray();
        this.strokes = List.copyOf(line.strokes().values());
        this.length = grid.count(left);
    }

    /** Returns the shortest cycle that explains the whole line, with no hit too many or too few. */
    public static Optional<RepeatedCycle> exact(VoiceLine line) {
        return new CycleFinder(line).exact();
    }

    /** Returns the shortest cycle that is alike most times, with one in four varied at most. */
    public static Optional<RepeatedCycle> nearly(VoiceLine line) {
        return line.strokes().size() > MAX_STROKES_NEARLY ? Optional.empty() : new CycleFinder(line).nearly();
    }

    private Optional<RepeatedCycle> exact() {
        for (int in = 1; in < Math.min(at.length, MAX_CANDIDATES); in++) {
            if (at[in] > length / MIN_TIMES) {
                return Optional.empty();
            }
            if (repeats(in)) {
                int times = ExactMath.toInt(length / at[in]);
                NavigableMap<NoteValue, Stroke> cell = new TreeMap<>();
                for (int i = 0; i < in; i++) {
                    cell.put(grid.value(at[i]), strokes.get(i));
                }
                return Optional.of(cycle(at[in], cell, new VariantRounds(times, List.of())));
            }
        }
        return Optional.empty();
    }

    /** Returns whether every hit comes again so many hits later, a cycle later, and none is missing at the end. */
    private boolean repeats(int strokesIn) {
        long cycle = at[strokesIn];
        for (int i = 0; i < at.length; i++) {
            boolean again = i + strokesIn < at.length
                    ? at[i + strokesIn] == at[i] + cycle
                            && strokes.get(i + strokesIn).equals(strokes.get(i))
                    : at[i] + cycle >= length;
            if (!again) {
                return false;
            }
        }
        return true;
    }

    private RepeatedCycle cycle(long cycle, NavigableMap<NoteValue, Stroke> cell, VariantRounds variation) {
        return new RepeatedCycle(line.voice(), grid.value(cycle), line.strokes().firstKey(), cell, variation);
    }

    private Optional<RepeatedCycle> nearly() {
        for (int in = 1; in < Math.min(at.length, MAX_CANDIDATES_NEARLY); in++) {
            if (at[in] > length / MIN_TIMES_NEARLY) {
                return Optional.empty();
            }
            Optional<RepeatedCycle> found = nearly(at[in]);
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    /** Returns what most rounds have in common, and the rounds that differ. */
    private Optional<RepeatedCycle> nearly(long cycle) {
        int times = ExactMath.toInt(Math.min(length / cycle, MAX_STROKES_NEARLY));
        Map<Long, Map<Stroke, Integer>> heard = new HashMap<>();
        for (int i = 0; i < at.length && at[i] < times * cycle; i++) {
            heard.computeIfAbsent(at[i] % cycle, place -> new HashMap<>()).merge(strokes.get(i), 1, Integer::sum);
        }
        Map<Long, Stroke> common = new HashMap<>();
        heard.forEach((place, kinds) -> kinds.forEach((stroke, count) -> {
            if (2 * count > times) {
                common.put(place, stroke);
            }
        }));
        if (!common.containsKey(0L)) {
            return Optional.empty();
        }
        List<Integer> varied = varied(cycle, times, common);
        if (varied.isEmpty() || varied.size() * VARIED_AT_MOST_ONE_IN > times) {
            return Optional.empty();
        }
        NavigableMap<NoteValue, Stroke> cell = new TreeMap<>();
        common.forEach((place, stroke) -> cell.put(grid.value(place), stroke));
        return Optional.of(cycle(cycle, cell, new VariantRounds(times, varied)));
    }

    private List<Integer> varied(long cycle, int times, Map<Long, Stroke> common) {
        int[] alike = new int[times];
        boolean[] other = new boolean[times];
        for (int i = 0; i < at.length && at[i] < times * cycle; i++) {
            int time = (int) (at[i] / cycle);
            if (strokes.get(i).equals(common.get(at[i] % cycle))) {
                alike[time]++;
            } else {
                other[time] = true;
            }
        }
        List<Integer> varied = new ArrayList<>();
        for (int time = 0; time < times; time++) {
            if (other[time] || alike[time] < common.size()) {
                varied.add(time);
            }
        }
        return varied;
    }
}
