package nimblestride.formats.picture;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.CubicCurve2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.engraving.Glyph;
import nimblestride.core.notation.engraving.Mark;
import nimblestride.formats.font.Fonts;

/** A drawing as a PNG on white. It is painted from outlines, so no face need be installed. */
public final class PngFile {
    /** The most pixels a picture may have; a larger one is drawn smaller. */
    static final double MAX_PIXELS = 64e6;

    private final Map<Glyph, Path2D> outlines = new EnumMap<>(Glyph.class);
    private final Graphics2D graphics;
    private final double space;

    private PngFile(Graphics2D graphics, double space) {
        this.graphics = graphics;
        this.space = space;
    }

    /**
     * Returns a drawing as a PNG.
     *
     * @param space a staff space in pixels
     */
    public static byte[] write(Drawing drawing, double space) {
        double pixels = drawing.width() * drawing.height() * space * space;
        double fitting = pixels > MAX_PIXELS ? space * Math.sqrt(MAX_PIXELS / pixels) : space;
        int width = Math.max(1, (int) Math.ceil(drawing.width() * fitting));
        int height = Math.max(1, (int) Math.ceil(drawing.height() * fitting));
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, width, height);
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        PngFile file = new PngFile(graphics, fitting);
        drawing.marks().forEach(file::paint);
        graphics.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", out);
        } catch (IOException e) {
            throw new UncheckedIOException("writing to memory failed", e);
        }
        return out.toByteArray();
    }

    private void paint(Mark mark) {
        graphics.setColor(PrintColors.onPaper(mark.ink()));
        if (mark instanceof Mark.Sign sign) {
            Path2D outline = outlines.computeIfAbsent(sign.glyph(), Fonts.get()::outline);
            fill(outline, sign.x(), sign.y(), sign.size());
        } else if (mark instanceof Mark.Words words) {
            String shown = PictureText.shown(words.text());
            double width = Fonts.get().width(shown, words.weight(), words.size());
            Path2D outline = Fonts.get().outline(shown, words.weight());
            fill(outline, words.x() - width * PictureText.part(words.align()), words.y(), words.size());
        } else if (mark instanceof Mark.Line line) {
            stroke(new Line2D.Double(line.x1(), line.y1(), line.x2(), line.y2()), line.thickness());
        } else if (mark instanceof Mark.Polygon polygon) {
            List<Double> at = polygon.corners();
            Path2D.Double path = new Path2D.Double();
            path.moveTo(at.get(0), at.get(1));
            for (int i = 2; i < at.size(); i += 2) {
                path.lineTo(at.get(i), at.get(i + 1));
            }
            path.closePath();
            fill(path, 0, 0, 1);
        } else if (mark instanceof Mark.Curve curve) {
            List<Double> at = curve.points();
            stroke(
                    new CubicCurve2D.Double(
                            at.get(0), at.get(1), at.get(2), at.get(3), at.get(4), at.get(5), at.get(6), at.get(7)),
                    curve.thickness());
        }
    }

    private void fill(Shape shape, double x, double y, double size) {
        AffineTransform place = AffineTransform.getScaleInstance(space, space);
        place.translate(x, y);
        place.scale(size, size);
        graphics.fill(place.createTransformedShape(shape));
    }

    private void stroke(Shape shape, double thickness) {
        graphics.setStroke(new BasicStroke((float) (thickness * space), BasicStroke.CAP_BUTT, BasicStroke.JOIN_MITER));
        graphics.draw(AffineTransform.getScaleInstance(space, space).createTransformedShape(shape));
    }
}
