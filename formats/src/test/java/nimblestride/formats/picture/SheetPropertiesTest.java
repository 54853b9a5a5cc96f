package nimblestride.formats.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.NotEmpty;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.AnyExercise;
import nimblestride.core.notation.page.Paper;
import nimblestride.core.notation.page.Section;
import nimblestride.core.notation.page.Sheet;
import nimblestride.core.notation.page.SheetPages;
import nimblestride.core.time.counting.CountingSchool;
import nimblestride.formats.font.Faces;

/** Whatever is printed: every sign and word of a page is on the paper, and none lies on another. */
class SheetPropertiesTest {
    @Property(tries = 60)
    void nothingOnAPageLiesOnAnythingElse(
            @ForAll(supplier = AnyExercise.class) Exercise exercise,
            @ForAll Paper paper,
            @ForAll @NotEmpty Set<Section> sections,
            @ForAll CountingSchool school,
            @ForAll @IntRange(min = 1, max = 3) int rounds) {
        Sheet sheet = Sheet.USUAL.on(paper).counted(school).inRounds(rounds).addressed("for the Tuesday group");
        for (Section section : Section.values()) {
            sheet = sheet.with(section, sections.contains(section));
        }
        assertThat(new SheetPages(sheet, Faces.get().music(), Faces.get()).of(exercise))
                .allSatisfy(page -> assertThat(Covered.faults(page)).isEmpty());
    }
}
