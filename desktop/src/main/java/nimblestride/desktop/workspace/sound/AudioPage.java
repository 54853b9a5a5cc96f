package nimblestride.desktop.workspace.sound;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.desktop.playback.LatencyCalibration;
import nimblestride.desktop.playback.PlaybackDevices;
import nimblestride.desktop.playback.PlaybackStatusText;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.FlowLine;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.field.TypedField;
import nimblestride.desktop.ui.field.WholeNumberField;
import nimblestride.desktop.ui.page.Page;

/** Chooses the audio output, and shows its state and latency. */
public final class AudioPage extends VBox implements Page {
    private static final String ANY = "any available";
    private static final Duration BETWEEN_LOOKS = Duration.millis(500);
    private static final int MAX_LATENCY = 1_000;

    private final PlaybackDevices devices;
    private final ComboBox<String> card = new ComboBox<>();
    private final Label status = new WrappedLabel();
    private final Label measured = new WrappedLabel("", "quiet");
    private final LatencyCalibration measure;
    private final SmallButton byTapping;
    private final SmallButton byListening;
    private boolean showing;

    /** @param devices the outputs to choose from */
    public AudioPage(Transport transport, PlaybackDevices devices) {
        this.devices = devices;
        this.measure = new LatencyCalibration(transport, devices, new LatencyCalibration.Progress() {
            @Override
            public void missing(int count, String microphone) {
                showMeasuring(count, microphone);
            }

            @Override
            public void over(String why) {
                showIdle(why);
            }
        });
        getStyleClass().add("page");
        card.setId("card");
        card.setPrefWidth(300);
        card.setAccessibleText("Sound card");
        card.valueProperty().addListener((property, was, name) -> {
            if (!showing && name != null) {
                choose(name);
            }
        });
        TypedField<Integer> latency =
                WholeNumberField.field("latency", "milliseconds", 0, MAX_LATENCY, 64, devices.latencyProperty()::set);
        latency.show(devices.latencyProperty().get());
        devices.latencyProperty()
                .addListener(change -> latency.show(devices.latencyProperty().get()));
        byTapping = new SmallButton("Measure latency by tapping", "measure-latency", measure::tap);
        byListening = new SmallButton("Measure by listening", "measure-by-listening", measure::listen);
        status.setId("player-status");
        measured.setId("latency-told");
        getChildren()
                .setAll(
                        new FlowLine(
                                new Caption("Play through"),
                                card,
                                new SmallButton("Refresh", "look-for-cards", this::look)),
                        new FlowLine(
                                new Caption("Latency"),
                                latency,
                                new Caption("ms on top of the card's own"),
                                byTapping,
                                byListening),
                        // Below the controls, so that they stay in place when the text grows.
                        status,
                        measured);
        Timeline looks = new Timeline(new KeyFrame(BETWEEN_LOOKS, event -> {
            if (getScene() != null) {
                status.setText(statusText());
            }
        }));
        looks.setCycleCount(Animation.INDEFINITE);
        sceneProperty().addListener(change -> {
            if (getScene() == null) {
                looks.stop();
            } else {
                look();
                looks.play();
            }
        });
        showIdle("");
    }

    private void choose(String name) {
        if (name.equals(ANY)) {
            devices.outputs().chooseAny();
        } else {
            devices.outputs().choose(name);
        }
    }

    private String statusText() {
        return devices.status().map(PlaybackStatusText::full).orElse(PlaybackStatusText.SILENT);
    }

    private void look() {
        showing = true;
        List<String> names = new ArrayList<>(List.of(ANY));
        names.addAll(devices.outputs().names());
        Optional<String> chosen = devices.outputs().chosen();
        chosen.filter(name -> !names.contains(name)).ifPresent(names::add);
        card.getItems().setAll(names);
        card.setValue(chosen.orElse(ANY));
        status.setText(statusText());
        showing = false;
    }

    private void showMeasuring(int missing, String microphone) {
        byTapping.setText("Stop measuring");
        byListening.setDisable(true);
        measured.setText(
                microphone.isBlank()
                        ? "Tap with the click on a pad or a pad key (B, F, J…):  " + missing + " more."
                        : "Listening through " + microphone + ". Let the click play through the speaker:  " + missing
                                + " more.");
    }

    /** @param why it could not be measured; empty where it was, or nobody tried */
    private void showIdle(String why) {
        byTapping.setText("Measure latency by tapping");
        byListening.setDisable(false);
        measured.setText(
                why.isEmpty()
                        ? "Wireless speakers can be a quarter of a second late. Tap with the click eight times, and the "
                                + "program uses the middle tap; most people tap a few hundredths of a second early. Or put "
                                + "a microphone near the speaker and let the program listen."
                        : why);
    }

    @Override
    public void show(Exercise exercise) {
        // The output belongs to the machine, not to the exercise.
    }

    @Override
    public void close() {
        measure.stop();
    }
}
