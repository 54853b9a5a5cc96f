package nimblestride.core.notation.engraving;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.time.value.NoteValue;

/** Collects the marks of one line of music and tracks how high and low they reach. */
final class MarkCollector {
    private final List<Mark> marks = new ArrayList<>();
    private final List<Drawing.Spot> spots = new ArrayList<>();
    private double top;
    private double bottom;

    MarkCollector(double top, double bottom) {
        this.top = top;
        this.bottom = bottom;
    }

    void add(Mark mark) {
        marks.add(mark);
    }

    /** Notes that something reaches up or down to a y. */
    void reach(double y) {
        top = Math.min(top, y);
        bottom = Math.max(bottom, y);
    }

    double top() {
        return top;
    }

    double bottom() {
        return bottom;
    }

    void spot(int bar, NoteValue at, double x, double width, boolean struck) {
        spots.add(new Drawing.Spot(bar, at, x, 0, width, 0, struck));
    }

    /** Adds all marks of another collector above this one's, with a gap between them. */
    void stack(MarkCollector above, double gap) {
        double dy = top - gap - above.bottom;
        above.marks.forEach(mark -> marks.add(mark.movedBy(0, dy)));
        reach(above.top + dy);
    }

    /** Returns all marks, moved down so that they start at 0. */
    Drawing drawing(double width, double margin) {
        double up = -top + margin;
        double height = bottom - top + 2 * margin;
        return new Drawing(
                width,
                height,
                marks.stream().map(mark -> mark.movedBy(0, up)).toList(),
                spots.stream()
                        .map(spot -> new Drawing.Spot(
                                spot.bar(), spot.at(), spot.x(), 0, spot.width(), height, spot.struck()))
                        .toList());
    }
}
