package nimblestride.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.notation.score.ScoreStyle;
import nimblestride.core.notation.score.ScoreWriter;
import nimblestride.core.time.value.Tempo;
import nimblestride.desktop.document.sample.SampleRehearsal;
import nimblestride.formats.midi.ExerciseMidi;
import nimblestride.formats.musicxml.ScoreXml;
import org.junit.jupiter.api.Test;

/** Scores and MIDI files are looked at, chosen from, taken with their originals, or left. */
class ImportStoryTest extends WindowStory {
    private static Exercise weir() {
        return new Exercise(
                "Weir",
                BarsText.read("10/8, 10/8, 9/16"),
                List.of(LayerText.read("kick every 5/16")),
                Tempo.ofQuarters(96));
    }

    private void bringIn(Path file) {
        answers.open.add(file);
        chord(KeyCode.SHORTCUT, KeyCode.O);
    }

    private boolean isReady() {
        return lookup("#bring-take")
                .tryQuery()
                .filter(take -> !take.isDisabled())
                .isPresent();
    }

    @Test
    void aRecordingIsLookedAtChangedAndTakenWithItsOriginal() throws Exception {
        Path file = SampleRehearsal.write(home);
        String before = exercise().name();
        bringIn(file);
        until(this::isReady);
        assertThat(exercise().name()).isEqualTo(before);
        assertThat(shows("with a spread of")).isTrue();
        interact(() -> lookup("#sound-0").<ComboBox<Optional<Voice>>>query().setValue(Optional.empty()));
        until(() -> isReady() && shows("No voice chosen for key 44"));
        clickOn("#bring-take");
        until(() -> exercise().name().equals("evening-rehearsal"));
        assertThat(exercise().phrase().length().toString()).isEqualTo("11/16");
        assertThat(exercise().layers()).noneMatch(layer -> layer.voice().name().equals("foot hi-hat"));
        untilKept();
        Path written = home.resolve("again.mid");
        answers.save.add(written);
        chord(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.O);
        until(() -> Files.exists(written));
        assertThat(written).hasSameBinaryContentAs(file);

        // The next recording of the same pads leaves the same sound out.
        bringIn(file);
        until(() -> isReady() && shows("No voice chosen for key 44"));
        // What is changed and left is not remembered, and not shown the next time.
        ComboBox<Optional<Voice>> again = lookup("#sound-1").query();
        interact(() -> again.setValue(Optional.empty()));
        until(() -> isReady() && shows("key 49"));
        push(KeyCode.SPACE);
        assertThat(lookup("#play").queryButton().getText()).isEqualTo("Play");
        push(KeyCode.ESCAPE);
        until(() -> lookup("#bring-take").tryQuery().isEmpty());
        bringIn(file);
        until(this::isReady);
        ComboBox<Optional<Voice>> anew = lookup("#sound-1").query();
        assertThat(anew.getValue()).isPresent();
        push(KeyCode.ESCAPE);
    }

    @Test
    void whatRepeatsIsTakenOrNot() throws Exception {
        Path file = home.resolve("weir.mid");
        ExerciseMidi.write(weir(), file);
        bringIn(file);
        until(() -> isReady() && shows("10/8 x2, 9/16"));
        // As notes on counts there is no phrase shorter than all of it.
        clickOn("#offer-0");
        until(() -> isReady() && shows("10/8 x2, 9/16, 10/8"));
        clickOn("#offer-0");
        until(() -> isReady() && shows("10/8 x2, 9/16   at"));
        clickOn("#bring-take");
        until(() -> exercise().name().equals("weir"));
        assertThat(exercise().layers()).isEqualTo(weir().layers());
    }

    @Test
    void aScoreIsPastedAndLeftAgain() throws Exception {
        String score = new String(
                ScoreXml.write(ScoreWriter.write(weir(), ScoreStyle.DEFAULT.repeating(false))), StandardCharsets.UTF_8);
        Exercise before = exercise();
        interact(() -> {
            ClipboardContent content = new ClipboardContent();
            content.putString(score);
            Clipboard.getSystemClipboard().setContent(content);
            window.stage().getScene().lookup(".road").requestFocus();
        });
        chord(KeyCode.SHORTCUT, KeyCode.V);
        until(this::isReady);
        assertThat(shows("pasted.musicxml")).isTrue();
        clickOn("#bring-leave");
        until(() -> lookup("#bring-take").tryQuery().isEmpty());
        assertThat(exercise()).isEqualTo(before);
    }

    @Test
    void whatCannotBeReadIsToldAndNothingChanges() throws Exception {
        Path bad = home.resolve("bad.musicxml");
        Files.writeString(bad, "<score-partwise><part-list></score-partwise>");
        Exercise before = exercise();
        bringIn(bad);
        until(() -> answers.told.stream().anyMatch(told -> told.contains("bad.musicxml")));
        assertThat(lookup("#bring-take").tryQuery()).isEmpty();
        assertThat(exercise()).isEqualTo(before);
    }
}
