package nimblestride.formats.picture;

import static nimblestride.core.language.text.Examples.bars;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import nimblestride.core.language.text.PivotText;
import nimblestride.core.layer.modulation.Modulation;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.engraving.Ink;
import nimblestride.core.notation.engraving.Mark;
import nimblestride.core.notation.engraving.ModulationDrawing;
import nimblestride.core.notation.engraving.ModulationDrawing.Kind;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import nimblestride.formats.font.Fonts;
import org.junit.jupiter.api.Test;

/** Measures the picture of both sections. */
class ModulationDrawingOverlapTest {
    private static final double WIDTH = 100;

    private static List<Drawing> rows(Modulation shift, Kind kind, String late) {
        return new ModulationDrawing(
                        shift, kind, NoteValue.parse(late), Fonts.get().music(), Fonts.get(), WIDTH)
                .rows();
    }

    private static List<Mark.Line> landings(List<Drawing> rows) {
        return rows.stream()
                .flatMap(row -> row.marks().stream())
                .filter(mark -> mark instanceof Mark.Line line && line.x1() == line.x2() && line.ink() == Ink.LANDING)
                .map(Mark.Line.class::cast)
                .toList();
    }

    /** 3 old bars of 4/4 are 4 new ones at 4/3 (the plan's example): the pivot and that place stand out, as far apart. */
    @Test
    void thePivotAndTheAgreementStandWhereTheyFall() {
        Modulation shift = new Modulation(Tempo.ofQuarters(84), PivotText.read("3/8 = 1/2"), bars("4/4"), bars("4/4"));
        List<Drawing> rows = rows(shift, Kind.REAL, "0");
        assertThat(rows).hasSize(1);
        List<Mark.Line> found = landings(rows);
        assertThat(found).hasSize(2);
        // One bar of set-up and three to the agreement fill the row from its left edge to its right.
        double left = found.get(0).x1() - (found.get(1).x1() - found.get(0).x1()) / 3;
        assertThat(left).isCloseTo(8.5, within(1e-6));
        assertThat(rows.get(0).marks())
                .filteredOn(
                        mark -> mark instanceof Mark.Words words && words.text().contains("112"))
                .hasSize(1);
    }

    /** Bars and beats far too short to see draw no black bar of a million marks; what can be seen is still there. */
    @Test
    void whatIsTooShortToSeeIsLeftOut() {
        Modulation shift =
                new Modulation(Tempo.ofQuarters(84), PivotText.read("3/16 = 1/4"), bars("4/4"), bars("1/999983"));
        List<Drawing> rows = rows(shift, Kind.REAL, "0");
        assertThat(rows).hasSizeLessThan(50).allSatisfy(row -> assertThat(row.marks())
                .hasSizeLessThan(500));
        assertThat(rows.get(0).marks())
                .anyMatch(
                        mark -> mark instanceof Mark.Words words && words.text().equals("4/4"));
    }

    /** Nothing is drawn outside its row, whatever the bars, the pivot, and the way it is felt. */
    @Property(tries = 600)
    void everyMarkLiesWithinItsRow(
            @ForAll @IntRange(min = 1, max = 13) int old,
            @ForAll @IntRange(min = 1, max = 13) int now,
            @ForAll @IntRange(min = 1, max = 9) int notes,
            @ForAll @IntRange(min = 1, max = 9) int group,
            @ForAll boolean implied) {
        Modulation shift = new Modulation(
                Tempo.ofQuarters(96), Pivot.regrouping(notes, group), bars(old + "/8, 3/16"), bars(now + "/16"));
        List<Drawing> rows = rows(shift, implied ? Kind.IMPLIED : Kind.REAL, implied ? "1/16" : "0");
        assertThat(rows).isNotEmpty().hasSizeLessThan(200);
        for (Drawing row : rows) {
            assertThat(row.width()).isEqualTo(WIDTH);
            assertThat(Covered.faults(row)).isEmpty();
            for (Mark mark : row.marks()) {
                across(mark).ifPresent(x -> assertThat(x).isBetween(-1.0, WIDTH));
            }
        }
    }

    /** Words may end beyond the edge; where they begin must not lie there. */
    private static Optional<Double> across(Mark mark) {
        if (mark instanceof Mark.Line line) {
            return Optional.of(Math.max(line.x1(), line.x2()));
        }
        if (mark instanceof Mark.Curve curve) {
            return Optional.of(curve.points().get(6));
        }
        return mark instanceof Mark.Words words ? Optional.of(words.x()) : Optional.empty();
    }
}
