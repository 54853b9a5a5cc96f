package nimblestride.core.notation.engraving;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblestride.core.time.value.NoteValue;

/**
 * A picture as drawing instructions, from 0 to its width and height.
 *
 * @param marks in the order in which they are painted
 * @param spots where notes stand that can be pointed at
 */
public record Drawing(double width, double height, List<Mark> marks, List<Spot> spots) {
    public Drawing {
        marks = List.copyOf(marks);
        spots = List.copyOf(spots);
    }

    /**
     * A place in the music on the picture.
     *
     * @param bar index of the score's written bar, from 0
     * @param at from the start of that bar, as written
     * @param struck whether a note stands there
     */
    public record Spot(int bar, NoteValue at, double x, double y, double width, double height, boolean struck) {
        /** Returns the place, moved. */
        public Spot movedBy(double dx, double dy) {
            return new Spot(bar, at, x + dx, y + dy, width, height, struck);
        }

        /** Returns the place, scaled. */
        public Spot scaledBy(double factor) {
            return new Spot(bar, at, x * factor, y * factor, width * factor, height * factor, struck);
        }

        private boolean holds(double px, double py) {
            return px >= x && px < x + width && py >= y && py < y + height;
        }
    }

    /** Returns the place at a point; empty for none. */
    public Optional<Spot> spotAt(double x, double y) {
        return spots.stream().filter(spot -> spot.holds(x, y)).findFirst();
    }

    /** Returns the drawing, scaled. */
    public Drawing scaledBy(double factor) {
        return new Drawing(
                width * factor,
                height * factor,
                marks.stream().map(mark -> mark.scaledBy(factor)).toList(),
                spots.stream().map(spot -> spot.scaledBy(factor)).toList());
    }

    /** Stacks drawings with a gap between them. */
    public static Drawing below(List<Drawing> parts, double gap) {
        List<Mark> marks = new ArrayList<>();
        List<Spot> spots = new ArrayList<>();
        double y = 0;
        double width = 0;
        for (Drawing part : parts) {
            double dy = y;
            part.marks.forEach(mark -> marks.add(mark.movedBy(0, dy)));
            part.spots.forEach(spot -> spots.add(spot.movedBy(0, dy)));
            y += part.height + gap;
            width = Math.max(width, part.width);
        }
        return new Drawing(width, Math.max(0, y - gap), marks, spots);
    }
}
