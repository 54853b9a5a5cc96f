package nimblestride.formats.picture;

import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.io.StringWriter;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import nimblestride.core.foundation.words.PlainText;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.engraving.Glyph;
import nimblestride.core.notation.engraving.Ink;
import nimblestride.core.notation.engraving.Mark;
import nimblestride.core.notation.engraving.Mark.Weight;
import nimblestride.formats.font.Fonts;

/** A drawing as SVG 1.1 that needs no music face: signs are outlines, words are text set to their measured width. */
public final class SvgFile {
    private static final String SVG = "http://www.w3.org/2000/svg";
    private static final int DECIMALS = 3;

    private final XMLStreamWriter xml;
    private final Drawing drawing;

    private SvgFile(XMLStreamWriter xml, Drawing drawing) {
        this.xml = xml;
        this.drawing = drawing;
    }

    /**
     * Returns a drawing as an SVG document.
     *
     * @param title for screen readers
     * @param space a staff space in CSS pixels
     */
    public static String write(String title, Drawing drawing, double space) {
        StringWriter text = new StringWriter();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newInstance().createXMLStreamWriter(text);
            new SvgFile(xml, drawing).write(title, space);
            xml.close();
            return text.toString();
        } catch (XMLStreamException e) {
            throw new IllegalStateException("writing to memory failed", e);
        }
    }

    private void write(String title, double space) throws XMLStreamException {
        xml.writeStartDocument("UTF-8", "1.0");
        xml.writeStartElement("svg");
        xml.writeDefaultNamespace(SVG);
        xml.writeAttribute("width", number(drawing.width() * space));
        xml.writeAttribute("height", number(drawing.height() * space));
        xml.writeAttribute("viewBox", "0 0 " + number(drawing.width()) + " " + number(drawing.height()));
        xml.writeAttribute("role", "img");
        xml.writeStartElement("title");
        xml.writeCharacters(PlainText.of(title));
        xml.writeEndElement();
        defineSigns();
        for (Mark mark : drawing.marks()) {
            write(mark);
        }
        xml.writeEndElement();
        xml.writeEndDocument();
    }

    private void defineSigns() throws XMLStreamException {
        Set<Glyph> used = EnumSet.noneOf(Glyph.class);
        drawing.marks().stream()
                .filter(Mark.Sign.class::isInstance)
                .forEach(mark -> used.add(((Mark.Sign) mark).glyph()));
        xml.writeStartElement("defs");
        for (Glyph glyph : used) {
            xml.writeEmptyElement("path");
            xml.writeAttribute("id", glyph.smuflName());
            xml.writeAttribute("d", path(Fonts.get().outline(glyph)));
        }
        xml.writeEndElement();
    }

    private void write(Mark mark) throws XMLStreamException {
        if (mark instanceof Mark.Words words) {
            words(words);
            return;
        }
        if (mark instanceof Mark.Sign sign) {
            xml.writeEmptyElement("use");
            xml.writeAttribute("href", "#" + sign.glyph().smuflName());
            String scale = sign.size() == 1 ? "" : " scale(" + number(sign.size()) + ")";
            xml.writeAttribute("transform", "translate(" + number(sign.x()) + " " + number(sign.y()) + ")" + scale);
            xml.writeAttribute("fill", PrintColors.web(sign.ink()));
        } else if (mark instanceof Mark.Line line) {
            xml.writeEmptyElement("path");
            xml.writeAttribute(
                    "d",
                    "M" + number(line.x1()) + " " + number(line.y1()) + "L" + number(line.x2()) + " "
                            + number(line.y2()));
            stroke(line.ink(), line.thickness());
        } else if (mark instanceof Mark.Polygon polygon) {
            xml.writeEmptyElement("polygon");
            xml.writeAttribute("points", points(polygon.corners()));
            xml.writeAttribute("fill", PrintColors.web(polygon.ink()));
        } else if (mark instanceof Mark.Curve curve) {
            List<Double> at = curve.points();
            xml.writeEmptyElement("path");
            xml.writeAttribute("d", "M" + points(at.subList(0, 2)) + "C" + points(at.subList(2, at.size())));
            stroke(curve.ink(), curve.thickness());
        }
    }

    private void stroke(Ink ink, double thickness) throws XMLStreamException {
        xml.writeAttribute("fill", "none");
        xml.writeAttribute("stroke", PrintColors.web(ink));
        xml.writeAttribute("stroke-width", number(thickness));
    }

    private void words(Mark.Words words) throws XMLStreamException {
        String shown = PictureText.shown(words.text());
        double width = Fonts.get().width(shown, words.weight(), words.size());
        xml.writeStartElement("text");
        xml.writeAttribute("x", number(words.x() - width * PictureText.part(words.align())));
        xml.writeAttribute("y", number(words.y()));
        xml.writeAttribute("font-family", "Lato, sans-serif");
        xml.writeAttribute("font-size", number(words.size()));
        xml.writeAttribute("textLength", number(width));
        if (words.weight() == Weight.BOLD) {
            xml.writeAttribute("font-weight", "bold");
        } else if (words.weight() == Weight.ITALIC) {
            xml.writeAttribute("font-style", "italic");
        }
        xml.writeAttribute("fill", PrintColors.web(words.ink()));
        xml.writeCharacters(shown);
        xml.writeEndElement();
    }

    private static String points(List<Double> points) {
        return IntStream.range(0, points.size())
                .mapToObj(i -> number(points.get(i)))
                .collect(Collectors.joining(" "));
    }

    private static String path(Path2D outline) {
        StringBuilder text = new StringBuilder();
        double[] at = new double[6];
        for (PathIterator i = outline.getPathIterator(null); !i.isDone(); i.next()) {
            int segment = i.currentSegment(at);
            int count = 0;
            switch (segment) {
                case PathIterator.SEG_MOVETO -> count = 2;
                case PathIterator.SEG_LINETO -> count = 2;
                case PathIterator.SEG_QUADTO -> count = 4;
                case PathIterator.SEG_CUBICTO -> count = 6;
                default -> count = 0;
            }
            text.append("MLQCZ".charAt(segment));
            for (int k = 0; k < count; k++) {
                text.append(k > 0 ? " " : "").append(number(at[k]));
            }
        }
        return text.toString();
    }

    private static String number(double value) {
        return BigDecimal.valueOf(value)
                .setScale(DECIMALS, RoundingMode.HALF_EVEN)
                .stripTrailingZeros()
                .toPlainString();
    }
}
