package nimblestride.formats.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

import java.util.List;
import java.util.stream.Stream;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.Examples;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.engraving.Engraver;
import nimblestride.core.notation.engraving.Glyph;
import nimblestride.core.notation.engraving.Mark;
import nimblestride.core.notation.score.ScoreStyle;
import nimblestride.core.notation.score.ScoreWriter;
import nimblestride.formats.font.Fonts;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Common practice: one grace note with a slash for a flam, two under two beams for a drag, three for a ruff. */
class GraceNotesTest {
    private static Drawing drawn(String voice, String stroke) {
        Exercise exercise = Examples.exercise("4/4").plusLayer(LayerText.read(voice + " at " + stroke + "1:1/2"));
        return new Engraver(Fonts.get().music(), Fonts.get())
                .lines(ScoreWriter.write(exercise, ScoreStyle.DEFAULT), 90)
                .get(0);
    }

    private static Stream<Mark.Sign> signs(Drawing drawing, String beginning) {
        return drawing.marks().stream()
                .filter(Mark.Sign.class::isInstance)
                .map(Mark.Sign.class::cast)
                .filter(sign -> sign.glyph().smuflName().startsWith(beginning));
    }

    private static List<Mark.Sign> small(Drawing drawing) {
        return signs(drawing, "notehead").filter(sign -> sign.size() < 1).toList();
    }

    private static Mark.Sign main(Drawing drawing) {
        return signs(drawing, "notehead")
                .filter(sign -> sign.size() == 1)
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({"lR, 1", "llR, 2", "lrlR, 3"})
    void asManySmallNotesStandBeforeItAndAtItsPlace(String stroke, int notes) {
        Drawing drawing = drawn("snare", stroke);
        Mark.Sign main = main(drawing);
        assertThat(small(drawing)).hasSize(notes).allSatisfy(grace -> {
            assertThat(grace.x()).isLessThan(main.x() - 0.5);
            assertThat(grace.y()).isEqualTo(main.y(), offset(1e-9));
        });
        assertThat(small(drawing).stream().map(Mark.Sign::x)).isSorted().doesNotHaveDuplicates();
    }

    @Test
    void oneHasAFlagAndTwoAreUnderTwoBeams() {
        assertThat(signs(drawn("snare", "lR"), "flag"))
                .extracting(Mark.Sign::glyph)
                .containsExactly(Glyph.FLAG_8_UP);
        assertThat(signs(drawn("snare", "llR"), "flag")).isEmpty();
        assertThat(beams(drawn("snare", "lR"))).isZero();
        assertThat(beams(drawn("snare", "llR"))).isEqualTo(2);
        assertThat(beams(drawn("snare", "lrlR"))).isEqualTo(2);
    }

    private static long beams(Drawing drawing) {
        return polygons(drawing) - polygons(drawn("snare", ""));
    }

    private static long polygons(Drawing drawing) {
        return drawing.marks().stream().filter(Mark.Polygon.class::isInstance).count();
    }

    @Test
    void aPlainNoteHasNone() {
        assertThat(small(drawn("snare", ""))).isEmpty();
    }
}
