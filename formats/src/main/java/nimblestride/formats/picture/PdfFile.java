package nimblestride.formats.picture;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import nimblestride.core.engraving.Drawing;
import nimblestride.core.engraving.Mark;
import nimblestride.core.engraving.Mark.Weight;
import nimblestride.formats.face.Faces;
import org.apache.fontbox.ttf.OTFParser;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** Drawings as the pages of a PDF, each its own size, with the faces embedded and all words as text. */
public final class PdfFile {
    private static final float MUSIC_EM = 4;

    private final PDDocument document;
    private final double space;
    private final Map<Weight, PDFont> text = new EnumMap<>(Weight.class);
    private final PDFont music;

    private PdfFile(PDDocument document, double space) throws IOException {
        this.document = document;
        this.space = space;
        for (Weight weight : Weight.values()) {
            TrueTypeFont face = new TTFParser().parse(new RandomAccessReadBuffer(Faces.textFile(weight)));
            // Words were measured letter by letter; looking for ligatures would take most of the time, too.
            face.setEnableGsub(false);
            text.put(weight, PDType0Font.load(document, face, true));
        }
        // A face with PostScript outlines can only be embedded whole.
        TrueTypeFont signs = new OTFParser().parse(new RandomAccessReadBuffer(Faces.musicFile()));
        signs.setEnableGsub(false);
        music = PDType0Font.load(document, signs, false);
    }

    /**
     * The bytes of the file.
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
            out.setNonStrokingColor(Inks.onPaper(mark.ink()));
            out.setStrokingColor(Inks.onPaper(mark.ink()));
            if (mark instanceof Mark.Sign sign) {
                show(music, sign.size() * MUSIC_EM, sign.glyph().text(), sign.x(), sign.y());
            } else if (mark instanceof Mark.Words words) {
                String shown = Words.shown(words.text());
                double width = Faces.get().width(shown, words.weight(), words.size());
                double left = words.x() - width * Words.part(words.align());
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
}
