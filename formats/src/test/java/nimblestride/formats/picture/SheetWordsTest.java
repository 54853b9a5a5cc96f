package nimblestride.formats.picture;

import static nimblestride.core.language.text.Examples.exercise;
import static nimblestride.core.language.text.Examples.then;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.stream.IntStream;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.engraving.Mark;
import nimblestride.core.notation.page.PaperSize;
import nimblestride.core.notation.page.Sheet;
import nimblestride.core.notation.page.SheetItem;
import nimblestride.core.notation.page.SheetLayout;
import nimblestride.core.notation.score.ScoreStyle;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.CountingSystem;
import nimblestride.formats.font.Fonts;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What a sheet says, section by section. */
class SheetWordsTest {
    private static final Exercise TWO = exercise("11/8(3+3+3+2) x2, 7/8(2+2+3)", "snare every 1/8", "kick every 3/16")
            .withName("Lock Gate");

    private static List<String> words(Exercise exercise, SheetItem... sections) {
        Sheet sheet = new Sheet(
                PaperSize.A4,
                EnumSet.copyOf(List.of(sections)),
                ScoreStyle.DEFAULT,
                Counting.of(CountingSystem.GROUPS),
                1,
                6,
                60,
                "",
                "for the Tuesday group");
        return new SheetLayout(sheet, Fonts.get().music(), Fonts.get())
                .of(exercise).stream()
                        .flatMap(page -> page.marks().stream())
                        .filter(Mark.Words.class::isInstance)
                        .map(mark -> ((Mark.Words) mark).text())
                        .toList();
    }

    @ParameterizedTest
    @EnumSource
    void everySheetSaysWhatItIsAndForWhom(SheetItem section) {
        assertThat(words(TWO, section))
                .contains("Lock Gate")
                .anyMatch(line -> line.matches("for the Tuesday group · \\d+ BPM \\(quarters\\)"));
    }

    /** Each bar's count once, its groups set apart; a bar like the one before is not repeated. */
    @Test
    void theCountStandsAloneWhereThereIsNoStaff() {
        List<String> words = words(TWO, SheetItem.COUNT);
        assertThat(words).contains("Count");
        assertThat(words.stream().filter(line -> line.matches("\\d+/8: .*")))
                .containsExactly("11/8:   1 2 3   |   1 2 3   |   1 2 3   |   1 2", "7/8:   1 2   |   1 2   |   1 2 3");
        assertThat(words(TWO, SheetItem.COUNT, SheetItem.STAFF)).doesNotContain("Count");
    }

    @Test
    void sectionsHaveTheirOwnHeadingAndTempo() {
        Exercise two = then(TWO, "eighth = dotted eighth", 2, "5/8", "snare every 1/8");
        List<String> words = words(two, SheetItem.COUNT, SheetItem.FACTS);
        assertThat(words.stream().filter(line -> line.matches("[AB], .* BPM \\(quarters\\)")))
                .hasSize(two.contents().size())
                .doesNotContain("");
        assertThat(words)
                .contains("How it lines up", "B: one bar is 5 eighths (1 s), grouped 3+2.")
                .anyMatch(line -> line.startsWith("5/8:   1 2"));
    }

    /** Each variation has its number, its name, five boxes to tick, and its staff, which stays on its page. */
    @Test
    void variationsAreListedWithBoxes() {
        List<Exercise> variations = IntStream.range(0, 20)
                .mapToObj(i -> exercise(
                                "7/8(2+2+3)", "snare sticking R L R L R L " + (i % 2 == 0 ? "R" : "L") + " of 1/8")
                        .withName("Variation " + (i + 1)))
                .toList();
        List<Drawing> pages = new SheetLayout(Sheet.DEFAULT, Fonts.get().music(), Fonts.get())
                .variations("Lock Gate: variations", "96 BPM (quarters)", variations);
        assertThat(pages).hasSizeGreaterThan(1);
        int listed = 0;
        for (Drawing page : pages) {
            List<String> words = page.marks().stream()
                    .filter(Mark.Words.class::isInstance)
                    .map(mark -> ((Mark.Words) mark).text())
                    .toList();
            long here = words.stream()
                    .filter(text -> text.matches("\\d+\\.  Variation \\d+"))
                    .count();
            listed += (int) here;
            assertThat(page.spots().stream()
                            .filter(spot -> spot.struck() && spot.at().isZero()))
                    .hasSize((int) here);
            // Only the upper and lower sides of the boxes are so long.
            assertThat(page.marks().stream()
                            .filter(Mark.Line.class::isInstance)
                            .map(Mark.Line.class::cast)
                            .filter(line -> Math.abs(line.x2() - line.x1() - 2.2) < 1e-9))
                    .hasSize((int) here * 5 * 2);
        }
        assertThat(listed).isEqualTo(20);
    }

    /** The count, where it falls, when it lines up: three lines, however much there is to say. */
    @Test
    void aSheetSaysThreeLinesOfAPiece() {
        assertThat(facts(exercise("11/8(3+3+3+2)", "kick every 1/4")))
                .containsExactly(
                        "Kick: count bar 1: 1, 3, 5, 7, 9, 11. Bar 2: 2, 4, 6, 8, 10.",
                        "Kick: it falls with the pulse in bar 1, between the pulse in bar 2.",
                        "Everything lines up again after 2 bars (6.9 s).");
        assertThat(facts(TWO)).hasSize(3).last().asString().startsWith("Everything lines up again after ");
        assertThat(facts(exercise("7/8", "kick every 1/4", "snare every 3/16", "ride every 5/16", "hi-hat every 1/8")))
                .hasSize(3);
        assertThat(facts(then(then(TWO, "eighth = dotted eighth", 2, "5/8"), "eighth = eighth", 1, "3/8")))
                .hasSize(3);
    }

    private static List<String> facts(Exercise exercise) {
        List<String> words = words(exercise, SheetItem.FACTS);
        return words.subList(words.indexOf("How it lines up") + 1, words.lastIndexOf(exercise.name()));
    }

    @Test
    void notesLeaveSixLinesFreeAndStagesNameTheGoal() {
        assertThat(words(TWO, SheetItem.NOTES)).contains("Notes");
        assertThat(words(TWO, SheetItem.STAGES)).anyMatch(line -> line.contains("100 %") || line.contains("96"));
    }

    /** A name may be as long as a line of the page or longer, and nothing of it is lost. */
    @Test
    void aLongNameIsBrokenIntoLines() {
        String name = "The Long Walk of the Lamplighters ".repeat(5).strip();
        List<String> words = words(TWO.withName(name), SheetItem.NOTES);
        assertThat(String.join(" ", words)).contains("The Long Walk").contains("Lamplighters");
        assertThat(words).noneMatch(line -> line.length() > 120);
    }
}
