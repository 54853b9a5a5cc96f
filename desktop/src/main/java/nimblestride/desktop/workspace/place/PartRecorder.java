package nimblestride.desktop.workspace.place;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.function.LongSupplier;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.language.text.PartRecording;
import nimblestride.core.language.text.PartRecording.Hit;
import nimblestride.core.language.text.PartRecording.Step;
import nimblestride.desktop.playback.PadKeys;
import nimblestride.desktop.playback.PlaybackDevices;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.sound.kit.PadHit;

/** Records a part step by step: each hit on a pad or a key takes the next share of its stride. */
final class PartRecorder extends HBox {
    /** Hits no farther apart are meant together. */
    private static final long TOGETHER = TimeUnit.MILLISECONDS.toNanos(45);

    private static final int FIRST_SHARES = 4;

    private final Supplier<Exercise> exercise;
    private final Consumer<String> changed;
    private final PlaybackDevices devices;
    private final LongSupplier nanos;
    private final ToggleButton record = new ToggleButton("Record step by step");
    private final Label hint = new WrappedLabel("", "quiet");
    private Optional<PartRecording> recording = Optional.empty();
    private final String usual;
    private int shares = FIRST_SHARES;
    private long lastHit;

    /**
     * @param usual what is said while nothing is recorded
     * @param written the part as it is, where a recording goes on
     * @param changed receives the part after each step
     * @param nanos a clock in nanoseconds
     */
    PartRecorder(
            String usual,
            Supplier<Exercise> exercise,
            Supplier<String> written,
            Consumer<String> changed,
            PlaybackDevices devices,
            LongSupplier nanos) {
        this.usual = usual;
        this.exercise = exercise;
        this.changed = changed;
        this.devices = devices;
        this.nanos = nanos;
        setSpacing(10);
        setAlignment(Pos.CENTER_LEFT);
        record.setId("part-record");
        record.getStyleClass().add("small");
        record.setMinWidth(USE_PREF_SIZE);
        hint.setId("part-record-hint");
        record.selectedProperty().addListener((property, was, on) -> {
            recording = on ? Optional.of(PartRecording.after(written.get())) : Optional.empty();
            lastHit = nanos.getAsLong() - 2 * TOGETHER;
            say();
        });
        record.addEventFilter(KeyEvent.KEY_PRESSED, this::press);
        devices.onStroke(stroke -> hit(stroke.strike()));
        getChildren().setAll(record, hint);
        say();
    }

    /** Ends a recording. */
    void stop() {
        record.setSelected(false);
    }

    private void say() {
        hint.setText(
                recording.isEmpty()
                        ? usual
                        : "Play pads, or the keys " + PadKeys.description() + ". " + shares
                                + " notes in a stride (press 1 to 9). Period rests, Backspace takes back.");
    }

    private void press(KeyEvent event) {
        if (recording.isEmpty() || event.isShortcutDown() || event.isAltDown()) {
            return;
        }
        KeyCode key = event.getCode();
        Dynamic level = event.isShiftDown() ? Dynamic.ACCENT : Dynamic.NORMAL;
        if (PadKeys.voice(key).isPresent()) {
            devices.strike(new PadHit(PadKeys.voice(key).get(), level));
        } else if (key == KeyCode.PERIOD || key == KeyCode.DECIMAL) {
            begin(recording.get().then(new Step(List.of(), shares)));
        } else if (key == KeyCode.BACK_SPACE) {
            begin(recording.get().back());
        } else if (key.isDigitKey() && !key.getName().endsWith("0")) {
            shares = Integer.parseInt(key.getName().substring(key.getName().length() - 1));
            say();
        } else if (key == KeyCode.ESCAPE) {
            stop();
        } else {
            return;
        }
        event.consume();
    }

    private void hit(PadHit strike) {
        if (recording.isEmpty()) {
            return;
        }
        PartRecording now = recording.get();
        Hit hit = new Hit(strike.voice(), Stroke.NORMAL.at(strike.level()));
        long at = nanos.getAsLong();
        boolean together = at - lastHit < TOGETHER && !now.steps().isEmpty();
        lastHit = at;
        step(together ? now.together(hit) : now.then(new Step(List.of(hit), shares)));
    }

    /** Takes a state of the recording with which no hit is meant together. */
    private void begin(PartRecording next) {
        lastHit = nanos.getAsLong() - 2 * TOGETHER;
        step(next);
    }

    private void step(PartRecording next) {
        recording = Optional.of(next);
        changed.accept(next.text(exercise.get().phrase(), exercise.get().voices()));
    }
}
