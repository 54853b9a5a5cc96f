package nimblestride.formats.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.NotEmpty;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.AnyExercise;
import nimblestride.core.notation.page.PaperSize;
import nimblestride.core.notation.page.Sheet;
import nimblestride.core.notation.page.SheetItem;
import nimblestride.core.notation.page.SheetLayout;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.CountingSystem;
import nimblestride.formats.font.Fonts;

/** Whatever is printed: every sign and word of a page is on the paper, and none lies on another. */
class SheetPropertiesTest {
    @Property(tries = 60)
    void nothingOnAPageLiesOnAnythingElse(
            @ForAll(supplier = AnyExercise.class) Exercise exercise,
            @ForAll PaperSize paper,
            @ForAll @NotEmpty Set<SheetItem> sections,
            @ForAll CountingSystem countingSystem,
            @ForAll @IntRange(min = 1, max = 3) int rounds) {
        Sheet sheet = Sheet.DEFAULT
                .on(paper)
                .counted(Counting.of(countingSystem))
                .inRounds(rounds)
                .addressed("for the Tuesday group");
        for (SheetItem section : SheetItem.values()) {
            sheet = sheet.with(section, sections.contains(section));
        }
        assertThat(new SheetLayout(sheet, Fonts.get().music(), Fonts.get()).of(exercise))
                .allSatisfy(page -> assertThat(Covered.faults(page)).isEmpty());
    }
}
