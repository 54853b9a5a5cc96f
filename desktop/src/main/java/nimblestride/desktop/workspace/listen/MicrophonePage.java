package nimblestride.desktop.workspace.listen;

import java.util.ArrayList;
import java.util.List;
import javafx.application.Platform;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.desktop.playback.MicrophoneHits;
import nimblestride.desktop.playback.MicrophoneHits.Source;
import nimblestride.desktop.service.Navigation;
import nimblestride.desktop.service.PageId;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.FlowLine;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.TitleConverter;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.page.Page;

/** Chooses a microphone to play into, and says what it hears. */
final class MicrophonePage extends VBox implements Page {
    private static final String NONE = "none";
    private static final String HOW =
            "Play a practice pad, clap, or play a kit: the program hears when you hit, as with"
                    + " pads. Nothing is recorded. Measure the latency first: the program plays its click, and listens to it."
                    + " With headphones beside a kit, turn the click up only as far as you need, and protect your ears.";

    private final MicrophoneHits microphone;
    private final ComboBox<String> names = new ComboBox<>();
    private boolean showing;

    /** @param navigation goes to the timing of what is played */
    MicrophonePage(MicrophoneHits microphone, Navigation navigation) {
        getStyleClass().add("page");
        this.microphone = microphone;
        names.setId("microphone");
        names.setPrefWidth(300);
        names.setMinWidth(180);
        names.setAccessibleText("A microphone to play into");
        names.valueProperty().addListener((property, was, name) -> choose(name));
        ComboBox<Source> source = new ComboBox<>();
        source.setId("microphone-source");
        source.setMinWidth(230);
        source.setAccessibleText("What is in front of the microphone");
        source.getItems().setAll(Source.values());
        source.setConverter(new TitleConverter<>(one -> one == Source.ONE_SOUND ? "one pad, or hands" : "a whole kit"));
        source.valueProperty().bindBidirectional(microphone.sourceProperty());
        Label state = new WrappedLabel(HOW, "quiet");
        state.setId("microphone-state");
        microphone.stateProperty().addListener((property, was, now) -> {
            state.setText(now.isEmpty() ? HOW : now);
            look();
        });
        getChildren()
                .setAll(
                        new FlowLine(new Caption("Play into"), names, new Caption("on"), source),
                        state,
                        new FlowLine(
                                new SmallButton(
                                        "Measure the latency", "to-latency", () -> navigation.open(PageId.AUDIO)),
                                new SmallButton("See your timing", "to-timing", () -> navigation.open(PageId.TIMING))));
        sceneProperty().addListener(change -> look());
    }

    private void look() {
        if (getScene() == null) {
            return;
        }
        showing = true;
        List<String> all = new ArrayList<>(List.of(NONE));
        all.addAll(microphone.names());
        if (!names.getItems().equals(all)) {
            names.getItems().setAll(all);
        }
        names.setValue(microphone.chosen().orElse(NONE));
        showing = false;
    }

    private void choose(String name) {
        if (showing || name == null) {
            return;
        }
        if (name.equals(NONE)) {
            microphone.stop();
        } else if (!microphone.listen(name)) {
            Platform.runLater(this::look);
        }
    }

    @Override
    public void show(Exercise exercise) {
        // The microphone belongs to the machine, not to the exercise.
    }
}
