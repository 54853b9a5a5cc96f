package nimblestride.core.time.reading;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import nimblestride.core.time.meter.Meter;

/** Finds the lists of known bars that a grouping can be written as, best known first. */
final class WaysToWrite {
    private static final int MAX_WAYS = 5;
    private static final int MAX_GROUPS = 64;
    private static final int MAX_BARS = 8;

    private final List<BarToken> tokens;
    private final List<Integer> groups;

    /** A bar and what follows it; the end of the groups has none. */
    private record Way(BarToken first, Way rest, int bars, long cost) {
        private static final Way END = new Way(null, null, 0, 0);

        Way after(BarToken bar) {
            boolean again = first != null && first.isSameBarAs(bar);
            long more = again ? ReadingEffort.SAME_BAR : bar.bar().cost() + ReadingEffort.ANOTHER_BAR;
            return new Way(bar, this, bars + 1, cost + more);
        }

        List<Meter> meters() {
            List<Meter> meters = new ArrayList<>();
            for (Way way = this; way.first != null; way = way.rest) {
                meters.add(way.first.bar().meter());
            }
            return meters;
        }
    }

    private WaysToWrite(List<BarToken> tokens, List<Integer> groups) {
        this.tokens = tokens;
        this.groups = groups;
    }

    /**
     * Returns the ways to write groups.
     *
     * @param tokens bars in the unit of the groups
     */
    static List<List<Meter>> of(List<BarToken> tokens, List<Integer> groups) {
        return groups.size() > MAX_GROUPS ? List.of() : new WaysToWrite(tokens, groups).find();
    }

    private List<List<Meter>> find() {
        List<List<Way>> from = new ArrayList<>(Collections.nCopies(groups.size() + 1, List.of()));
        from.set(groups.size(), List.of(Way.END));
        for (int place = groups.size() - 1; place >= 0; place--) {
            List<Way> here = new ArrayList<>();
            for (BarToken bar : tokens) {
                if (standsAt(place, bar.groups())) {
                    for (Way way : from.get(place + bar.groups().size())) {
                        if (way.bars < MAX_BARS) {
                            keepBest(way.after(bar), here);
                        }
                    }
                }
            }
            from.set(place, here);
        }
        return from.get(0).stream().map(Way::meters).toList();
    }

    private static void keepBest(Way way, List<Way> best) {
        int place = best.size();
        while (place > 0 && best.get(place - 1).cost > way.cost) {
            place--;
        }
        if (place < MAX_WAYS) {
            best.add(place, way);
            if (best.size() > MAX_WAYS) {
                best.remove(MAX_WAYS);
            }
        }
    }

    private boolean standsAt(int place, List<Integer> bar) {
        if (place + bar.size() > groups.size()) {
            return false;
        }
        for (int i = 0; i < bar.size(); i++) {
            if (!groups.get(place + i).equals(bar.get(i))) {
                return false;
            }
        }
        return true;
    }
}
