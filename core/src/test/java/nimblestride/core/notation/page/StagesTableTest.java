package nimblestride.core.notation.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.EnumSet;
import nimblestride.core.time.value.Tempo;
import org.junit.jupiter.api.Test;

class StagesTableTest {
    @Test
    void leadsInWholeBeatsToTheGoal() {
        assertThat(StagesTable.tempos(Tempo.ofQuarters(120), 5, 60)).containsExactly("72", "84", "96", "108", "120");
        assertThat(StagesTable.tempos(Tempo.ofQuarters(100), 1, 60)).containsExactly("100");
        assertThat(StagesTable.tempos(Tempo.ofQuarters(3), 6, 10)).containsExactly("1", "2", "3");
    }

    @Test
    void aSheetKeepsOneSectionAtLeast() {
        Sheet sheet = Sheet.DEFAULT;
        for (SheetItem section : SheetItem.values()) {
            sheet = sheet.with(section, false);
        }
        assertThat(sheet.sections()).hasSize(1);
        Sheet usual = Sheet.DEFAULT;
        assertThatThrownBy(() -> usual.inRounds(0)).hasMessageContaining("print the phrase 1 to 64 times, not 0");
        assertThatThrownBy(() -> usual.inStages(0, 50)).hasMessageContaining("1 to 24 stages");
        assertThatThrownBy(() -> usual.inStages(2, 5)).hasMessageContaining("10 to 100 %");
        assertThatThrownBy(() -> new Sheet(
                        PaperSize.A4,
                        EnumSet.noneOf(SheetItem.class),
                        usual.style(),
                        usual.counting(),
                        1,
                        1,
                        50,
                        "",
                        ""))
                .hasMessageContaining("at least one thing");
    }
}
