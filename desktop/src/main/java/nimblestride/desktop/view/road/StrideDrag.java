package nimblestride.desktop.view.road;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.time.meter.Grouping;
import nimblestride.core.time.meter.Phrase;

/**
 * A stride's foot taken hold of: the one between two groups of a bar. Dragged, it moves units from one group to the other;
 * dragged onto the next foot, it makes one stride of two.
 *
 * @param bar the number of the bar within the phrase, from 0
 * @param sizes the groups of the bar as they were when it was taken hold of
 * @param group the group to the left of the foot, from 0
 * @param from where that group begins, in whole notes
 * @param unit the bar's unit, in whole notes
 */
record StrideDrag(int bar, List<Integer> sizes, int group, double from, double unit) {
    private static final double REACH = 7;

    /** The foot near a place on the ground line, if there is one that can be moved. */
    static Optional<StrideDrag> at(double x, RoadPicture picture, VisibleRange stretch, Phrase phrase) {
        for (RoadPicture.Stride stride : picture.strides()) {
            List<Integer> sizes = phrase.bar(stride.bar()).grouping().sizes();
            boolean inner = stride.group() + 1 < sizes.size();
            if (inner && Math.abs(stretch.x(stride.to()) - x) <= REACH) {
                int bar = ExactMath.toInt(stride.bar() % phrase.bars().size());
                return Optional.of(new StrideDrag(bar, sizes, stride.group(), stride.from(), stride.unit()));
            }
        }
        return Optional.empty();
    }

    /** The grouping with the foot at the unit nearest to a moment. */
    Grouping movedTo(double moment) {
        int both = sizes.get(group) + sizes.get(group + 1);
        int left = (int) Math.max(0, Math.min(both, Math.round((moment - from) / unit)));
        List<Integer> moved = new ArrayList<>(sizes.subList(0, group));
        if (left > 0) {
            moved.add(left);
        }
        if (left < both) {
            moved.add(both - left);
        }
        moved.addAll(sizes.subList(group + 2, sizes.size()));
        return new Grouping(moved);
    }

    /** The grouping of a bar with a foot set down at the unit nearest to a place within a stride. */
    static Optional<Grouping> split(RoadPicture.Stride stride, double moment, Phrase phrase) {
        int left = (int) Math.round((moment - stride.from()) / stride.unit());
        if (left < 1 || left >= stride.units()) {
            return Optional.empty();
        }
        List<Integer> sizes =
                new ArrayList<>(phrase.bar(stride.bar()).grouping().sizes());
        sizes.set(stride.group(), left);
        sizes.add(stride.group() + 1, stride.units() - left);
        return Optional.of(new Grouping(sizes));
    }
}
