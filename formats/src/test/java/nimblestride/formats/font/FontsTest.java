package nimblestride.formats.font;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Area;
import java.awt.geom.Rectangle2D;
import nimblestride.core.notation.engraving.Glyph;
import nimblestride.core.notation.engraving.Mark.Weight;
import nimblestride.core.notation.engraving.MusicFontMetrics;
import org.apache.fontbox.ttf.OTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The signs in use against the face that ships: its character map, its outlines and its SMuFL metadata. */
class FontsTest {
    /** Half a unit of an em of 1,000 on each side of a box. */
    private static final double ROUNDING = 0.006;

    @ParameterizedTest
    @EnumSource
    void theOutlineAtACodePointIsTheGlyphTheMetadataNames(Glyph glyph) {
        MusicFontMetrics.Box box = Fonts.get().music().boxes().get(glyph);
        // An area knows its true bounds; a path counts the control points of its curves.
        Rectangle2D outline = new Area(Fonts.get().outline(glyph)).getBounds2D();
        assertThat(outline.getMinX()).isEqualTo(box.west(), within(ROUNDING));
        assertThat(outline.getMaxX()).isEqualTo(box.east(), within(ROUNDING));
        assertThat(-outline.getMaxY()).isEqualTo(box.south(), within(ROUNDING));
        assertThat(-outline.getMinY()).isEqualTo(box.north(), within(ROUNDING));
    }

    /** SMuFL 1.4: the recommended characters lie in U+E000 to U+F3FF; the ranges of these groups are quoted from memory. */
    @ParameterizedTest
    @EnumSource
    void everySignLiesInItsRange(Glyph glyph) {
        String name = glyph.smuflName();
        int code = glyph.codePoint();
        if (name.startsWith("timeSig")) {
            assertThat(code).isBetween(0xE080, 0xE09F);
        } else if (name.startsWith("notehead")) {
            assertThat(code).isBetween(0xE0A0, 0xE0FF);
        } else if (name.startsWith("flag")) {
            assertThat(code).isBetween(0xE240, 0xE25F);
        } else if (name.startsWith("rest")) {
            assertThat(code).isBetween(0xE4E0, 0xE4FF);
        } else if (name.startsWith("tuplet")) {
            assertThat(code).isBetween(0xE880, 0xE88F);
        } else if (name.startsWith("met")) {
            assertThat(code).isBetween(0xECA0, 0xECBF);
        } else {
            assertThat(code).isBetween(0xE000, 0xF3FF);
        }
    }

    @Test
    void theFaceIsDrawnOnAnEmOfFourStaffSpaces() throws Exception {
        try (TrueTypeFont font = new OTFParser().parse(new RandomAccessReadBuffer(Fonts.musicFile()))) {
            assertThat(font.getUnitsPerEm()).isEqualTo(1000);
            // A black notehead is one staff space high.
            assertThat(Fonts.get().outline(Glyph.HEAD_BLACK).getBounds2D().getHeight())
                    .isEqualTo(1, within(0.01));
        }
    }

    @Test
    void wordsAreAsWideAsTheirLetters() {
        Fonts faces = Fonts.get();
        double both = faces.width("ab", Weight.REGULAR);
        assertThat(both).isEqualTo(faces.width("a", Weight.REGULAR) + faces.width("b", Weight.REGULAR), within(1e-9));
        assertThat(faces.width("Bars", Weight.BOLD)).isGreaterThan(faces.width("Bars", Weight.REGULAR));
        assertThat(faces.width("1", Weight.REGULAR)).isEqualTo(faces.width("8", Weight.REGULAR), within(1e-9));
        assertThat(faces.canShow('ü')).isTrue();
        assertThat(faces.canShow(0x1F941)).isFalse();
    }
}
