package nimblestride.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyCode;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.NamedVoices;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.language.text.LayerText;
import nimblestride.desktop.view.road.RoadView;
import org.junit.jupiter.api.Test;

/** What is counted and struck in a bar: counts, voices, stickings. */
class PlaceStoryTest extends WindowStory {
    private <T> ComboBox<T> box(String id) {
        return lookup(id).queryComboBox();
    }

    @Test
    void theCountIsTypedDividedAndPutOnTheStand() throws Exception {
        retype("#bars", "7/8(2+2+3)");
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT2);
        clickOn("#page-count");
        clickOn("#say-groups");
        assertThat(text("#count-text")).isEqualTo("1 2 | 1 2 | 1 2 3");
        retype("#count-text", "1 2 3 1 2 1 2");
        assertThat(exercise().phrase().bars().get(0).grouping()).hasToString("3+2+2");
        retype("#count-text", "1 2 3 1 2 1 3");
        assertThat(shows("Try \"1\" here")).isTrue();
        type(KeyCode.ESCAPE);
        interact(lookup("& of 4 is dropped").queryButton()::fire);
        assertThat(exercise().phrase().bars().get(0).grouping()).hasToString("2+2+2+1");
        clickOn("#count-into").clickOn("sixteenths");
        assertThat(shows("1 2 3 4 | 1 2 3 4 | 1 2 3 4 | 1 2")).isTrue();
        chord(KeyCode.SHORTCUT, KeyCode.R);
        // This bar and the next.
        until(() -> lookup(".stand-foot").queryAll().size() == 8);
        fire("#play");
        until(() -> lookup(".stand-foot").queryAll().stream()
                .anyMatch(word -> word.getPseudoClassStates().toString().contains("lit")));
        fire("#play");
    }

    @Test
    void voicesArePlacedByNamingByClickingAndWithTheArrowKeys() throws Exception {
        retype("#bars", "7/8(2+2+3)");
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT3);
        clickOn("#page-counts");
        retype("#placing", "kick 1, 5; ride every third count");
        assertThat(exercise().layers())
                .containsExactly(LayerText.read("kick at 1:0 1:1/2"), LayerText.read("ride at 1:0 1:3/8 1:3/4"));
        retype("#placing", "kick 1, & of 8");
        assertThat(shows("7/8 has no & of 8")).isTrue();
        type(KeyCode.ESCAPE);
        assertThat(text("#placing")).isEqualTo("kick 1");

        until(() -> window.document().analyzedProperty().get().exercise().equals(exercise()));
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
        until(() -> shows("Snare has 1 note where these bars have no place"));
        clickOn("Remove the note");
        assertThat(exercise().layers()).containsExactly(LayerText.read("kick at 1:0"));
    }

    @Test
    void aStickingIsWrittenTurnedMovedAndBuiltUp() throws Exception {
        retype("#bars", "11/16");
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT3);
        clickOn("#page-sticking").clickOn("#sticking-new");
        retype("#sticking", ">R L R R L of 1/16");
        assertThat(exercise().layers()).containsExactly(LayerText.read("snare sticking >R L R R L of 1/16"));
        clickOn("#sticking-mirror");
        assertThat(text("#sticking")).isEqualTo(">L R L L R of 1/16");
        clickOn("#sticking-turn");
        assertThat(text("#sticking")).isEqualTo("R L L R >L of 1/16");
        retype("#moves", "accents to crash and kick");
        until(() -> shows("left hand in bar"));
        retype("#moves", "accents to gong");
        assertThat(shows("Try a voice")).isTrue();
        clickOn("#sticking-cells").write("5 3 3").type(KeyCode.ENTER);
        assertThat(text("#sticking")).isEqualTo(">R L R L R >L R L >R L R of 1/16");
        until(() -> !shows("left hand in bar"));

        clickOn("#page-hands").clickOn("linear: no two limbs at once");
        assertThat(exercise().playingStyle().linear()).isTrue();
        retype("#most-strokes", "1");
        until(() -> shows("your limit is 1"));
        clickOn("#page-build-up");
        interact(() -> window.document().edit(now -> now.plusLayer(LayerText.read("kick every 1/4"))));
        clickOn("#stage-1");
        RoadView road = lookup(".road").queryAs(RoadView.class);
        assertThat(road.stageProperty().get()).isEqualTo(1);
        interact(() -> window.document().edit(now -> now.plusLayer(LayerText.read("ride every 1/8"))));
        assertThat(road.stageProperty().get()).isEqualTo(Exercise.MAX_LAYERS);
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        clickOn("#stage-1");
        select("#build-row-0");
        chord(KeyCode.ALT, KeyCode.DOWN);
        assertThat(exercise().layers().get(0)).isEqualTo(LayerText.read("kick every 1/4"));
        clickOn("#stage-2");
        assertThat(road.stageProperty().get()).isEqualTo(Exercise.MAX_LAYERS);
    }

    @Test
    void aVoiceOfOnesOwnIsMadeUsedAndTakenAway() throws Exception {
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT3);
        clickOn("#page-voices");
        clickOn("#voice-name").write("  frame   drum ");
        interact(() -> {
            this.<Integer>box("#voice-key").setValue(63);
            this.<Integer>box("#voice-place").setValue(-1);
        });
        clickOn("#voice-add");
        assertThat(exercise().voices().custom()).singleElement().satisfies(voice -> {
            assertThat(voice.name()).isEqualTo("frame drum");
            assertThat(voice.midiKey()).isEqualTo(63);
            assertThat(voice.staffPlace()).isEqualTo(-1);
        });
        // Once more, by Enter: there is one of that name.
        clickOn("#voice-name").write("frame drum").push(KeyCode.ENTER);
        assertThat(problems()).anyMatch(problem -> problem.contains("frame drum"));
        assertThat(exercise().voices().custom()).hasSize(1);

        clickOn("#page-counts");
        retype("#placing", "frame drum 1");
        until(() -> exercise().layers().size() == 1);
        assertThat(exercise().layers().get(0).voice().name()).isEqualTo("frame drum");
        clickOn("#page-voices");
        select("#voice-row-0");
        clickOn("#remove-voice-0");
        assertThat(problems()).anyMatch(problem -> problem.contains("A layer plays the frame drum."));
        // The row of the layer offers the voice, and another.
        clickOn("#bench-cross").clickOn("#page-layers");
        select("#layer-row-0");
        ComboBox<Voice> voice = box("#voice-0");
        assertThat(voice.getValue().name()).isEqualTo("frame drum");
        interact(() -> voice.setValue(Kit.SNARE));
        assertThat(exercise().layers().get(0).voice()).isEqualTo(Kit.SNARE);
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT3);
        clickOn("#page-voices");
        select("#voice-row-0");
        clickOn("#remove-voice-0");
        assertThat(exercise().voices().custom()).isEmpty();
        // The name still stands in the field to which the focus goes; that is not what is taken back.
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(exercise().voices().custom()).hasSize(1);
    }

    @Test
    void aRiffInQuotesGetsItsPitchInVoices() throws Exception {
        lay("7/8", "kick every 1/4");
        clickOn("#bench-cross").clickOn("#page-layers");
        clickOn("#add-layer").write("bass every 7/8").push(KeyCode.ENTER);
        assertThat(exercise().layers().get(1).voice()).isEqualTo(Kit.KICK);
        assertThat(problems()).anyMatch(said -> said.contains("\"bass line\" in quotes"));
        clickOn("#add-layer").write("\"bass line\" cell x..x. of 1/8").push(KeyCode.ENTER);
        assertThat(exercise().layers().get(2).voice()).isEqualTo(Voice.riff("bass line", NamedVoices.USUAL_PITCH));
        assertThat(problems()).isEmpty();

        chord(KeyCode.SHORTCUT, KeyCode.DIGIT3);
        clickOn("#page-voices");
        select("#voice-row-0");
        interact(() -> this.<Integer>box("#pitch-0").setValue(33));
        assertThat(exercise().layers().get(2).voice().midiKey()).isEqualTo(33);
        until(() -> shows("Bass line: another player, on A1, in use"));
        clickOn("#remove-voice-0");
        assertThat(problems()).anyMatch(problem -> problem.contains("A layer plays the bass line."));
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(exercise().layers().get(2).voice().midiKey()).isEqualTo(NamedVoices.USUAL_PITCH);
    }

    /** Hand to hand for as many steps as the first bar has, and the same the other way behind it. */
    @Test
    @OwnStart
    void aStickingGoesHandToHandThroughTheBarAndBack() throws Exception {
        retype("#bars", "5/8");
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT3);
        clickOn("#page-sticking").clickOn("#sticking-new");
        retype("#sticking", "R R L of 1/8");
        clickOn("#sticking-alternate");
        assertThat(text("#sticking")).isEqualTo("R L R L R of 1/8");
        clickOn("#sticking-both");
        assertThat(text("#sticking")).isEqualTo("R L R L R L R L R L of 1/8");
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(text("#sticking")).isEqualTo("R R L of 1/8");
    }
}
