package nimblestride.core.notation.page;

import static nimblestride.core.language.text.Examples.exercise;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.notation.alternative.NotationOption;
import nimblestride.core.notation.alternative.NotationOptions;
import nimblestride.core.notation.score.Score;
import nimblestride.core.notation.score.ScoreStyle;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.CountingSystem;
import org.junit.jupiter.api.Test;

class SheetTest {
    private static final Exercise SEVEN = exercise("7/8(2+2+3), 5/8", "snare every 1/8", "kick every 7/8");

    @Test
    void theLastSectionStays() {
        Sheet sheet = Sheet.DEFAULT;
        for (SheetItem section : SheetItem.values()) {
            sheet = sheet.with(section, false);
        }
        assertThat(sheet.sections()).containsExactly(SheetItem.NOTES);
        assertThat(sheet.with(SheetItem.ROAD, true).sections())
                .containsExactlyInAnyOrder(SheetItem.ROAD, SheetItem.NOTES);
    }

    @Test
    void whatCannotBeOnPaperIsRefused() {
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> new Sheet(
                        PaperSize.A4,
                        EnumSet.noneOf(SheetItem.class),
                        ScoreStyle.DEFAULT,
                        Counting.of(CountingSystem.GROUPS),
                        1,
                        6,
                        60,
                        "",
                        ""))
                .withMessageContaining("choose at least one thing to print");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> Sheet.DEFAULT.inRounds(65))
                .withMessageContaining("1 to 64 times, not 65");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> Sheet.DEFAULT.inStages(25, 60))
                .withMessageContaining("1 to 24 stages, not 25");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> Sheet.DEFAULT.inStages(6, 9))
                .withMessageContaining("at 10 to 100 % of the goal, not 9");
    }

    @Test
    void aChangeLeavesTheRestAsItWas() {
        Sheet sheet = Sheet.DEFAULT
                .on(PaperSize.LETTER)
                .counted(Counting.of(CountingSystem.SPOKEN))
                .inRounds(3)
                .inStages(4, 50)
                .addressed("for Tuesday")
                .writtenAs("as one bar")
                .in(ScoreStyle.DEFAULT.repeating(false));
        assertThat(sheet.paper()).isEqualTo(PaperSize.LETTER);
        assertThat(sheet.counting()).isEqualTo(Counting.of(CountingSystem.SPOKEN));
        assertThat(sheet.rounds()).isEqualTo(3);
        assertThat(sheet.stages()).isEqualTo(4);
        assertThat(sheet.firstPercent()).isEqualTo(50);
        assertThat(sheet.forWhom()).isEqualTo("for Tuesday");
        assertThat(sheet.way()).isEqualTo("as one bar");
        assertThat(sheet.sections()).isEqualTo(Sheet.DEFAULT.sections());
    }

    @Test
    void thePhraseIsWrittenAsOftenAsIsAsked() {
        Sheet sheet = Sheet.DEFAULT.in(ScoreStyle.DEFAULT.repeating(false));
        assertThat(sheet.score(SEVEN).bars()).hasSize(2);
        assertThat(sheet.inRounds(5).score(SEVEN).bars()).hasSize(10);
    }

    /** Each way that sounds as long as the phrase, and the bars as they stand where the way is none of this exercise's. */
    @Test
    void itIsWrittenTheWayThatIsAskedFor() {
        Sheet sheet = Sheet.DEFAULT.in(ScoreStyle.DEFAULT.repeating(false));
        for (NotationOption way : NotationOptions.of(SEVEN, sheet.staffStyle())) {
            if (way.plan().sounding().equals(SEVEN.phrase().length())) {
                Score score = sheet.writtenAs(way.name()).score(SEVEN);
                assertThat(score.bars())
                        .as(way.name())
                        .hasSize(way.plan().bars().size());
            }
        }
        assertThat(sheet.writtenAs("no such way").score(SEVEN).bars()).hasSize(2);
    }

    @Test
    void stickingsAndCountStandOnTheStaffWhereTheirSectionsAre() {
        Set<SheetItem> both = EnumSet.of(SheetItem.STAFF, SheetItem.COUNT, SheetItem.STICKING);
        Sheet sheet =
                new Sheet(PaperSize.A4, both, ScoreStyle.DEFAULT, Counting.of(CountingSystem.SPOKEN), 1, 6, 60, "", "");
        assertThat(sheet.staffStyle().stickings()).isEqualTo(ScoreStyle.Stickings.ALL);
        assertThat(sheet.staffStyle().counting()).contains(Counting.of(CountingSystem.SPOKEN));
        Sheet bare = sheet.with(SheetItem.COUNT, false).with(SheetItem.STICKING, false);
        assertThat(bare.staffStyle().stickings()).isEqualTo(ScoreStyle.Stickings.AS_GIVEN);
        assertThat(bare.staffStyle().counting()).isEqualTo(Optional.empty());
    }
}
