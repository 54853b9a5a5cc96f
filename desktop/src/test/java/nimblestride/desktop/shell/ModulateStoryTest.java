package nimblestride.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.control.Button;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Pane;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.model.SectionContent;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.Examples;
import nimblestride.core.language.text.PivotText;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.time.value.Tempo;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.formats.json.ExerciseJson;
import org.junit.jupiter.api.Test;

/** Works on a modulation as a drummer does: the pivot, there and back with lead-ins, sections, tempos, and implied. */
class ModulateStoryTest extends WindowStory {
    private void layAt(String bars, String tempo, String... layers) throws Exception {
        lay(Examples.exercise(bars, layers).withName("Turning").withTempo(TempoText.read(tempo)));
    }

    private String told(String id) {
        return lookup(id).queryAs(Labeled.class).getText();
    }

    private void shift(String page) {
        clickOn("#bench-modulate").clickOn("#page-" + page);
    }

    private boolean problemSays(String text) {
        return problems().stream().anyMatch(problem -> problem.contains(text));
    }

    @Test
    @OwnStart
    void aPivotIsTypedClickedOrRegroupedAndBadOnesSayWhatWasExpected() throws Exception {
        layAt("4/4", "84", "hi-hat every 1/8");
        shift("pivot");
        until(() -> told("#new-tempo").startsWith("112 BPM (quarters)."));
        assertThat(text("#pivot-notes")).isEqualTo("4");
        assertThat(text("#pivot-group")).isEqualTo("3");

        retype("#pivot", "4 quintuplet sixteenths = quarter");
        until(() -> told("#new-tempo").startsWith("105 BPM (quarters)."));
        retype("#pivot-group", "3");
        until(() -> told("#new-tempo").startsWith("140 BPM (quarters)."));
        clickOn("#pivot-old").clickOn("#value-3-16");
        until(() -> told("#new-tempo").startsWith("112 BPM (quarters)."));
        assertThat(text("#pivot")).isEqualTo("dotted eighth = quarter");

        retype("#pivot", "dotted nothing = half");
        assertThat(problemSays("Try a note value")).isTrue();
        retype("#pivot", "3/16 = 0");
        assertThat(problemSays("a pivot needs two note values")).isTrue();
        retype("#pivot", "1234567891/1 = 1/4");
        until(() -> problemSays("tempos run from 1 to 999"));
        retype("#pivot", "12345678901234567890/7 = 1/4");
        assertThat(problemSays("Try a smaller number")).isTrue();
        retype("#pivot", "3/16 = 1/4");
        retype("#new-bars", "7/8, 5/16");
        until(() -> shows("The 1 lines up again after"));
        retype("#new-bars", "997/1000");
        until(() -> shows("No bar lines meet within"));

        // Bars and values far beyond any music are drawn as far as they can be, or refused, and nothing hangs.
        retype("#new-bars", "1/999983, 10000/1");
        until(() -> told("#new-tempo").startsWith("112 BPM (quarters)."));
        retype("#pivot", "1000000007/1000000009 = 999999937/999999929");
        retype("#new-bars", "7/8");
        retype("#pivot", "quarter = dotted quarter");
        until(() -> told("#new-tempo").startsWith("126 BPM (quarters)."));
        assertThat(exercise().hasSections()).isFalse();
    }

    @Test
    void thereAndBackIsMadePlayedEditedKeptAndUndone() throws Exception {
        layAt("4/4", "84", "hi-hat every 1/8", "kick every 3/8");
        shift("pivot");
        retype("#pivot", "dotted eighth = quarter");
        retype("#new-bars", "5/4(3+2)");
        clickOn("#there-and-back");
        assertThat(exercise().chain().pivots())
                .containsExactly(Pivot.NONE, PivotText.read("3/16 = 1/4"), Pivot.NONE, PivotText.read("1/4 = 3/16"));
        assertThat(exercise().contents())
                .extracting(SectionContent::name)
                .containsExactly("A", "B", "lead-in to A", "lead-in to B");
        assertThat(exercise().content().name()).isEqualTo("B");
        assertThat(text("#bars")).isEqualTo("5/4");
        assertThat(text("#tempo")).isEqualTo("112");

        clickOn("#page-sections");
        until(() -> told("#sections-told").startsWith("A at 84 BPM, then lead-in to B at 84 BPM, then B at 112 BPM"));
        assertThat(shows("B: 5/4, 112 BPM (quarters), dotted eighth = quarter")).isTrue();
        select("#section-row-0");
        clickOn("#section-bars-0");
        assertThat(text("#bars")).isEqualTo("4/4");
        select("#section-row-2");
        clickOn("#section-bars-2");
        retype("#section-rounds-2", "3");
        retype("#section-name-2", "Mid river");
        assertThat(exercise().sections().get(2).rounds()).isEqualTo(3);
        assertThat(exercise().content().name()).isEqualTo("Mid river");
        retype("#section-name-2", "A");
        assertThat(problemSays("a name of its own")).isTrue();
        push(KeyCode.ESCAPE);
        retype("#bars", "7/4");
        assertThat(BarsText.write(exercise().withSelected(0).phrase())).isEqualTo("4/4");

        // A finding reports a chain that drifted, and mends it.
        select("#section-row-4");
        retypeFocused("#section-pivot-4", "quarter = eighth");
        until(() -> told("#sections-told").contains("A comes back at 56 BPM in section 5; it was at 84"));
        until(() -> shows("it was at 84"));
        clickOn("Use quarter = dotted eighth");
        assertThat(exercise().chain().isHome()).isTrue();

        // Out with the lead-in, moved, and all of it undone: every step alone.
        Exercise before = exercise();
        select("#section-row-3");
        clickOn("#section-out-3");
        assertThat(exercise().sections()).hasSize(4);
        select("#section-row-1");
        chord(KeyCode.ALT, KeyCode.UP);
        assertThat(exercise().chain().tempos().get(0)).isEqualTo(Tempo.ofQuarters(84));
        select("#section-row-3");
        clickOn("#section-lead-in-3");
        assertThat(exercise().sections()).hasSize(5);
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(exercise()).isEqualTo(before);

        // Selecting another section needs no saving.
        Path file = home.resolve("turning.json");
        answers.save.add(file);
        chord(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.S);
        until(() -> Files.exists(file));
        untilKept();
        select("#section-row-0");
        clickOn("#section-bars-0");
        assertThat(window.document().savedProperty().get()).isTrue();
        assertThat(ExerciseJson.read(file)).isEqualTo(before.withSelected(0));
        assertThat(window.document().canRedoProperty().get()).isTrue();
    }

    /** At the fastest tempo there is, so that every section comes round soon; the Road turns with what is heard. */
    @Test
    void allSectionsArePlayedInTurnOrOnlyTheOneInHand() throws Exception {
        layAt("3/8", "600", "hi-hat every 1/8");
        shift("pivot");
        clickOn("#with-lead-ins");
        retype("#pivot", "eighth = dotted eighth");
        clickOn("#there-and-back");
        clickOn("#page-sections");
        clickOn("#play");
        until(() -> exercise().content().name().equals("A"));
        until(() -> exercise().content().name().equals("B"));
        until(() -> exercise().content().name().equals("A"));
        // Its number plays a section; everything goes on from there.
        clickOn("#section-play-1");
        until(() -> isLit(lookup("#section-play-1").queryAs(Button.class)));
        clickOn("#all-sections");
        String selected = exercise().content().name();
        until(() -> lookup(".section-number").queryAllAs(Button.class).stream().noneMatch(ModulateStoryTest::isLit));
        assertThat(exercise().content().name()).isEqualTo(selected);
        clickOn("#play");
    }

    /** The number of what plays is pale, on the color of landings. */
    private static boolean isLit(Button number) {
        return number.getBackground().getFills().get(0).getFill().equals(Palette.DAY.landing())
                && number.getTextFill().equals(Palette.DAY.ground());
    }

    @Test
    void temposAreWholeRoundedOrReachedByARoute() throws Exception {
        layAt("4/4", "90", "hi-hat every 1/8");
        shift("pivot");
        retype("#pivot", "5 in groups of 4");
        clickOn("#page-tempos");
        until(() -> shows("112.5"));
        until(() -> shows("at 113, the click is 265.487 ms early after a minute"));
        clickOn("#friendly-88");
        assertThat(exercise().tempo()).isEqualTo(Tempo.ofQuarters(88));
        retype("#route-to", "132");
        until(() -> shows("3 per beat in groups of 2") && shows("Exact."));
        fire("#route-sections");
        assertThat(exercise().tempo()).isEqualTo(Tempo.ofQuarters(132));
        retypeFocused("#route-to", "97.31");
        retypeFocused("#route-within", "0");
        until(() -> shows("Allow more BPM."));
        retypeFocused("#route-within", "many");
        assertThat(problemSays("type a number of BPM")).isTrue();
        push(KeyCode.ESCAPE);
        retypeFocused("#route-within", "2");
        until(() -> shows("Closest within 2 BPM: "));
    }

    @Test
    void impliedStandsBesideRealWithItsCaution() throws Exception {
        layAt("4/4", "84", "hi-hat every 1/8");
        shift("pivot");
        retype("#pivot", "dotted eighth = quarter");
        clickOn("#page-implied");
        until(() -> told("#about-implied").contains("meet after 3 written bars, 4 implied bars."));
        assertThat(told("#about-implied")).contains("The others may lose the 1");
        assertThat(told("#about-real")).contains("everybody can find the 1");
        retype("#implied-late", "1/16");
        until(() -> told("#about-implied").contains("don't meet")
                || told("#about-implied").contains("after 1 written"));
        until(() ->
                !lookup("#picture-implied").queryAs(Pane.class).getChildren().isEmpty());
        clickOn("#imply");
        assertThat(exercise().layerNames()).containsExactly("hi-hat", "foot hi-hat", "kick", "snare");
        assertThat(exercise().chain().tempos()).containsOnly(Tempo.ofQuarters(84));
        clickOn("#change-really");
        assertThat(exercise().tempo()).isEqualTo(Tempo.ofQuarters(84));
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(exercise().hasSections()).isFalse();
    }

    @Test
    void theFirstFeelComesBackOneComesAgainAndANewOneIsMade() throws Exception {
        layAt("4/4", "84", "hi-hat every 1/8", "kick every 3/8");
        shift("pivot");
        retype("#pivot", "dotted eighth = quarter");
        clickOn("#go-there");
        int there = exercise().sections().size();
        assertThat(exercise().chain().isHome()).isFalse();
        assertThat(text("#tempo")).isEqualTo("112");
        clickOn("#page-sections");
        clickOn("#section-back");
        assertThat(exercise().sections()).hasSize(there + 1);
        assertThat(exercise().chain().isHome()).isTrue();
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        // The selected section once more, at the end; a new section comes after the selected one.
        clickOn("#section-again");
        assertThat(exercise().sections()).hasSize(there + 1);
        assertThat(exercise().sections().get(there).content())
                .isEqualTo(exercise().sections().get(there - 1).content());
        assertThat(exercise().chain().tempos().get(there)).isEqualTo(exercise().tempo());
        clickOn("#section-new");
        assertThat(exercise().contents()).extracting(SectionContent::name).contains("C");
        assertThat(exercise().content().name()).isEqualTo("C");
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(exercise().sections()).hasSize(there);
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(exercise().hasSections()).isFalse();
        assertThat(text("#tempo")).isEqualTo("84");
    }
}
