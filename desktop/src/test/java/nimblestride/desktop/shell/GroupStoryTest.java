package nimblestride.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.TimeUnit;
import javafx.geometry.Point2D;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.LayerText;
import nimblestride.desktop.view.road.RoadView;
import org.junit.jupiter.api.Test;

/** Bars broken into groups: by readings, by what fits, by tapping, and with the mouse on the Road. */
class GroupStoryTest extends WindowStory {
    @Test
    void aReadingIsTakenWithOneClickAndASlipIsMended() throws Exception {
        retype("#bars", "7/8(3+2+2), 11/8(3+3+2+3)");
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT2);
        clickOn("#page-readings");
        until(() -> shows("2+2+3"));
        clickOn("2+2+3");
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("7/8, 11/8(3+3+2+3)");
        retype("#wish-first", "3");
        until(() -> !shows("2+2+3"));
        // By keys alone: on to the next fields, and to the first reading.
        type(KeyCode.TAB, 5).type(KeyCode.ENTER);
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("7/8(3+2+2), 11/8(3+3+2+3)");
        retype("#wish-first", "many");
        until(() -> shows("2+2+3"));
        chord(KeyCode.SHORTCUT, KeyCode.Z);

        retype("#bars", "11/8");
        until(() -> shows("three 3s, then one 2"));
        rightClickOn("#reading-0");
        clickOn("Write as 6/8 + 5/8");
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("6/8, 5/8");
        chord(KeyCode.SHORTCUT, KeyCode.L);
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("11/8(3+3|3+2)");
        // One click back to the two bars, and again.
        until(() -> lookup("#split-inner-bars").query().isVisible());
        clickOn("#split-inner-bars");
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("6/8, 5/8");
        until(() -> !lookup("#split-inner-bars").query().isVisible());
        chord(KeyCode.SHORTCUT, KeyCode.L);
        chord(KeyCode.SHORTCUT, KeyCode.DOWN);
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("11/16(3+3|3+2)");
        assertThat(exercise().tempo()).hasToString("1/8=96");

        retype("#bars", "11/4");
        clickOn("#page-does-it-fill");
        retype("#fill-pattern", "22 x 1/16");
        assertThat(shows("2 of them fill 11/4.")).isTrue();
        clickOn("#fill-mend");
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("11/8");
        assertThat(shows("The pattern fills 11/8.")).isTrue();
        retype("#fill-pattern", "R L R R | L R L L of 1/16");
        assertThat(shows("The pattern is 14 sixteenths too short for 11/8. It fills 2/4."))
                .isTrue();
        retype("#fill-pattern", "5+5+1 of 1/8");
        assertThat(shows("The pattern fills 11/8.")).isTrue();
        retype("#fill-pattern", "22 of them");
        assertThat(shows("Try a note value")).isTrue();
        clickOn("#bench-cross");
        assertThat(lookup("#add-layer").tryQuery()).isPresent();
    }

    @Test
    void aBarIsCountedInTheUsersOwnWordsAndAPhraseIsReadAsAWhole() throws Exception {
        retype("#bars", "3/4, 2/4");
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT2);
        clickOn("#page-readings");
        until(() -> lookup("#phrase-as-0").tryQuery().isPresent());
        String other = ((Labeled) lookup("#phrase-as-0").query()).getText();
        fire("#phrase-as-0");
        assertThat(BarsText.write(exercise().phrase())).isEqualTo(other);
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        retype("#bars", "5/4");
        until(() -> lookup("#eighths-0").tryQuery().isPresent());
        fire("#eighths-0");
        assertThat(exercise().phrase().bars().get(0).meter()).hasToString("10/8");

        retype("#bars", "7/8(2+2+3)");
        clickOn("#page-count");
        until(() -> lookup("#own-words").tryQuery().isPresent());
        retypeFocused("#own-words", "ap-ple, ba-na-na");
        fire("#say-own");
        until(() -> shows("ap ple | ap ple | ba na na"));
        retypeFocused("#own-words", "ap ple");
        until(() -> shows("contains a space"));
    }

    @Test
    void aGroupingIsHeardAndNamed() throws Exception {
        retype("#bars", "7/8");
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT2);
        clickOn("#page-ear");
        clickOn("#ear-play");
        until(() -> shows("Which grouping?"));
        type(KeyCode.DIGIT1);
        until(() -> shows(" of 1 right."));
        assertThat(shows("Right: 2+2+3.") || shows("2+2+3? It is ")).isTrue();
        fire("#ear-next");
        // Three taps and one more on the next 1 name 3+2+2.
        for (int length : new int[] {3, 3, 2, 2}) {
            clock.addAndGet(TimeUnit.MILLISECONDS.toNanos(200L * length));
            fire("#ear-tap");
        }
        until(() -> shows(" of 2 right."));
        assertThat(shows("Right: 3+2+2.") || shows("3+2+2? It is ")).isTrue();
        fire("#ear-log");
        until(() -> shows("Logged: ear: "));
        fire("#play");
    }

    @Test
    void whatFitsIsAddedAsALayerAndAsASticking() throws Exception {
        retype("#bars", "4/4");
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT2);
        clickOn("#page-what-fits");
        retype("#fit-question", "5, 3 into 4/4 of 1/16");
        until(() -> shows("6 ways to fill 16 sixteenths."));
        clickOn("#fit-layer-0");
        assertThat(exercise().layers()).containsExactly(LayerText.read("snare cell x....x....x..x.. of 1/16"));
        clickOn("#fit-sticking-0");
        assertThat(LayerText.write(exercise().layers().get(1)))
                .isEqualTo("snare sticking >R L R L R >L R L R L >R L R >L R L of 1/16");
        clickOn("same sizes together");
        until(() -> shows("2 ways to fill"));
        retype("#fit-question", "5, 3 into 7/16 of 1/16");
        until(() -> shows("The nearest that can be filled is 8: add 1."));
        retype("#fit-question", "5, 3 into");
        assertThat(shows("Try \"of\"")).isTrue();
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        clickOn("#bench-cross");
        select("#layer-row-0");
        assertThat(text("#pattern-0")).isEqualTo("cell x....x....x..x.. of 1/16");
    }

    @Test
    void aTappedPatternIsHeardAndTaken() throws Exception {
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT2);
        clickOn("#page-what-meter");
        retype("#gaps", "3 2 2 of 1/8");
        assertThat(shows("7/8(3+2+2)") || shows("7/8")).isTrue();
        clickOn("#heard-0");
        assertThat(exercise().phrase().bars().get(0).grouping()).hasToString("3+2+2");
        retype("#gaps", "3 two of 1/8");
        assertThat(shows("Try a gap")).isTrue();
        clickOn("#tap-again");
        type(KeyCode.T);
        assertThat(shows("1 tap: tap the pattern at least three times")).isTrue();
        // Human hands are tried on the core; here the keys, by a clock of the test's own.
        for (int length : new int[] {2, 2, 3, 2, 2, 3, 2, 2, 3}) {
            clock.addAndGet(TimeUnit.MILLISECONDS.toNanos(150L * length));
            type(KeyCode.T);
        }
        assertThat(shows("10 taps.")).isTrue();
        clickOn("#heard-0");
        assertThat(exercise().phrase().bars()).hasSize(1);
        assertThat(exercise().phrase().bars().get(0).grouping()).hasToString("2+2+3");
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(exercise().phrase().bars().get(0).grouping()).hasToString("3+2+2");
        // Whether what was heard fills the bar is asked on another page.
        clickOn("Does it fill?");
        until(() -> lookup("#fill-pattern").tryQuery().isPresent());
    }

    @Test
    @OwnStart
    void aStridesFootIsDraggedToRegroupAndThatIsOneStepBack() throws Exception {
        retype("#bars", "7/8(3+2+2)");
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT2);
        until(() -> window.document().analyzedProperty().get().exercise().equals(exercise()));
        RoadView road = lookup(".road").queryAs(RoadView.class);
        Point2D statusBar = road.screenPlace(3.0 / 8);
        Point2D there = road.screenPlace(2.0 / 8);
        moveTo(statusBar).press(MouseButton.PRIMARY);
        moveTo(there).release(MouseButton.PRIMARY);
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("7/8(2+3+2)");
        assertThat(text("#bars")).isEqualTo("7/8(2+3+2)");
        until(() -> shows("one 2, then one 3, then one 2"));
        until(() -> window.document().analyzedProperty().get().exercise().equals(exercise()));
        doubleClickOn(road.screenPlace(3.0 / 8));
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("7/8(2+1+2+2)");
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("7/8(3+2+2)");
    }
}
