package nimblestride.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Slider;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import nimblestride.core.exercise.recording.LinkedRecording;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.desktop.service.PageId;
import nimblestride.sound.render.Loop;
import nimblestride.sound.render.PlaybackRequest;
import org.junit.jupiter.api.Test;

/** A recording is opened, marked, looped, slowed down, and turned into an exercise. */
class ListenStoryTest extends WindowStory {
    private static final double UNIT = 60.0 / 240;

    private Path recording() throws IOException {
        return RecordedGroove.in(home);
    }

    private LinkedRecording linked() {
        return exercise().recording().orElseThrow();
    }

    private void open(Path file) throws Exception {
        interact(() -> window.open(file));
        untilDone();
        until(() -> exercise().recording().isPresent() && shows(" hits, "));
    }

    /** Returns a place on the strip, by bars from its left end and by its distance from the top. */
    private Point2D at(double bars, double down) {
        Node strip = lookup("#recording-strip").query();
        Bounds bounds = strip.localToScreen(strip.getBoundsInLocal());
        double width = bounds.getWidth() - 20;
        return new Point2D(bounds.getMinX() + 10 + bars / 6 * width, bounds.getMinY() + down);
    }

    @Test
    void aRecordingBecomesAnExerciseInItsMeterAndIsThereTheNextTime() throws Exception {
        Path file = recording();
        open(file);
        assertThat(exercise().name()).isEqualTo("Weir in seven");
        assertThat(exercise().phrase()).isEqualTo(BarsText.read("7/8(2+2+3)"));
        assertThat(exercise().tempo().quartersPerMinute().doubleValue()).isEqualTo(120);
        assertThat(linked().beats().secondsAt(7 / 8.0)).isCloseTo(7 * UNIT, within(0.02));
        try (Stream<Path> kept = Files.list(home.resolve("recordings"))) {
            assertThat(kept).containsExactly(home.resolve("recordings").resolve(linked().content()));
        }
        untilKept();
        Files.delete(file);
        closeWindow();
        openAgain();
        assertThat(exercise().name()).isEqualTo("Weir in seven");
        interact(() -> window.open(PageId.RECORDING));
        until(() -> shows("Weir_in_seven.wav, 0:30, "));
    }

    @Test
    void hitsAndBarLinesAreMovedByHandAndUndone() throws Exception {
        open(recording());
        LinkedRecording found = linked();
        // The hit on the second eighth of the first bar goes.
        doubleClickOn(at(1 / 7.0, 56));
        until(() -> linked().marks().removed().size() == 1);
        assertThat(linked().marks().removed().get(0)).isCloseTo(UNIT, within(0.02));
        // One is added halfway to the third.
        doubleClickOn(at(1.5 / 7, 80));
        until(() -> linked().marks().added().size() == 1);
        assertThat(linked().marks().added().get(0)).isCloseTo(1.5 * UNIT, within(0.02));
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        until(() -> linked().equals(found));
        // The line of bar 2 goes to the third eighth; the bars after it follow from there.
        drag(at(1, 36), MouseButton.PRIMARY).dropTo(at(1 + 2 / 7.0, 36));
        until(() -> linked().beats().set().size() == 1);
        assertThat(linked().beats().secondsAt(7 / 8.0)).isCloseTo(9 * UNIT, within(0.03));
        assertThat(linked().beats().secondsAt(2 * 7 / 8.0)).isCloseTo(16 * UNIT, within(0.03));
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        until(() -> linked().equals(found));
        // With the keyboard: the first hit is selected, moved, and removed.
        interact(() -> lookup("#recording-strip").query().requestFocus());
        push(KeyCode.RIGHT);
        chord(KeyCode.SHIFT, KeyCode.RIGHT);
        until(() -> linked().marks().added().size() == 1);
        push(KeyCode.DELETE);
        until(() ->
                linked().marks().added().isEmpty() && linked().marks().removed().size() == 1);
    }

    @Test
    void barsAreLoopedByOneDragAndPlayedSlowly() throws Exception {
        open(recording());
        drag(at(1.4, 140), MouseButton.PRIMARY).dropTo(at(2.6, 140));
        until(() -> window.transport().settings().loopProperty().get().equals(Optional.of(new Loop(1, 3))));
        assertThat(text("#recording-loop")).isEqualTo("2 to 3");
        retypeFocused("#recording-percent", "50");
        retypeFocused("#speed-up", "10");
        interact(() -> lookup("#recording-balance").queryAs(Slider.class).setValue(1));
        interact(() -> lookup("#recording-side")
                .queryAs(ComboBox.class)
                .getSelectionModel()
                .select(1));
        fire("#low-cut");
        interact(() -> window.transport().toggle());
        until(() -> window.transport().playingProperty().get());
        PlaybackRequest request = window.transport().lastRequest();
        assertThat(request.percent()).isEqualTo(50);
        assertThat(request.loop()).contains(new Loop(1, 3));
        assertThat(request.recording().orElseThrow().mix().balance()).isEqualTo(1);
        assertThat(request.recording().orElseThrow().mix().lowCut()).isTrue();
        assertThat(request.recording().orElseThrow().attacks()).hasSizeGreaterThan(100);
        interact(() -> window.transport().stop());
    }

    @Test
    void metersAreProposedAndThePartIsGuessed() throws Exception {
        open(recording());
        interact(() -> window.document().edit(now -> now.withPhrase(BarsText.read("4/4"))));
        clickOn("#page-its-meter");
        until(() -> shows("quarter = 120"));
        clickOn("#recorded-meter-0");
        until(() -> exercise().phrase().equals(BarsText.read("7/8(2+2+3)")));
        clickOn("#tap-recording");
        until(() -> shows("Play the recording first"));
        retype("#known-bars", "14/8");
        until(() -> lookup(".reading-grouping").queryAll().stream().anyMatch(Node::isVisible) && shows("14/8"));
        clickOn("#page-recording");
        fire("#guess-part");
        until(() -> exercise().layers().size() == 3);
        assertThat(exercise().layers().stream().map(Layer::voice).map(voice -> voice.name()))
                .containsExactly("kick", "snare", "hi-hat");
        until(() -> shows("This is a guess"));
    }

    @Test
    @OwnStart
    void whatIsNoRecordingChangesNothing() throws Exception {
        Path text = Files.writeString(home.resolve("notes.mp3"), "boom chick boom");
        interact(() -> window.open(text));
        until(() -> answers.told.stream().anyMatch(told -> told.contains("notes.mp3 is no recording")));
        Path other = Files.writeString(home.resolve("phone.m4a"), "ftyp");
        interact(() -> window.open(other));
        until(() ->
                answers.told.stream().anyMatch(told -> told.contains("use one of these: AIFF, FLAC, MP3, OGG, WAV")));
        assertThat(exercise().recording()).isEmpty();
        assertThat(home.resolve("recordings")).doesNotExist();
    }
}
