package nimblestride.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import javafx.geometry.Point2D;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import nimblestride.core.counting.CountingSchool;
import nimblestride.core.exercise.Exercise;
import nimblestride.core.text.BarsText;
import nimblestride.core.text.LayerText;
import nimblestride.desktop.road.RoadView;
import nimblestride.formats.json.ExerciseJson;
import org.junit.jupiter.api.Test;

/** The real window, driven by keys and mouse the way a teacher would. */
class StoryTest extends WindowStory {
    @Test
    void aTypedBarComesHomeIsHeardUndoneSavedAndFoundAgain() throws Exception {
        retype("#bars", "10/8(3+3+2+2) x2, 9/16");
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("10/8 x2, 9/16");
        clickOn("#add-layer").write("bass drum every 5/16").type(KeyCode.ENTER);
        assertThat(exercise().layers()).containsExactly(LayerText.read("kick every 5/16"));

        until(() -> shows("Kick lands on bars 1, 2 and 3 of the 15"));
        assertThat(shows("49 hits of 5/16 = 5 phrases of 49/16 = 245/16.")).isTrue();
        assertThat(shows("home in 15 bars")).isTrue();
        RoadView road = lookup(".road").queryAs(RoadView.class);
        assertThat(road.getAccessibleText()).contains("Layers: kick.", "back on 1 after 15 bars");

        // Space plays once the focus has left the text.
        interact(road::requestFocus);
        type(KeyCode.SPACE);
        until(() -> road.heard().orElse(0) > 0.05);
        assertThat(shows("Playing through the silent clock")).isTrue();
        retype("#tempo", "180");
        assertThat(exercise().tempo()).hasToString("180");
        double before = road.heard().orElseThrow();
        until(() -> road.heard().orElse(0) != before);
        interact(road::requestFocus);
        type(KeyCode.SPACE);
        until(() -> road.heard().isEmpty());

        chord(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(exercise().tempo()).hasToString("96");
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(exercise().layers()).isEmpty();
        chord(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.Z);
        assertThat(exercise().layers()).hasSize(1);

        Path file = home.resolve("lesson.json");
        answers.save.add(file);
        chord(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.S);
        until(() -> Files.exists(file));
        assertThat(ExerciseJson.read(file)).isEqualTo(exercise());
        assertThat(window.stage().getTitle()).doesNotContain("•");

        Exercise kept = exercise();
        closeWindow();
        openAgain();
        assertThat(exercise()).isEqualTo(kept);
        assertThat(text("#bars")).isEqualTo("10/8 x2, 9/16");
        assertThat(window.desk().file().get()).contains(file);
        assertThat(window.desk().saved().get()).isTrue();
        until(() -> shows("Kick lands on bars 1, 2 and 3 of the 15"));
    }

    @Test
    void badTextSaysWhereAndTheLastGoodExerciseStays() throws Exception {
        retype("#bars", "11/8(3+3+3+2)");
        Exercise good = exercise();
        retype("#bars", "11/8(3+3+3+1)");
        assertThat(shows("1 too few")).isTrue();
        // On the way the text made sense as 11/8; what was good last has the usual groups.
        assertThat(exercise().phrase()).isEqualTo(good.phrase());
        assertThat(text("#bars")).isEqualTo("11/8(3+3+3+1)");

        clickOn("#add-layer").write("kazoo every 3/16").type(KeyCode.ENTER);
        assertThat(shows("there is no voice of that name")).isTrue();
        assertThat(text("#add-layer")).isEqualTo("kazoo every 3/16");
        retype("#tempo", "5000");
        assertThat(shows("from 1 to 999 beats a minute")).isTrue();

        clickOn("#bars");
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(text("#bars")).isEqualTo("11/8");
        assertThat(exercise().phrase()).isEqualTo(good.phrase());
        retype("#bars", "11/");
        type(KeyCode.ESCAPE);
        assertThat(text("#bars")).isEqualTo("11/8");
        for (String bad : List.of("", "0/4", "7/0", "-7/8", "99999999999/8")) {
            retype("#bars", bad.isEmpty() ? " " : bad);
            assertThat(shows("column ")).as(bad).isTrue();
        }
        assertThat(exercise().phrase().bars()).isNotEmpty();
    }

    @Test
    void layersAreChangedAndRemovedAndTypingIsUndoneAsOneStep() throws Exception {
        clickOn("snare 4 over bar");
        retype("#pattern-0", "5 over 2 bars");
        retype("#offset-0", "1/8");
        assertThat(exercise().layers()).containsExactly(LayerText.read("snare 5 over 2 bars from 1/8"));
        retype("#name", "Ferry");
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(exercise().name()).isEqualTo("New exercise");
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(exercise().layers()).containsExactly(LayerText.read("snare 5 over 2 bars"));
        assertThat(text("#offset-0")).isEqualTo("0");
        clickOn("#remove-0");
        assertThat(exercise().layers()).isEmpty();
        clickOn("#undo");
        assertThat(exercise().layers()).hasSize(1);
    }

    @Test
    void whatIsInNoFileIsThereAgainAndCannotBeLostUnasked() throws Exception {
        retype("#bars", "19/16");
        assertThat(window.stage().getTitle()).startsWith("•");
        answers.keep.add(Questions.Keep.CANCEL);
        chord(KeyCode.SHORTCUT, KeyCode.N);
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("19/16");
        closeWindow();
        openAgain();
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("19/16");
        assertThat(window.desk().saved().get()).isFalse();
        answers.keep.add(Questions.Keep.LET_GO);
        chord(KeyCode.SHORTCUT, KeyCode.N);
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("4/4");
    }

    @Test
    void aFileThatCannotBeReadOrWrittenIsToldAndTheDeskStays() throws Exception {
        Path foreign = home.resolve("foreign.json");
        Files.writeString(foreign, "{\"format\": \"nimble-stride-exercise\", \"version\": 7}");
        answers.open.add(foreign);
        retype("#bars", "7/8");
        chord(KeyCode.SHORTCUT, KeyCode.O);
        assertThat(answers.told.get(0)).contains("cannot be opened", "this file is of version 7");
        answers.save.add(home.resolve("no such folder").resolve("lesson.json"));
        chord(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.S);
        assertThat(answers.told.get(1)).contains("could not be saved", "there is no folder");
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("7/8");
        assertThat(window.desk().saved().get()).isFalse();
    }

    @Test
    void theBookKeepsAndOpensExercises() throws Exception {
        retype("#bars", "21/16");
        clickOn("#keep-in-book");
        assertThat(window.book().ask(book -> book.shelf().named("new exercise")).orElseThrow())
                .isPresent();
        assertThat(window.desk().saved().get()).isTrue();
        chord(KeyCode.SHORTCUT, KeyCode.N);
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("4/4");
        until(() -> lookup("21/16").tryQuery().isPresent());
        clickOn("21/16");
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("21/16");
        Path midi = home.resolve("piece.mid");
        answers.save.add(midi);
        chord(KeyCode.SHORTCUT, KeyCode.M);
        assertThat(Files.exists(midi)).isTrue();
    }

    @Test
    void aReadingIsTakenWithOneClickAndASlipIsMended() throws Exception {
        retype("#bars", "7/8, 11/8(3+3+2+3)");
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT1);
        until(() -> shows("2+2+3"));
        clickOn("2+2+3");
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("7/8(2+2+3), 11/8(3+3+2+3)");
        retype("#wish-first", "3");
        until(() -> !shows("2+2+3"));
        // By keys alone: on to the next fields, and to the first reading.
        type(KeyCode.TAB, 5).type(KeyCode.ENTER);
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("7/8, 11/8(3+3+2+3)");
        retype("#wish-first", "many");
        until(() -> shows("2+2+3"));
        chord(KeyCode.SHORTCUT, KeyCode.Z);

        retype("#bars", "11/8");
        until(() -> shows("6/8 and 5/8: even, then odd"));
        rightClickOn("6/8 and 5/8: even, then odd");
        clickOn("Write it as 6/8, 5/8");
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("6/8, 5/8");
        chord(KeyCode.SHORTCUT, KeyCode.L);
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("11/8");
        chord(KeyCode.SHORTCUT, KeyCode.DOWN);
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("11/16");
        assertThat(exercise().tempo()).hasToString("1/8=96");

        retype("#bars", "11/4");
        clickOn("#page-does-it-fill");
        retype("#fill-pattern", "22 x 1/16");
        assertThat(shows("2 of them fill the bar of 11/4.")).isTrue();
        clickOn("#fill-mend");
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("11/8");
        assertThat(shows("The pattern fills the bar of 11/8.")).isTrue();
        retype("#fill-pattern", "R L R R | L R L L of 1/16");
        assertThat(shows("The pattern does not fill the bar of 11/8: it is 7/8 short."))
                .isTrue();
        retype("#fill-pattern", "5+5+1 of 1/8");
        assertThat(shows("The pattern fills the bar of 11/8.")).isTrue();
        retype("#fill-pattern", "22 of them");
        assertThat(shows("expected a note value")).isTrue();
        clickOn("#bench-cross");
        assertThat(lookup("#add-layer").tryQuery()).isPresent();
    }

    @Test
    void whatFitsIsAddedAsALayerAndAsASticking() throws Exception {
        retype("#bars", "4/4");
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT1);
        clickOn("#page-what-fits");
        retype("#fit-question", "5, 3 into 4/4 of 1/16");
        until(() -> shows("6 ways fill 16 sixteenths."));
        clickOn("#fit-layer-0");
        assertThat(exercise().layers()).containsExactly(LayerText.read("snare cell x....x....x..x.. of 1/16"));
        clickOn("#fit-sticking-0");
        assertThat(LayerText.write(exercise().layers().get(1)))
                .isEqualTo("snare sticking >R L R L R >L R L R L >R L R >L R L of 1/16");
        clickOn("alike together");
        until(() -> shows("2 ways fill"));
        retype("#fit-question", "5, 3 into 7/16 of 1/16");
        until(() -> shows("The nearest that can be filled is 8: add 1."));
        retype("#fit-question", "5, 3 into");
        assertThat(shows("expected \"of\"")).isTrue();
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        clickOn("#bench-cross");
        assertThat(text("#pattern-0")).isEqualTo("cell x....x....x..x.. of 1/16");
    }

    @Test
    void aTappedPatternIsHeardAndTaken() throws Exception {
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT1);
        clickOn("#page-what-meter");
        retype("#gaps", "3 2 2 of 1/8");
        assertThat(shows("7/8(3+2+2)") || shows("7/8")).isTrue();
        clickOn("#heard-0");
        assertThat(exercise().phrase().bars().get(0).grouping()).hasToString("3+2+2");
        retype("#gaps", "3 two of 1/8");
        assertThat(shows("expected a length")).isTrue();
        clickOn("#tap-again");
        type(KeyCode.T);
        assertThat(shows("1 tap: tap the pattern at least three times round")).isTrue();
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
    }

    @Test
    void theCountIsTypedDividedAndPutOnTheStand() throws Exception {
        retype("#bars", "7/8(2+2+3)");
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT1);
        clickOn("#page-count");
        clickOn("#say-groups");
        assertThat(text("#count-text")).isEqualTo("1 2 | 1 2 | 1 2 3");
        retype("#count-text", "1 2 3 1 2 1 2");
        assertThat(exercise().phrase().bars().get(0).grouping()).hasToString("3+2+2");
        retype("#count-text", "1 2 3 1 2 1 3");
        assertThat(shows("expected \"2\" here")).isTrue();
        type(KeyCode.ESCAPE);
        interact(lookup("& of 4 is dropped").queryButton()::fire);
        assertThat(exercise().phrase().bars().get(0).grouping()).hasToString("2+2+2+1");
        clickOn("#count-into").clickOn("sixteenths");
        assertThat(shows("1 2 3 4 | 1 2 3 4 | 1 2 3 4 | 1 2")).isTrue();
        chord(KeyCode.SHORTCUT, KeyCode.R);
        until(() -> lookup(".stand-foot").queryAll().size() == 4);
        clickOn("#play");
        until(() -> lookup(".stand-foot").queryAll().stream()
                .anyMatch(word -> word.getPseudoClassStates().toString().contains("lit")));
        clickOn("#play");
    }

    @Test
    void voicesArePlacedByNamingByClickingAndWithTheArrowKeys() throws Exception {
        retype("#bars", "7/8(2+2+3)");
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT2);
        retype("#placing", "kick 1, 5; ride every third count");
        assertThat(exercise().layers())
                .containsExactly(LayerText.read("kick at 1:0 1:1/2"), LayerText.read("ride at 1:0 1:3/8 1:3/4"));
        retype("#placing", "kick 1, & of 8");
        assertThat(shows("there is no & of 8 in a bar of 7/8")).isTrue();
        type(KeyCode.ESCAPE);
        assertThat(text("#placing")).isEqualTo("kick 1");

        until(() -> window.desk().answer().get().exercise().equals(exercise()));
        RoadView road = lookup(".road").queryAs(RoadView.class);
        clickOn(road.screenPlace(2.0 / 8).add(0, 19));
        assertThat(exercise().layers().get(1)).isEqualTo(LayerText.read("snare at 1:1/4"));
        // The note just placed goes along with the arrow keys, and that is one step back.
        type(KeyCode.RIGHT, 2);
        assertThat(exercise().layers().get(1)).isEqualTo(LayerText.read("snare at 1:1/2"));
        assertThat(text("#placing")).isEqualTo("kick 1; snare 5");
        type(KeyCode.ESCAPE);
        type(KeyCode.LEFT).type(KeyCode.ENTER);
        assertThat(exercise().layers().get(1)).isEqualTo(LayerText.read("snare at 1:3/8 1:1/2"));
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(exercise().layers().get(1)).isEqualTo(LayerText.read("snare at 1:1/4"));

        // The same note has another name in other bars.
        retype("#bars", "4/4");
        assertThat(text("#placing")).isEqualTo("kick 1; snare 2");
        retype("#bars", "1/8");
        until(() -> shows("Snare has 1 note on places that the bars do not have"));
        clickOn("Take it off");
        assertThat(exercise().layers()).containsExactly(LayerText.read("kick at 1:0"));
    }

    @Test
    void aStickingIsWrittenTurnedMovedDealtAndBuiltUp() throws Exception {
        retype("#bars", "11/16");
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT2);
        clickOn("#page-sticking").clickOn("#sticking-new");
        retype("#sticking", ">R L R R L of 1/16");
        assertThat(exercise().layers()).containsExactly(LayerText.read("snare sticking >R L R R L of 1/16"));
        clickOn("#sticking-mirror");
        assertThat(text("#sticking")).isEqualTo(">L R L L R of 1/16");
        clickOn("#sticking-turn");
        assertThat(text("#sticking")).isEqualTo("R L L R >L of 1/16");
        retype("#moves", "accents to crash and kick");
        until(() -> shows("the left hand"));
        retype("#moves", "accents to gong");
        assertThat(shows("there is no voice of that name")).isTrue();
        clickOn("#sticking-cells").write("5 3 3").type(KeyCode.ENTER);
        assertThat(text("#sticking")).isEqualTo(">R L R L R >L R L >R L R of 1/16");
        until(() -> shows("the right hand has the 1 of every bar"));

        clickOn("#page-try-the-rest").clickOn("#deal-next");
        until(() -> shows("1 of "));
        clickOn("#deal-next").clickOn("#deal-practised");
        assertThat(exercise().practice().dealt()).hasSize(1);
        retype("#deal-open", "5 to 50");
        assertThat(shows("from 1 step to all 11 are open")).isTrue();
        chord(KeyCode.SHORTCUT, KeyCode.Z);

        clickOn("#page-hands").clickOn("linear: no two limbs at once");
        assertThat(exercise().manner().linear()).isTrue();
        retype("#most-strokes", "1");
        until(() -> shows("your limit is 1"));
        clickOn("#page-build-up");
        interact(() -> window.desk().edit(now -> now.plusLayer(LayerText.read("kick every 1/4"))));
        clickOn("#stage-1");
        RoadView road = lookup(".road").queryAs(RoadView.class);
        assertThat(road.stage().get()).isEqualTo(1);
        interact(() -> window.desk().edit(now -> now.plusLayer(LayerText.read("ride every 1/8"))));
        assertThat(road.stage().get()).isEqualTo(Exercise.MOST_LAYERS);
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        clickOn("#stage-1");
        clickOn("#later-0");
        assertThat(exercise().layers().get(0)).isEqualTo(LayerText.read("kick every 1/4"));
        clickOn("#stage-2");
        assertThat(road.stage().get()).isEqualTo(Exercise.MOST_LAYERS);
    }

    @Test
    void aStridesFootIsDraggedToRegroupAndThatIsOneStepBack() throws Exception {
        retype("#bars", "7/8");
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT1);
        until(() -> window.desk().answer().get().exercise().equals(exercise()));
        RoadView road = lookup(".road").queryAs(RoadView.class);
        Point2D foot = road.screenPlace(3.0 / 8);
        Point2D there = road.screenPlace(2.0 / 8);
        moveTo(foot).press(MouseButton.PRIMARY);
        moveTo(there).release(MouseButton.PRIMARY);
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("7/8(2+3+2)");
        assertThat(text("#bars")).isEqualTo("7/8(2+3+2)");
        until(() -> shows("one 2, then one 3, then one 2"));
        until(() -> window.desk().answer().get().exercise().equals(exercise()));
        doubleClickOn(road.screenPlace(3.0 / 8));
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("7/8(2+1+2+2)");
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("7/8");
    }

    @Test
    void aCycleTooLongToDrawIsAnsweredAtOnce() throws Exception {
        retype("#bars", "9967/9973");
        clickOn("#add-layer").write("kick every 9949/10007").type(KeyCode.ENTER);
        until(() -> shows("99,221,377 bars"));
        retype("#bars", "9999/1000");
        retype("#pattern-0", "every 3000000019/1000000007");
        retype("#offset-0", "1/999999937");
        until(() -> shows("exactly"));
        assertThat(shows("cannot be counted")).isTrue();
    }

    @Test
    void remembersItsSizeItsNightAndHowItCounts() throws Exception {
        chord(KeyCode.SHORTCUT, KeyCode.D);
        clickOn("#counting").clickOn("spoken rhythm");
        retype("#bars", "7/8(2+2+3), 5/8");
        clickOn("#copy-count");
        String[] copied = new String[1];
        interact(() -> copied[0] = Clipboard.getSystemClipboard().getString());
        assertThat(copied[0]).isEqualTo("7/8: ta ka | ta ka | ta ki ta\n5/8: ta ki ta | ta ka");
        interact(() -> window.stage().setWidth(1000));
        closeWindow();
        openAgain();
        assertThat(window.stage().getScene().getWidth()).isLessThan(1010);
        assertThat(window.stage().getScene().getRoot().getStyle()).contains("#1d1a18");
        RoadView road = lookup(".road").queryAs(RoadView.class);
        assertThat(road.school().get()).isEqualTo(CountingSchool.SPOKEN);
    }

    @Test
    void whereNothingCanBeKeptTheWindowStillOpensAndSaysSo() throws Exception {
        closeWindow();
        Files.writeString(home.resolve("file"), "in the way");
        home = home.resolve("file");
        openAgain();
        assertThat(shows("Your work cannot be kept on disk")).isTrue();
        retype("#bars", "7/8");
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("7/8");
    }
}
