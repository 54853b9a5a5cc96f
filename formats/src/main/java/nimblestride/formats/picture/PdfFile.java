package nimblestride.formats.picture;

import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.engraving.Glyph;
import nimblestride.core.notation.engraving.Mark;
import nimblestride.core.notation.engraving.Mark.Weight;
import nimblestride.formats.font.Fonts;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.util.Matrix;

/**
 * Drawings as the pages of a PDF, each its own size. Words are text in embedded faces, of which only the letters that are used come
 * along. Music signs are outlines, each drawn once in the file and placed wherever it stands: their face has PostScript outlines,
 * which can be embedded only whole.
 */
public final class PdfFile {
    private final PDDocument document;
    private final double space;
    private final Map<Weight, PDFont> text = new EnumMap<>(Weight.class);
    private final Map<Glyph, PDFormXObject> signs = new EnumMap<>(Glyph.class);

    private PdfFile(PDDocument document, double space) throws IOException {
        this.document = document;
        this.space = space;
        for (Weight weight : Weight.values()) {
            TrueTypeFont face = new TTFParser().parse(new RandomAccessReadBuffer(Fonts.textFile(weight)));
            // Words were measured letter by letter; looking for ligatures would take most of the time, too.
            face.setEnableGsub(false);
            text.put(weight, PDType0Font.load(document, face, true));
        }
    }

    /**
     * Returns the pages as a PDF.
     *
     * @param title of the document
     * @param space a staff space in points, 1/72 inch
     */
    public static byte[] write(String title, List<Drawing> pages, double space) {
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle(title);
            document.getDocumentInformation().setProducer("Nimble Stride");
            document.getDocumentCatalog().setLanguage(Locale.ENGLISH.toLanguageTag());
            PdfFile file = new PdfFile(document, space);
            for (Drawing page : pages) {
                file.page(page);
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException("writing to memory failed", e);
        }
    }

    private void page(Drawing drawing) throws IOException {
        PDPage page =
                new PDPage(new PDRectangle((float) (drawing.width() * space), (float) (drawing.height() * space)));
        document.addPage(page);
        try (PDPageContentStream out = new PDPageContentStream(document, page)) {
            for (Mark mark : drawing.marks()) {
                new Painter(out, drawing.height()).paint(mark);
            }
        }
    }

    private final class Painter {
        private final PDPageContentStream out;
        private final double height;

        Painter(PDPageContentStream out, double height) {
            this.out = out;
            this.height = height;
        }

        private float x(double x) {
            return (float) (x * space);
        }

        private float y(double y) {
            return (float) ((height - y) * space);
        }

        void paint(Mark mark) throws IOException {
            out.setNonStrokingColor(PrintColors.onPaper(mark.ink()));
            out.setStrokingColor(PrintColors.onPaper(mark.ink()));
            if (mark instanceof Mark.Sign sign) {
                place(sign);
            } else if (mark instanceof Mark.Words words) {
                String shown = PictureText.shown(words.text());
                double width = Fonts.get().width(shown, words.weight(), words.size());
                double left = words.x() - width * PictureText.part(words.align());
                show(text.get(words.weight()), words.size(), shown, left, words.y());
            } else if (mark instanceof Mark.Line line) {
                out.setLineWidth((float) (line.thickness() * space));
                out.moveTo(x(line.x1()), y(line.y1()));
                out.lineTo(x(line.x2()), y(line.y2()));
                out.stroke();
            } else if (mark instanceof Mark.Polygon polygon) {
                List<Double> at = polygon.corners();
                out.moveTo(x(at.get(0)), y(at.get(1)));
                for (int i = 2; i < at.size(); i += 2) {
                    out.lineTo(x(at.get(i)), y(at.get(i + 1)));
                }
                out.closePath();
                out.fill();
            } else if (mark instanceof Mark.Curve curve) {
                List<Double> at = curve.points();
                out.setLineWidth((float) (curve.thickness() * space));
                out.moveTo(x(at.get(0)), y(at.get(1)));
                out.curveTo(x(at.get(2)), y(at.get(3)), x(at.get(4)), y(at.get(5)), x(at.get(6)), y(at.get(7)));
                out.stroke();
            }
        }

        private void place(Mark.Sign sign) throws IOException {
            double scale = sign.size() * space;
            out.saveGraphicsState();
            out.transform(new Matrix((float) scale, 0, 0, (float) scale, x(sign.x()), y(sign.y())));
            out.drawForm(form(sign.glyph()));
            out.restoreGraphicsState();
        }

        private void show(PDFont font, double size, String shown, double x, double y) throws IOException {
            if (shown.isEmpty()) {
                return;
            }
            out.beginText();
            out.setFont(font, (float) (size * space));
            out.newLineAtOffset(x(x), y(y));
            out.showText(shown);
            out.endText();
        }
    }

    /** Returns a glyph as a form, in staff spaces, upright, in the color current where it is placed. */
    private PDFormXObject form(Glyph glyph) throws IOException {
        PDFormXObject known = signs.get(glyph);
        if (known != null) {
            return known;
        }
        Path2D outline = Fonts.get().outline(glyph);
        Rectangle2D bounds = outline.getBounds2D();
        PDFormXObject form = new PDFormXObject(document);
        form.setResources(new PDResources());
        form.setBBox(
                new PDRectangle((float) bounds.getMinX(), (float) -bounds.getMaxY(), (float) bounds.getWidth(), (float)
                        bounds.getHeight()));
        try (OutputStream content = form.getStream().createOutputStream(COSName.FLATE_DECODE)) {
            content.write(path(outline).getBytes(StandardCharsets.US_ASCII));
        }
        signs.put(glyph, form);
        return form;
    }

    /** Returns an outline as PDF path operators, y upward. The font's curves are cubic, as PDF's are. */
    private static String path(Path2D outline) {
        StringBuilder text = new StringBuilder();
        double[] at = new double[6];
        for (PathIterator i = outline.getPathIterator(null); !i.isDone(); i.next()) {
            switch (i.currentSegment(at)) {
                case PathIterator.SEG_MOVETO -> points(text, "m", at, 2);
                case PathIterator.SEG_LINETO -> points(text, "l", at, 2);
                case PathIterator.SEG_CUBICTO -> points(text, "c", at, 6);
                case PathIterator.SEG_CLOSE -> text.append("h\n");
                default -> throw new IllegalStateException("the music face has a curve that is not cubic");
            }
        }
        return text.append("f\n").toString();
    }

    private static void points(StringBuilder text, String operator, double[] at, int count) {
        for (int k = 0; k < count; k++) {
            text.append(String.format(Locale.ROOT, "%.4f ", k % 2 == 0 ? at[k] : -at[k]));
        }
        text.append(operator).append('\n');
    }
}
