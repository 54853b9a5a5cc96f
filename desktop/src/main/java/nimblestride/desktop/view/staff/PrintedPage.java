package nimblestride.desktop.view.staff;

import java.util.List;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.paint.Color;
import javafx.scene.shape.CubicCurve;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.text.Text;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.engraving.Mark;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.look.Typefaces;

/** Draws a page as shapes and glyphs, which a printer renders at full sharpness. */
public final class PrintedPage extends Group {
    private static final double MUSIC_EM = 4;

    /** @param space a staff space in points, 1/72 inch */
    public PrintedPage(Drawing page, double space) {
        for (Mark mark : page.marks()) {
            getChildren().add(node(mark, space));
        }
    }

    private static Node node(Mark mark, double space) {
        Color color = ScreenColors.of(mark.ink(), Palette.DAY);
        if (mark instanceof Mark.Sign sign) {
            Text text =
                    new Text(sign.x() * space, sign.y() * space, sign.glyph().text());
            text.setFont(Typefaces.music(sign.size() * MUSIC_EM * space));
            text.setFill(color);
            return text;
        }
        if (mark instanceof Mark.Words words) {
            Text text = new Text(CanvasPainter.left(words) * space, words.y() * space, words.text());
            text.setFont(CanvasPainter.textFont(words.weight(), words.size() * space));
            text.setFill(color);
            return text;
        }
        if (mark instanceof Mark.Line line) {
            Line shape = new Line(line.x1() * space, line.y1() * space, line.x2() * space, line.y2() * space);
            shape.setStrokeWidth(line.thickness() * space);
            shape.setStrokeLineCap(StrokeLineCap.BUTT);
            shape.setStroke(color);
            return shape;
        }
        if (mark instanceof Mark.Polygon polygon) {
            Polygon shape = new Polygon();
            polygon.corners().forEach(corner -> shape.getPoints().add(corner * space));
            shape.setFill(color);
            return shape;
        }
        List<Double> at = ((Mark.Curve) mark).points();
        CubicCurve shape = new CubicCurve(
                at.get(0) * space,
                at.get(1) * space,
                at.get(2) * space,
                at.get(3) * space,
                at.get(4) * space,
                at.get(5) * space,
                at.get(6) * space,
                at.get(7) * space);
        shape.setFill(null);
        shape.setStroke(color);
        shape.setStrokeWidth(((Mark.Curve) mark).thickness() * space);
        return shape;
    }
}
