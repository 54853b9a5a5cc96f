package nimblestride.formats.font;

import java.awt.geom.AffineTransform;
import java.awt.geom.GeneralPath;
import java.awt.geom.Path2D;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.EnumMap;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import nimblestride.core.notation.engraving.Glyph;
import nimblestride.core.notation.engraving.Mark.Weight;
import nimblestride.core.notation.engraving.MusicFontMetrics;
import nimblestride.core.notation.engraving.TextMetrics;
import org.apache.fontbox.ttf.OTFParser;
import org.apache.fontbox.ttf.OpenTypeFont;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;

/** The fonts that ship with the program, loaded when first asked for. */
public final class Fonts implements TextMetrics {
    private static final Map<Weight, String> TEXT_FILES = Map.of(
            Weight.REGULAR, "Lato-Regular.ttf",
            Weight.BOLD, "Lato-Bold.ttf",
            Weight.ITALIC, "Lato-Italic.ttf");
    private static final String MUSIC_FILE = "Bravura.otf";

    /** A SMuFL font is drawn on an em of four staff spaces. */
    private static final double STAFF_SPACES_TO_THE_EM = 4;

    private final MusicFontMetrics music = SmuflMetadata.read(file("Bravura-metadata.json"));
    private final Map<Weight, TrueTypeFont> text = new EnumMap<>(Weight.class);
    private final TrueTypeFont musicFont;
    /** The width of each letter that has been asked for. */
    private final Map<Weight, Map<Integer, Double>> widths = new EnumMap<>(Weight.class);

    private static final class Holder {
        static final Fonts FACES = new Fonts();
    }

    private Fonts() {
        try {
            for (Map.Entry<Weight, String> file : TEXT_FILES.entrySet()) {
                widths.put(file.getKey(), new ConcurrentHashMap<>());
                text.put(file.getKey(), new TTFParser().parse(new RandomAccessReadBuffer(file(file.getValue()))));
            }
            musicFont = new OTFParser().parse(new RandomAccessReadBuffer(file(MUSIC_FILE)));
        } catch (IOException e) {
            throw new UncheckedIOException("a font of the program can't be read", e);
        }
    }

    /** Returns the fonts, and loads them the first time. */
    public static Fonts get() {
        return Holder.FACES;
    }

    /** Opens the file of the text font in a weight. */
    public static InputStream textFile(Weight weight) {
        return file(TEXT_FILES.get(weight));
    }

    /** Opens the file of the music font. */
    public static InputStream musicFile() {
        return file(MUSIC_FILE);
    }

    private static InputStream file(String name) {
        InputStream in = Fonts.class.getResourceAsStream(name);
        if (in == null) {
            throw new IllegalStateException("the face " + name + " is not in the program");
        }
        return in;
    }

    /** Returns the measures of the music font. */
    public MusicFontMetrics music() {
        return music;
    }

    @Override
    public double width(String words, Weight weight) {
        Map<Integer, Double> known = widths.get(weight);
        double width = 0;
        for (int i = 0; i < words.length(); i += Character.charCount(words.codePointAt(i))) {
            width += known.computeIfAbsent(words.codePointAt(i), point -> width(point, text.get(weight)));
        }
        return width;
    }

    private static double width(int codePoint, TrueTypeFont font) {
        try {
            int glyph = font.getUnicodeCmapLookup().getGlyphId(codePoint);
            return (double) font.getAdvanceWidth(glyph) / font.getUnitsPerEm();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Returns whether the text font has a character. */
    public boolean canShow(int codePoint) {
        try {
            return text.get(Weight.REGULAR).getUnicodeCmapLookup().getGlyphId(codePoint) > 0;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Returns the outline of a music sign at its origin, in staff spaces, y downward. */
    public Path2D outline(Glyph glyph) {
        double scale = STAFF_SPACES_TO_THE_EM / unitsPerEm(musicFont);
        return outline(musicFont, glyph.codePoint(), scale);
    }

    /** Returns the outline of words from the origin of a baseline, for letters of one unit per em, y downward. */
    public Path2D outline(String words, Weight weight) {
        TrueTypeFont font = text.get(weight);
        Path2D.Double all = new Path2D.Double();
        double scale = 1.0 / unitsPerEm(font);
        double x = 0;
        for (int point : words.codePoints().toArray()) {
            Path2D one = outline(font, point, scale);
            one.transform(AffineTransform.getTranslateInstance(x, 0));
            all.append(one, false);
            x += width(Character.toString(point), weight);
        }
        return all;
    }

    private static int unitsPerEm(TrueTypeFont font) {
        try {
            return font.getUnitsPerEm();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Path2D outline(TrueTypeFont font, int codePoint, double scale) {
        try {
            int glyph = font.getUnicodeCmapLookup().getGlyphId(codePoint);
            GeneralPath drawn = font instanceof OpenTypeFont open && open.isPostScript()
                    ? open.getCFF().getFont().getType2CharString(glyph).getPath()
                    : font.getGlyph().getGlyph(glyph).getPath();
            GeneralPath path = new GeneralPath(drawn);
            path.transform(AffineTransform.getScaleInstance(scale, -scale));
            return path;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
