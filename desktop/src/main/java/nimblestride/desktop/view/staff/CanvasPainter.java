package nimblestride.desktop.view.staff;

import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.engraving.Mark;
import nimblestride.core.notation.engraving.Mark.Align;
import nimblestride.core.notation.engraving.Mark.Weight;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.look.Typefaces;
import nimblestride.formats.font.Fonts;

/** Paints a drawing on a canvas. */
final class CanvasPainter {
    private static final double MUSIC_EM = 4;

    private final GraphicsContext graphics;
    private final Palette palette;
    private final double space;

    /** @param space a staff space in pixels */
    CanvasPainter(GraphicsContext graphics, Palette palette, double space) {
        this.graphics = graphics;
        this.palette = palette;
        this.space = space;
    }

    void paint(Drawing drawing, double left, double top) {
        graphics.save();
        graphics.translate(left, top);
        graphics.setTextBaseline(VPos.BASELINE);
        graphics.setTextAlign(TextAlignment.LEFT);
        graphics.setLineCap(StrokeLineCap.BUTT);
        drawing.marks().forEach(this::paint);
        graphics.restore();
    }

    private void paint(Mark mark) {
        graphics.setFill(ScreenColors.of(mark.ink(), palette));
        graphics.setStroke(ScreenColors.of(mark.ink(), palette));
        if (mark instanceof Mark.Sign sign) {
            graphics.setFont(Typefaces.music(sign.size() * MUSIC_EM * space));
            graphics.fillText(sign.glyph().text(), sign.x() * space, sign.y() * space);
        } else if (mark instanceof Mark.Words words) {
            graphics.setFont(textFont(words.weight(), words.size() * space));
            graphics.fillText(words.text(), left(words) * space, words.y() * space);
        } else if (mark instanceof Mark.Line line) {
            graphics.setLineWidth(Math.max(0.6, line.thickness() * space));
            graphics.strokeLine(line.x1() * space, line.y1() * space, line.x2() * space, line.y2() * space);
        } else if (mark instanceof Mark.Polygon polygon) {
            List<Double> at = polygon.corners();
            double[] xs = new double[at.size() / 2];
            double[] ys = new double[xs.length];
            for (int i = 0; i < xs.length; i++) {
                xs[i] = at.get(2 * i) * space;
                ys[i] = at.get(2 * i + 1) * space;
            }
            graphics.fillPolygon(xs, ys, xs.length);
        } else if (mark instanceof Mark.Curve curve) {
            List<Double> at = curve.points();
            graphics.setLineWidth(Math.max(0.6, curve.thickness() * space));
            graphics.beginPath();
            graphics.moveTo(at.get(0) * space, at.get(1) * space);
            graphics.bezierCurveTo(
                    at.get(2) * space,
                    at.get(3) * space,
                    at.get(4) * space,
                    at.get(5) * space,
                    at.get(6) * space,
                    at.get(7) * space);
            graphics.stroke();
        }
    }

    /** Returns where words begin, as measured when the drawing was made. */
    static double left(Mark.Words words) {
        double part = words.align() == Align.START ? 0 : words.align() == Align.MIDDLE ? 0.5 : 1;
        return part == 0 ? words.x() : words.x() - part * Fonts.get().width(words.text(), words.weight(), words.size());
    }

    static Font textFont(Weight weight, double size) {
        return switch (weight) {
            case REGULAR -> Typefaces.text(size);
            case BOLD -> Typefaces.bold(size);
            case ITALIC -> Typefaces.italic(size);
        };
    }
}
