package nimblestride.core.notation.score;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/** Cuts a row of parts into the runs that are easiest to read together. */
final class EasiestRuns {
    /** Spells the parts from one up to another; returns empty where that can't be done. */
    interface Run {
        Optional<SpelledCell> spell(int first, int end);
    }

    /** Says how much there is to read at least in the parts from one up to another, without spelling them. */
    interface LeastEffort {
        double of(int first, int end);
    }

    private EasiestRuns() {}

    /**
     * Returns the easiest spelling.
     *
     * @param parts how many there are
     * @param longest most parts in one run
     * @param least spares spelling a run that can't be easier than what was found
     */
    static Optional<SpelledCell> of(int parts, int longest, Run runs, LeastEffort least) {
        List<SpelledCell> last = new ArrayList<>();
        int[] from = new int[parts + 1];
        double[] effort = new double[parts + 1];
        last.add(null);
        for (int end = 1; end <= parts; end++) {
            last.add(null);
            for (int first = end - 1; first >= Math.max(0, end - longest); first--) {
                boolean reached = first == 0 || last.get(first) != null;
                if (!reached || last.get(end) != null && effort[first] + least.of(first, end) >= effort[end]) {
                    continue;
                }
                Optional<SpelledCell> run = runs.spell(first, end);
                if (run.isPresent()
                        && (last.get(end) == null || effort[first] + run.get().effort() < effort[end])) {
                    last.set(end, run.get());
                    from[end] = first;
                    effort[end] = effort[first] + run.get().effort();
                }
            }
        }
        if (last.get(parts) == null) {
            return Optional.empty();
        }
        List<SpelledCell> chosen = new ArrayList<>();
        for (int at = parts; at > 0; at = from[at]) {
            chosen.add(last.get(at));
        }
        Collections.reverse(chosen);
        return Optional.of(SpelledCell.joined(chosen));
    }
}
