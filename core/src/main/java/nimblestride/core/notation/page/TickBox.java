package nimblestride.core.notation.page;

import java.util.List;
import nimblestride.core.notation.engraving.Ink;
import nimblestride.core.notation.engraving.Mark;
import nimblestride.core.notation.engraving.Mark.Line;

/** A box to tick on paper. */
final class TickBox {
    /** Its side, in staff spaces. */
    static final double SIDE = 2.2;

    private static final double THICKNESS = 0.12;

    private TickBox() {}

    /** Returns its four sides. */
    static List<Mark> at(double left, double top) {
        double right = left + SIDE;
        double bottom = top + SIDE;
        return List.of(
                new Line(left, top, right, top, THICKNESS, Ink.INK),
                new Line(left, bottom, right, bottom, THICKNESS, Ink.INK),
                new Line(left, top, left, bottom, THICKNESS, Ink.INK),
                new Line(right, top, right, bottom, THICKNESS, Ink.INK));
    }
}
