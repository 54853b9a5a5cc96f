package nimblestride.core.notation.score;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** Finds the place on the page that is playing. */
public final class ScorePosition {
    private final List<Integer> order;
    private final double[] starts;

    /**
     * A place on the page.
     *
     * @param bar index of the written bar, from 0
     * @param at whole notes after its start
     */
    public record Here(int bar, double at) {}

    /** @param score whose notes last as long as they are written */
    public ScorePosition(Score score) {
        order = score.playedOrder();
        starts = new double[order.size() + 1];
        for (int i = 0; i < order.size(); i++) {
            double length = score.bars().get(order.get(i)).bar().length().toDouble();
            starts[i + 1] = starts[i] + length;
        }
    }

    /**
     * Returns where a reader is.
     *
     * @param moment in whole notes from the start; goes back to the start at the end
     */
    public Optional<Here> at(double moment) {
        double end = starts[order.size()];
        if (moment < 0 || Double.isNaN(moment)) {
            return Optional.empty();
        }
        double within = moment % end;
        int found = Arrays.binarySearch(starts, within);
        int index = Math.min(order.size() - 1, found >= 0 ? found : -found - 2);
        return Optional.of(new Here(order.get(index), within - starts[index]));
    }
}
