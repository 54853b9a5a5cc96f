package nimblestride.formats.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

import java.util.List;
import java.util.function.Predicate;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.Examples;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.engraving.Engraver;
import nimblestride.core.notation.engraving.Glyph;
import nimblestride.core.notation.engraving.Mark;
import nimblestride.core.notation.engraving.VoicesLegend;
import nimblestride.core.notation.score.BarPlan;
import nimblestride.core.notation.score.Score;
import nimblestride.core.notation.score.ScoreStyle;
import nimblestride.core.notation.score.ScoreStyle.Lengths;
import nimblestride.core.notation.score.ScoreStyle.Stickings;
import nimblestride.core.notation.score.ScoreWriter;
import nimblestride.core.notation.score.WrittenNote;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.CountingSystem;
import nimblestride.core.time.counting.Subdivision;
import nimblestride.formats.font.Fonts;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The layout, with the faces that ship: what is written is drawn, once, in its place. */
class EngravingTest {
    private static final double WIDTH = 90;

    private static Score score(int bars, ScoreStyle style, String phrase, String... layers) {
        Exercise exercise = Examples.exercise(phrase, layers);
        return ScoreWriter.write(exercise, BarPlan.of(exercise.phrase(), bars), style);
    }

    private static List<Drawing> lines(Score score) {
        return new Engraver(Fonts.get().music(), Fonts.get()).lines(score, WIDTH);
    }

    private static List<Mark.Sign> signs(List<Drawing> lines, Predicate<Glyph> which) {
        return lines.stream()
                .flatMap(line -> line.marks().stream())
                .filter(Mark.Sign.class::isInstance)
                .map(Mark.Sign.class::cast)
                .filter(sign -> which.test(sign.glyph()))
                .toList();
    }

    private static List<WrittenNote> written(Score score) {
        return score.bars().stream()
                .flatMap(bar -> bar.parts().stream())
                .flatMap(part -> part.written().stream())
                .toList();
    }

    @ParameterizedTest
    @ValueSource(strings = {"4/4", "11/8(3+3+3+2), 7/16", "2/4+3/20", "64/4", "5/12, 3/4"})
    void everyHeadAndEveryRestIsDrawnOnce(String phrase) {
        for (Lengths lengths : Lengths.values()) {
            Score score = score(
                    8,
                    ScoreStyle.DEFAULT.with(lengths).repeating(false),
                    phrase,
                    "snare cell X.gx.g.. of 1/16",
                    "kick every 3/16",
                    "crash 3 over bar");
            List<Drawing> lines = lines(score);
            long heads =
                    written(score).stream().mapToLong(one -> one.heads().size()).sum();
            assertThat(signs(
                            lines,
                            g -> g.smuflName().startsWith("notehead")
                                    && !g.smuflName().contains("Paren")))
                    .hasSize((int) heads);
            long rests = written(score).stream().filter(WrittenNote::isRest).count();
            assertThat(signs(lines, g -> g.smuflName().startsWith("rest"))).hasSize((int) rests);
            long accents = written(score).stream()
                    .filter(WrittenNote::isStruck)
                    .filter(one -> one.heads().stream()
                            .anyMatch(head -> head.stroke().level().isAccent()))
                    .count();
            assertThat(signs(lines, g -> g.smuflName().startsWith("artic"))).hasSize((int) accents);
            assertThat(signs(lines, g -> g == Glyph.PERCUSSION_CLEF)).hasSize(lines.size());
            long spots = lines.stream().mapToLong(line -> line.spots().size()).sum();
            assertThat(spots).isPositive();
            assertThat(lines.stream().flatMap(line -> line.spots().stream()).map(spot -> spot.bar() + " " + spot.at()))
                    .doesNotHaveDuplicates();
        }
    }

    @Test
    void allLinesButTheLastFillTheWidth() {
        List<Drawing> lines = lines(score(
                40, ScoreStyle.DEFAULT.repeating(false), "7/8(2+2+3), 5/8", "snare every 1/8", "kick every 5/16"));
        assertThat(lines).hasSizeGreaterThan(4);
        for (Drawing line : lines.subList(0, lines.size() - 1)) {
            double end = line.marks().stream()
                    .filter(Mark.Line.class::isInstance)
                    .mapToDouble(mark -> ((Mark.Line) mark).x2())
                    .max()
                    .orElseThrow();
            assertThat(end).isCloseTo(WIDTH, offset(0.1));
        }
    }

    @Test
    void spotsLieSideBySideAndAnswerToAPoint() {
        Drawing line =
                lines(score(1, ScoreStyle.DEFAULT, "7/8", "snare every 1/8")).get(0);
        assertThat(line.spots()).hasSize(7);
        for (int i = 1; i < 7; i++) {
            Drawing.Spot before = line.spots().get(i - 1);
            assertThat(before.x() + before.width())
                    .isCloseTo(line.spots().get(i).x(), offset(1e-6));
        }
        Drawing.Spot third = line.spots().get(2);
        assertThat(line.spotAt(third.x() + 0.1, line.height() / 2)).contains(third);
        assertThat(line.spotAt(-5, 1)).isEmpty();
        Drawing twice = line.scaledBy(2);
        assertThat(twice.spotAt(2 * third.x() + 0.1, line.height())).isPresent();
        assertThat(twice.width()).isEqualTo(2 * line.width());
    }

    @Test
    void wordsStandUnderTheirNotesAndDoNotTouch() {
        ScoreStyle style = ScoreStyle.DEFAULT
                .with(Stickings.ALL)
                .counted(Counting.of(CountingSystem.SPOKEN), Subdivision.AS_WRITTEN);
        List<Drawing> lines = lines(score(2, style, "19/16(5+5+5+4)", "snare every 1/16"));
        for (Drawing line : lines) {
            List<Mark.Words> words = line.marks().stream()
                    .filter(Mark.Words.class::isInstance)
                    .map(Mark.Words.class::cast)
                    .filter(one -> one.align() == Mark.Align.MIDDLE)
                    .toList();
            assertThat(words).isNotEmpty();
            for (int i = 1; i < words.size(); i++) {
                Mark.Words one = words.get(i - 1);
                Mark.Words next = words.get(i);
                if (one.y() == next.y()) {
                    double half = Fonts.get().width(one.text(), one.weight(), one.size()) / 2;
                    double nextHalf = Fonts.get().width(next.text(), next.weight(), next.size()) / 2;
                    assertThat(next.x() - nextHalf).isGreaterThan(one.x() + half);
                }
            }
        }
    }

    @Test
    void repeatsTempoAndTiesAreSigned() {
        List<Drawing> lines = lines(score(4, ScoreStyle.DEFAULT, "7/8", "snare every 1/8"));
        assertThat(signs(lines, g -> g == Glyph.REPEAT_DOT)).hasSize(4);
        assertThat(lines.get(0).marks())
                .anyMatch(
                        mark -> mark instanceof Mark.Words words && words.text().equals("× 4"));
        assertThat(signs(lines, g -> g == Glyph.MARK_QUARTER)).hasSize(1);
        List<Drawing> tied = lines(score(1, ScoreStyle.DEFAULT.with(Lengths.HELD), "5/8(3+2)", "snare every 5/8"));
        assertThat(tied.get(0).marks().stream().filter(Mark.Curve.class::isInstance))
                .hasSize(1);
    }

    /** The meter of the next line stands at the end of this one, and all lines reach the margin. */
    @Test
    void aLineAnnouncesTheMeterOfTheNext() {
        List<Drawing> lines = lines(score(12, ScoreStyle.DEFAULT.repeating(false), "7/8, 5/8", "snare every 1/16"));
        assertThat(lines).hasSizeGreaterThan(1);
        int signatures = 0;
        for (Drawing line : lines.subList(0, lines.size() - 1)) {
            signatures += signs(List.of(line), g -> g == Glyph.TIME_8).size();
            assertThat(signs(List.of(line), g -> g == Glyph.TIME_8)
                            .get(signs(List.of(line), g -> g == Glyph.TIME_8).size() - 1)
                            .x())
                    .isGreaterThan(WIDTH - 4);
        }
        assertThat(signatures).isGreaterThan(lines.size());
    }

    /** Five notes high up in the second bar: the triplets of both bars stand equally high. */
    @Test
    void tupletsOfALineStandAtOneHeight() {
        List<Drawing> lines = lines(score(
                1,
                ScoreStyle.DEFAULT.repeating(false),
                "4/4",
                "floor tom cell xxx......... of 1/12",
                "crash cell ......xXx... of 1/12"));
        List<Mark.Sign> threes = signs(lines, g -> g == Glyph.TUPLET_3);
        assertThat(threes).hasSize(2);
        assertThat(threes.get(0).y()).isEqualTo(threes.get(1).y());
        assertThat(signs(lines, g -> g == Glyph.ACCENT_ABOVE).get(0).y())
                .isGreaterThan(threes.get(0).y());
    }

    @Test
    void barsLikeTheOnesBeforeAreASignWhereThatSavesALine() {
        ScoreStyle style = ScoreStyle.DEFAULT;
        String[] layers = {"snare every 1/16", "kick every 7/8", "crash every 21/8"};
        Score long7 = score(12, style, "7/8", layers);
        List<Drawing> all = lines(long7);
        List<Drawing> fewest = new Engraver(Fonts.get().music(), Fonts.get()).fewestLines(long7, WIDTH);
        assertThat(signs(all, g -> g == Glyph.BAR_AGAIN)).isEmpty();
        assertThat(signs(fewest, g -> g == Glyph.BAR_AGAIN)).isNotEmpty();
        assertThat(fewest).hasSizeLessThan(all.size());
    }

    @Test
    void theLegendNamesEachDrumInItsPlace() {
        Score score = score(1, ScoreStyle.DEFAULT, "4/4", "kick every 1/2", "snare every 1/4", "crash every 1/1");
        VoicesLegend legend = new VoicesLegend(Fonts.get().music(), Fonts.get());
        List<Drawing> rows = legend.rows(score, WIDTH);
        assertThat(rows).hasSize(1);
        assertThat(rows.get(0).marks().stream()
                        .filter(Mark.Words.class::isInstance)
                        .map(mark -> ((Mark.Words) mark).text()))
                .containsExactly("crash", "snare", "kick");
        assertThat(Covered.faults(rows.get(0))).isEmpty();
        assertThat(legend.rows(score, 10)).hasSizeGreaterThan(1);
        assertThat(legend.rows(score(1, ScoreStyle.DEFAULT, "4/4", "kick every 1/2"), WIDTH))
                .isEmpty();
    }

    @Test
    void aBarThatCannotBeWrittenSaysSoInItsPlace() {
        List<Drawing> lines = lines(score(1, ScoreStyle.DEFAULT, "4/4", "snare every 1/4099"));
        assertThat(lines.get(0).marks())
                .anyMatch(
                        mark -> mark instanceof Mark.Words words && words.text().startsWith("bar 1 can't be written"));
    }
}
