package nimblestride.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.geometry.Rectangle2D;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.stage.Screen;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.CountingSystem;
import nimblestride.desktop.view.road.RoadView;
import nimblestride.formats.json.ExerciseJson;
import nimblestride.store.book.ExerciseSummary;
import org.junit.jupiter.api.Test;

/** The real window, driven by keys and mouse the way a teacher would. */
class StoryTest extends WindowStory {
    @Test
    void aTypedBarComesHomeIsHeardUndoneSavedAndFoundAgain() throws Exception {
        retype("#bars", "10/8(3+3+2+2) x2, 9/16");
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("10/8 x2, 9/16");
        clickOn("#add-layer").write("bass drum every 5/16").type(KeyCode.ENTER);
        assertThat(exercise().layers()).containsExactly(LayerText.read("kick every 5/16"));

        until(() -> shows("Everything lines up again after 15 bars (38\u00a0s)."));
        assertThat(shows("5 × 49 sixteenths = 245 sixteenths.")).isTrue();
        assertThat(shows("15-bar cycle")).isTrue();
        RoadView road = lookup(".road").queryAs(RoadView.class);
        assertThat(road.getAccessibleText()).contains("Layers: kick.", "Everything lines up again after 15 bars");

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
        Exercise kept = exercise();
        closeWindow();
        openAgain();
        assertThat(exercise()).isEqualTo(kept);
        assertThat(text("#bars")).isEqualTo("10/8 x2, 9/16");
        untilKept();
        until(() -> shows("Everything lines up again after 15 bars (38\u00a0s)."));
    }

    @Test
    void badTextSaysWhereAndTheLastGoodExerciseStays() throws Exception {
        retype("#bars", "11/8(3+3+3+2)");
        Exercise good = exercise();
        retype("#bars", "11/8(3+3+3+1)");
        assertThat(shows("the groups add up to 10; 11/8 needs 11")).isTrue();
        // On the way the text made sense as 11/8; what was good last has the usual groups.
        assertThat(exercise().phrase()).isEqualTo(good.phrase());
        assertThat(text("#bars")).isEqualTo("11/8(3+3+3+1)");

        clickOn("#add-layer").write("kazoo every 3/16").type(KeyCode.ENTER);
        assertThat(shows("Try a voice")).isTrue();
        assertThat(text("#add-layer")).isEqualTo("kazoo every 3/16");
        retype("#tempo", "5000");
        assertThat(shows("tempos run from 1 to 999 BPM")).isTrue();

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
        assertThat(shows("Snare: 4 over the bar")).isTrue();
        select("#layer-row-0");
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
    void nothingIsAskedAndNothingIsLost() throws Exception {
        retype("#bars", "19/16");
        chord(KeyCode.SHORTCUT, KeyCode.N);
        until(() -> BarsText.write(exercise().phrase()).equals("4/4"));
        assertThat(window.document().inBookProperty().get()).isEmpty();
        until(() -> kept().equals(List.of("19/16")));
        retype("#bars", "23/16");
        closeWindow();
        openAgain();
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("23/16");
        until(() -> kept().equals(List.of("23/16", "19/16")));
        // An exercise that nobody touches leaves no trace.
        chord(KeyCode.SHORTCUT, KeyCode.N);
        chord(KeyCode.SHORTCUT, KeyCode.N);
        closeWindow();
        openAgain();
        assertThat(kept()).hasSize(2);
    }

    private List<String> kept() {
        return window.book().ask(book -> book.exercises().last(10)).orElseThrow().stream()
                .map(ExerciseSummary::about)
                .toList();
    }

    @Test
    void aFileThatCannotBeReadOrWrittenIsToldAndTheDeskStays() throws Exception {
        Path foreign = home.resolve("foreign.json");
        Files.writeString(foreign, "{\"format\": \"nimble-stride-exercise\", \"version\": 7}");
        answers.open.add(foreign);
        retype("#bars", "7/8");
        chord(KeyCode.SHORTCUT, KeyCode.O);
        assertThat(answers.told.get(0)).contains("I can't import this file", "this file has version 7");
        answers.save.add(home.resolve("no such folder").resolve("lesson.json"));
        chord(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.S);
        until(() -> answers.told.size() == 2);
        assertThat(answers.told.get(1)).contains("Exporting the Nimble Stride exercise lesson.json failed", "o folder");
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("7/8");
    }

    @Test
    void theBookKeepsAndOpensExercises() throws Exception {
        retype("#bars", "21/16");
        untilKept();
        assertThat(window.book()
                        .ask(book -> book.exercises().named("new exercise"))
                        .orElseThrow())
                .isPresent();
        chord(KeyCode.SHORTCUT, KeyCode.N);
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("4/4");
        // The list may be rebuilt between the lookup and the click.
        again(() -> clickWhereShown("21/16"), () -> BarsText.write(exercise().phrase())
                .equals("21/16"));
        Path midi = home.resolve("piece.mid");
        answers.save.add(midi);
        chord(KeyCode.SHORTCUT, KeyCode.M);
        until(() -> Files.exists(midi));
    }

    @Test
    void aCycleTooLongToDrawIsAnsweredAtOnce() throws Exception {
        retype("#bars", "9967/9973");
        clickOn("#add-layer").write("kick every 9949/10007").type(KeyCode.ENTER);
        until(() -> shows("99,221,377 bars"));
        retype("#bars", "9999/1000");
        select("#layer-row-0");
        retype("#pattern-0", "every 3000000019/1000000007");
        retype("#offset-0", "1/999999937");
        until(() -> shows("exactly"));
        assertThat(shows("too long to count")).isTrue();
    }

    @Test
    @OwnStart
    void remembersItsSizeItsNightAndHowItCounts() throws Exception {
        chord(KeyCode.SHORTCUT, KeyCode.D);
        clickOn("#counting").clickOn("konnakol");
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
        assertThat(road.countingSystemProperty().get()).isEqualTo(Counting.of(CountingSystem.SPOKEN));
    }

    @Test
    @OwnStart
    void whereNothingCanBeKeptTheWindowStillOpensAndSaysSo() throws Exception {
        closeWindow();
        Files.writeString(home.resolve("file"), "in the way");
        home = home.resolve("file");
        openAgain();
        assertThat(shows("I can't keep your work on disk")).isTrue();
        retype("#bars", "7/8");
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("7/8");
    }

    /** The defects: some settings ended every start, and a window left on a larger screen was out of reach. */
    @Test
    @OwnStart
    void whateverIsInItsFolderTheWindowComesUp() throws Exception {
        closeWindow();
        Path settings = home.resolve("settings.json");
        Files.writeString(
                settings, Files.readString(settings).replaceFirst("\"width\" : [0-9.]+", "\"width\" : 20000"));
        openAgain();
        Rectangle2D screen = Screen.getPrimary().getVisualBounds();
        assertThat(window.stage().getScene().getWidth()).isLessThanOrEqualTo(screen.getWidth());
        closeWindow();
        Files.writeString(settings, "click.silence=3");
        Files.writeString(home.resolve("drafts").resolve("desk-1.json"), "{\"file\": \"a\\u0000b\"}");
        openAgain();
        assertThat(shows("Your unsaved work can't be read")).isTrue();
        assertThat(shows("I can't read the settings, so the defaults apply.")).isTrue();
        assertThat(home.resolve("settings.json.unreadable-1")).exists();
        assertThat(home.resolve("drafts").resolve("desk-1.json.unreadable-1")).exists();
        retype("#bars", "7/8");
        assertThat(BarsText.write(exercise().phrase())).isEqualTo("7/8");
    }

    @Test
    void helpShowsTheProgramsLog() {
        defects.uncaughtException(Thread.currentThread(), new IllegalStateException("Wren"));
        chord(KeyCode.SHORTCUT, KeyCode.F1);
        assertThat(answers.told)
                .singleElement()
                .asString()
                .contains("IllegalStateException")
                .doesNotContain("Wren");
    }
}
