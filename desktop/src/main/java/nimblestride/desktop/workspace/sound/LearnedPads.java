package nimblestride.desktop.workspace.sound;

import java.util.TreeMap;
import java.util.stream.Collectors;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Voice;
import nimblestride.desktop.playback.PlaybackDevices;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.ControlTip;
import nimblestride.desktop.ui.control.FlowLine;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.TitleConverter;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.field.TypedField;
import nimblestride.desktop.ui.field.WholeNumberField;
import nimblestride.sound.midi.PadResponse;
import nimblestride.sound.midi.PadResponse.Touch;

/** Lets a MIDI pad learn its voice by being struck, and sets how touch and cross-talk are heard. */
final class LearnedPads extends VBox {
    private static final String USUAL = "Pads play by General MIDI. To change one, choose a voice and hit the pad.";

    private final PlaybackDevices devices;
    private final ComboBox<Voice> voice = new ComboBox<>();
    private final ComboBox<Touch> touch = new ComboBox<>();
    private final TypedField<Integer> crossTalk;
    private final SmallButton forget;
    private final Label notes = new WrappedLabel("", "quiet");
    private boolean showing;

    LearnedPads(PlaybackDevices devices) {
        super(8);
        this.devices = devices;
        voice.setId("learn-voice");
        voice.getItems().setAll(Kit.voices());
        voice.setConverter(new TitleConverter<>(Voice::name));
        voice.setValue(Kit.SNARE);
        voice.setAccessibleText("The voice the next pad plays");
        touch.setId("touch");
        touch.getItems().setAll(Touch.values());
        touch.setConverter(new TitleConverter<>(Touch::title));
        touch.setAccessibleText("How hard pads must be hit");
        touch.valueProperty().addListener((property, was, chosen) -> {
            if (!showing) {
                set(response().with(chosen));
            }
        });
        crossTalk = WholeNumberField.field(
                "cross-talk",
                "percent",
                0,
                PadResponse.MAX_CROSS_TALK,
                52,
                share -> set(response().withCrossTalk(share)));
        ControlTip.on(crossTalk.field(), "Drops what a pad sends when its neighbor is hit; 0 drops nothing");
        forget = new SmallButton(
                "Forget all", "forget-pads", () -> set(response().forgotten()));
        notes.setId("learned-pads");
        getChildren()
                .setAll(
                        new FlowLine(
                                new Caption("Learn a pad"),
                                voice,
                                new SmallButton("Hit it now", "learn-pad", this::learn),
                                forget,
                                new Caption("touch"),
                                touch,
                                new Caption("drop cross-talk below"),
                                crossTalk,
                                new Caption("%")),
                        notes);
        devices.responseProperty().addListener(change -> show());
        show();
    }

    private PadResponse response() {
        return devices.responseProperty().get();
    }

    private void set(PadResponse changed) {
        devices.responseProperty().set(changed);
    }

    private void learn() {
        devices.learn(voice.getValue());
        notes.setText(
                devices.pad().isPresent()
                        ? "Hit the pad for the " + voice.getValue().name() + "."
                        : "Choose a MIDI pad above, then hit the pad for the "
                                + voice.getValue().name() + ".");
    }

    private void show() {
        showing = true;
        touch.setValue(response().touch());
        crossTalk.show(response().crossTalk());
        forget.setDisable(response().voices().isEmpty());
        notes.setText(
                response().voices().isEmpty()
                        ? USUAL
                        : "Learned: "
                                + new TreeMap<>(response().voices())
                                        .entrySet().stream()
                                                .map(note -> "note " + note.getKey() + " plays the " + note.getValue())
                                                .collect(Collectors.joining(", "))
                                + ".");
        showing = false;
    }
}
