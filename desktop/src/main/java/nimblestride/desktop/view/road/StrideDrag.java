package nimblestride.desktop.view.road;

import java.util.List;
import java.util.Optional;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.time.meter.Grouping;
import nimblestride.core.time.meter.Phrase;

/**
 * A drag of a stride's foot, the one between two groups of a bar. Dragging moves units from one group to the other;
 * dragging onto the next foot joins two strides.
 *
 * @param bar its number within the phrase, from 0
 * @param grouping of the bar at the start of the drag
 * @param group the group left of the foot, from 0
 * @param from where that group begins, in whole notes
 * @param unit the bar's unit, in whole notes
 */
record StrideDrag(int bar, Grouping grouping, int group, double from, double unit) {
    private static final double REACH = 7;

    /** Returns the drag that starts near a place on the ground line, if a movable foot is there. */
    static Optional<StrideDrag> at(double x, RoadPicture picture, VisibleRange stretch, Phrase phrase) {
        for (RoadPicture.Stride stride : picture.strides()) {
            Grouping grouping = phrase.bar(stride.bar()).grouping();
            boolean inner = stride.group() + 1 < grouping.sizes().size();
            if (inner && Math.abs(stretch.x(stride.to()) - x) <= REACH) {
                int bar = ExactMath.toInt(stride.bar() % phrase.bars().size());
                return Optional.of(new StrideDrag(bar, grouping, stride.group(), stride.from(), stride.unit()));
            }
        }
        return Optional.empty();
    }

    /** Returns the grouping with the foot at the unit nearest to a moment. */
    Grouping movedTo(double moment) {
        int both = grouping.sizes().get(group) + grouping.sizes().get(group + 1);
        int left = (int) Math.max(0, Math.min(both, Math.round((moment - from) / unit)));
        return grouping.replacing(group + 1, group(both - left)).replacing(group, group(left));
    }

    private static List<Integer> group(int units) {
        return units == 0 ? List.of() : List.of(units);
    }

    /** Returns the grouping of a bar with a new foot at the unit nearest to a place within a stride. */
    static Optional<Grouping> split(RoadPicture.Stride stride, double moment, Phrase phrase) {
        int left = (int) Math.round((moment - stride.from()) / stride.unit());
        if (left < 1 || left >= stride.units()) {
            return Optional.empty();
        }
        return Optional.of(
                phrase.bar(stride.bar()).grouping().replacing(stride.group(), List.of(left, stride.units() - left)));
    }
}
