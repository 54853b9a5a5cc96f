package nimblestride.formats.picture;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.engraving.Mark;
import nimblestride.core.notation.engraving.Mark.Align;
import nimblestride.formats.font.Fonts;

/**
 * The paper a mark covers, in staff spaces, y down: signs by their outlines in the music face, words by the widths of their letters
 * and the height of a capital, beams as they are.
 *
 * @param box about the shape
 */
record Covered(Mark mark, Shape shape, Rectangle2D box) {
    /** Of Lato's em, by its own table. */
    private static final double CAPITAL = 0.72;

    /** Heads on both sides of a stem share its thickness, and the digits of a signature touch. */
    private static final double TOUCHING = 0.13;

    /** How thin an upright line is that belongs to notes: a stem. */
    private static final double STEM = Fonts.get().music().lines().stem();

    private static final double BRACKET = Fonts.get().music().lines().tupletBracket();

    /** Of all signs, words, stems, brackets and beams of a picture. Other lines and ties join or cross others, and are left out. */
    private static List<Covered> by(Drawing drawing) {
        List<Covered> all = new ArrayList<>();
        drawing.marks().forEach(mark -> shape(mark)
                .ifPresent(shape -> all.add(new Covered(mark, shape, shape.getBounds2D()))));
        return all;
    }

    /** What is wrong with a picture, in words: what lies on something else, or not on the paper. */
    static List<String> faults(Drawing drawing) {
        List<String> faults = new ArrayList<>();
        List<Covered> all = by(drawing);
        for (int i = 0; i < all.size(); i++) {
            Covered one = all.get(i);
            if (!one.isOn(drawing)) {
                faults.add(one + " is not on the paper, " + drawing.width() + " by " + drawing.height());
            }
            all.subList(i + 1, all.size()).stream()
                    .filter(one::isNear)
                    .filter(other -> !(one.isOnTheRoad() && other.isOnTheRoad()))
                    .filter(other -> !one.belongsTo(other))
                    .filter(other -> one.on(other) > one.touching(other))
                    .forEach(other -> faults.add(one + " lies on " + other));
        }
        return faults;
    }

    private static Optional<Shape> shape(Mark mark) {
        if (mark instanceof Mark.Sign sign) {
            AffineTransform place = new AffineTransform(sign.size(), 0, 0, sign.size(), sign.x(), sign.y());
            return Optional.of(Fonts.get().outline(sign.glyph()).createTransformedShape(place));
        }
        if (mark instanceof Mark.Words words) {
            return Optional.of(about(words));
        }
        if (mark instanceof Mark.Line line && (isStem(line) || isBracket(line))) {
            Rectangle2D along = new Rectangle2D.Double(line.x1(), line.y1(), 0, 0);
            along.add(line.x2(), line.y2());
            double half = line.thickness() / 2;
            return Optional.of(
                    isStem(line)
                            ? new Rectangle2D.Double(along.getX() - half, along.getY(), 2 * half, along.getHeight())
                            : new Rectangle2D.Double(along.getX(), along.getY() - half, along.getWidth(), 2 * half));
        }
        return mark instanceof Mark.Polygon polygon ? Optional.of(path(polygon.corners())) : Optional.empty();
    }

    private static boolean isStem(Mark.Line line) {
        return line.x1() == line.x2() && Math.abs(line.thickness() - STEM) < 1e-9;
    }

    /** The bracket of a tuplet; leger lines and the frames of rehearsal marks are as thick. */
    private static boolean isBracket(Mark.Line line) {
        return line.y1() == line.y2() && Math.abs(line.thickness() - BRACKET) < 1e-9;
    }

    /** Heads, flags, and beams are on their stems, and what is signed through a stem. */
    private boolean belongsTo(Covered other) {
        if (!(mark instanceof Mark.Line) && !(other.mark instanceof Mark.Line)) {
            return false;
        }
        Mark on = mark instanceof Mark.Line ? other.mark : mark;
        return on instanceof Mark.Polygon
                || on instanceof Mark.Line
                || (on instanceof Mark.Sign sign
                        && List.of("notehead", "flag", "buzz").stream()
                                .anyMatch(sign.glyph().smuflName()::startsWith)
                        && !sign.glyph().smuflName().contains("Parenthesis"));
    }

    private static Rectangle2D about(Mark.Words words) {
        double width = Fonts.get().width(words.text(), words.weight(), words.size());
        double height = CAPITAL * words.size();
        double before = words.align() == Align.START ? 0 : words.align() == Align.MIDDLE ? width / 2 : width;
        return new Rectangle2D.Double(words.x() - before, words.y() - height, width, height);
    }

    private static Path2D path(List<Double> corners) {
        Path2D path = new Path2D.Double();
        path.moveTo(corners.get(0), corners.get(1));
        for (int i = 2; i < corners.size(); i += 2) {
            path.lineTo(corners.get(i), corners.get(i + 1));
        }
        path.closePath();
        return path;
    }

    /** The strokes on the Road, diamonds, come as close as they are played. */
    private boolean isOnTheRoad() {
        return mark instanceof Mark.Polygon polygon
                && polygon.corners().get(1).doubleValue() != polygon.corners().get(3);
    }

    /** Whether the boxes share more than ink may: the others need not be compared. */
    private boolean isNear(Covered other) {
        double width = Math.min(box.getMaxX(), other.box.getMaxX()) - Math.max(box.getMinX(), other.box.getMinX());
        double height = Math.min(box.getMaxY(), other.box.getMaxY()) - Math.max(box.getMinY(), other.box.getMinY());
        return Math.min(width, height) > touching(other);
    }

    /** How thick the ink is that lies on the other's: the lesser of its width and height; 0 where none does. */
    private double on(Covered other) {
        Area both = new Area(shape);
        both.intersect(new Area(other.shape));
        return Math.min(both.getBounds2D().getWidth(), both.getBounds2D().getHeight());
    }

    /** A stem is no thicker than what others may share. */
    private double touching(Covered other) {
        return mark instanceof Mark.Line || other.mark instanceof Mark.Line ? STEM / 2 : TOUCHING;
    }

    private boolean isOn(Drawing drawing) {
        return box.getMinX() > -TOUCHING
                && box.getMinY() > -TOUCHING
                && box.getMaxX() < drawing.width() + TOUCHING
                && box.getMaxY() < drawing.height() + TOUCHING;
    }

    @Override
    public String toString() {
        String what = mark instanceof Mark.Sign sign
                ? sign.glyph().smuflName()
                : mark instanceof Mark.Words words
                        ? "'" + words.text() + "'"
                        : mark instanceof Mark.Line line ? (isStem(line) ? "a stem" : "a bracket") : "a beam";
        return "%s at %.2f %.2f, %.2f by %.2f"
                .formatted(what, box.getMinX(), box.getMinY(), box.getWidth(), box.getHeight());
    }
}
