package nimblestride.desktop.view.road;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;
import java.util.stream.IntStream;
import nimblestride.desktop.view.road.RoadLabels.Words;

/** Finds room for labels on a line, with a minimum distance between them. */
final class LabelLine {
    /** The minimum distance between two labels, in pixels. */
    static final double APART = 4;

    private final NavigableMap<Double, Words> byLeft = new TreeMap<>();

    boolean take(Words one) {
        boolean free = isFree(one);
        if (free) {
            byLeft.put(one.left(), one);
        }
        return free;
    }

    /** Places all labels, from left to right, or none. */
    void takeAll(List<Words> all) {
        boolean apart = IntStream.range(1, all.size())
                .allMatch(i -> all.get(i - 1).right() + APART <= all.get(i).left());
        if (apart && all.stream().allMatch(this::isFree)) {
            all.forEach(this::take);
        }
    }

    private boolean isFree(Words one) {
        Map.Entry<Double, Words> before = byLeft.floorEntry(one.left());
        Double after = byLeft.ceilingKey(one.left());
        return (before == null || before.getValue().right() + APART <= one.left())
                && (after == null || one.right() + APART <= after);
    }

    Collection<Words> words() {
        return byLeft.values();
    }
}
