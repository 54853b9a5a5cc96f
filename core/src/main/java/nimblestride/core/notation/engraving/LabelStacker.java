package nimblestride.core.notation.engraving;

import java.util.ArrayList;
import java.util.List;

/** Stacks labels in tiers: a label that would touch its neighbor goes a tier higher. */
public final class LabelStacker {
    private final double gap;
    /** The ranges taken in each tier, lowest tier first. */
    private final List<List<double[]>> taken = new ArrayList<>();

    /** @param gap least distance of labels in one tier */
    public LabelStacker(double gap) {
        this.gap = gap;
    }

    /** Takes the lowest tier that is free from one x to another, and returns it: 0 is the lowest. */
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

    /** Returns how many tiers there are. */
    public int count() {
        return taken.size();
    }
}
