package nimblestride.desktop.workspace.sound;

import java.util.ArrayList;
import java.util.List;
import javafx.application.Platform;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javax.sound.midi.MidiUnavailableException;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.desktop.playback.PadKeys;
import nimblestride.desktop.playback.PlaybackDevices;
import nimblestride.desktop.playback.PlayedStroke;
import nimblestride.desktop.service.Dialogs;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.FlowLine;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.field.TypedField;
import nimblestride.desktop.ui.field.WholeNumberField;
import nimblestride.desktop.ui.page.Page;
import nimblestride.sound.input.TimingHabits;
import nimblestride.sound.midi.MidiDevices;

/** Chooses what to play on: pads, the computer's keys, or the simulated player; and a MIDI instrument to play to. */
public final class PadsPage extends VBox implements Page {
    private static final String NONE = "none";
    private static final String NOBODY = "nobody";

    /** Opens a device by name. */
    private interface Opening {
        void open(String name) throws MidiUnavailableException;
    }

    private final PlaybackDevices devices;
    private final Dialogs dialogs;
    private final ComboBox<String> pad = new ComboBox<>();
    private final ComboBox<String> instrument = new ComboBox<>();
    private final ComboBox<String> layer = new ComboBox<>();
    private final TypedField<Integer> spread;
    private final TypedField<Integer> bias;
    private final TypedField<Integer> rush;
    private final Label last = new Label("No hits yet.");
    private final LearnedPads learned;
    private boolean showing;

    /** @param devices the devices to choose from */
    public PadsPage(PlaybackDevices devices, Dialogs dialogs) {
        this.devices = devices;
        this.dialogs = dialogs;
        getStyleClass().add("page");
        learned = new LearnedPads(devices);
        choice(pad, "pad", "A MIDI pad or keyboard to play on");
        choice(instrument, "instrument", "A MIDI instrument to play through");
        choice(layer, "stand-in", "The layer the simulated player plays");
        layer.setPrefWidth(150);
        layer.setMinWidth(150);
        pad.valueProperty().addListener((property, was, name) -> open(name, devices::listenTo, devices::listenToNone));
        instrument
                .valueProperty()
                .addListener((property, was, name) -> open(name, devices::playTo, devices::playToNone));
        layer.valueProperty().addListener(change -> standIn());
        int most = (int) TimingHabits.MAX;
        spread = WholeNumberField.field("stand-in-spread", "milliseconds", 0, most, 52, value -> standIn());
        bias = WholeNumberField.field("stand-in-bias", "milliseconds", -most, most, 52, value -> standIn());
        rush = WholeNumberField.field("stand-in-rush", "milliseconds", 0, most, 52, value -> standIn());
        spread.show((int) TimingHabits.DEFAULT.spread());
        bias.show((int) TimingHabits.DEFAULT.bias());
        rush.show((int) TimingHabits.DEFAULT.rush());
        CheckBox keys = new CheckBox("Use the computer's keys as pads");
        keys.setId("keys");
        keys.selectedProperty().bindBidirectional(devices.keysProperty());
        Label named = new WrappedLabel(PadKeys.description() + ". Hold Shift for an accent.", "quiet");
        last.setId("last-stroke");
        last.getStyleClass().add("quiet");
        VBox all = new VBox(
                8,
                new FlowLine(
                        new Caption("MIDI pad"),
                        pad,
                        new Caption("instrument"),
                        instrument,
                        new SmallButton("Refresh", "look-again", this::look)),
                keys,
                named,
                new FlowLine(
                        new Caption("Simulated player"),
                        layer,
                        new Caption("spread"),
                        spread,
                        new Caption("ms, late by"),
                        bias,
                        new Caption("ms, rushing after each bar line by"),
                        rush,
                        new Caption("ms")),
                last,
                learned);
        getChildren().setAll(new VerticalScroll(all));
        devices.onStroke(this::showStroke);
        look();
    }

    private static void choice(ComboBox<String> box, String id, String accessible) {
        box.setId(id);
        box.setPrefWidth(180);
        box.setMinWidth(180);
        box.setAccessibleText(accessible);
    }

    /** Looks for devices. */
    private void look() {
        showing = true;
        fill(pad, MidiDevices.pads(), devices.pad().orElse(NONE), NONE);
        fill(instrument, MidiDevices.instruments(), devices.instrument().orElse(NONE), NONE);
        showing = false;
    }

    private static void fill(ComboBox<String> box, List<String> names, String chosen, String none) {
        List<String> all = new ArrayList<>(List.of(none));
        all.addAll(names);
        if (!all.contains(chosen)) {
            all.add(chosen);
        }
        box.getItems().setAll(all);
        box.setValue(chosen);
    }

    private void open(String name, Opening opening, Runnable close) {
        if (showing || name == null) {
            return;
        }
        try {
            if (name.equals(NONE)) {
                close.run();
            } else {
                opening.open(name);
            }
        } catch (MidiUnavailableException e) {
            dialogs.showError("I can't use this MIDI device", name + ": " + e.getMessage());
            Platform.runLater(this::look);
        }
    }

    private void standIn() {
        if (!showing && layer.getValue() != null && !layer.getItems().isEmpty()) {
            if (layer.getValue().equals(NOBODY)) {
                devices.endStandIn();
            } else {
                devices.standIn(layer.getValue(), new TimingHabits(spread.value(), bias.value(), rush.value(), 1));
            }
        }
    }

    private void showStroke(PlayedStroke struck) {
        last.setText("Last hit: " + struck.strike().voice().name() + ", "
                + struck.strike().level().title() + ".");
    }

    @Override
    public void show(Exercise exercise) {
        showing = true;
        String before = layer.getValue();
        fill(layer, exercise.layerNames(), exercise.layerNames().contains(before) ? before : NOBODY, NOBODY);
        boolean gone = before != null && !before.equals(layer.getValue());
        showing = false;
        if (gone) {
            standIn();
        }
    }
}
