package nimblestride.core.notation.engraving;

import java.util.ArrayList;
import java.util.List;

/** Tiers of words above each other: what would touch its neighbour stands a tier higher. */
public final class LabelStacker {
    private final double gap;
    /** From where to where each tier is taken, the lowest first. */
    private final List<List<double[]>> taken = new ArrayList<>();

    /** @param gap between words of one tier, at the least */
    public LabelStacker(double gap) {
        this.gap = gap;
    }

    /** Takes the lowest tier that is free from one x to another, and tells which: 0 is the lowest. */
    public int take(double from, double to) {
        int tier = 0;
        while (tier < taken.size() && !isFree(tier, from, to)) {
            tier++;
        }
        if (tier == taken.size()) {
            taken.add(new ArrayList<>());
        }
        taken.get(tier).add(new double[] {from, to});
        return tier;
    }

    private boolean isFree(int tier, double from, double to) {
        return taken.get(tier).stream().noneMatch(other -> from < other[1] + gap && other[0] - gap < to);
    }

    /** How many there are. */
    public int count() {
        return taken.size();
    }
}
