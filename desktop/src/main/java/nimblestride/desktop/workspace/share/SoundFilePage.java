package nimblestride.desktop.workspace.share;

import java.nio.file.Path;
import java.util.Locale;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.foundation.words.Counted;
import nimblestride.desktop.async.CommandQueue;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.service.WindowServices;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.FlowLine;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.TitleConverter;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.field.TypedField;
import nimblestride.desktop.ui.field.WholeNumberField;
import nimblestride.desktop.ui.page.Page;
import nimblestride.files.AtomicFile;
import nimblestride.files.SafeFileName;
import nimblestride.sound.kit.SampleSet;
import nimblestride.sound.render.PlaybackRequest;
import nimblestride.sound.wav.WavFile;

/** Exports what would play now as a WAV file. */
final class SoundFilePage extends VBox implements Page {
    private final Transport transport;
    private final SampleSet sounds;
    private final CommandQueue commands;
    private final WindowServices services;
    private final ComboBox<Integer> bits = new ComboBox<>();
    private final CheckBox apart = new CheckBox("music on the left, click on the right");
    private final TypedField<Integer> rounds;
    private final Label length = new WrappedLabel();
    private final LatestOnly measuring = new LatestOnly("measuring the file");
    private int times = 1;

    SoundFilePage(Transport transport, SampleSet sounds, CommandQueue commands, WindowServices services) {
        this.transport = transport;
        this.sounds = sounds;
        this.commands = commands;
        this.services = services;
        getStyleClass().add("page");
        bits.setId("wav-bits");
        bits.getItems().setAll(16, 24);
        bits.setValue(16);
        bits.setConverter(new TitleConverter<>(width -> width + " bits"));
        bits.setAccessibleText("Bit depth");
        apart.setId("wav-apart");
        apart.setMinWidth(USE_PREF_SIZE);
        rounds = WholeNumberField.field("wav-rounds", "times", 1, WavFile.MAX_ROUNDS, 64, value -> {
            times = value;
            measure();
        });
        rounds.show(1);
        bits.valueProperty().addListener(change -> measure());
        apart.selectedProperty().addListener(change -> measure());
        length.setId("wav-length");
        FlowLine how = new FlowLine(new Caption("WAV file,"), bits, apart);
        HBox often = new HBox(new Caption("played"), rounds, new Caption("times"));
        HBox write = new HBox(new SmallButton("Export…", "wav-write", this::write));
        for (HBox line : new HBox[] {often, write}) {
            line.getStyleClass().add("add-line");
        }
        Label about = new WrappedLabel(
                "The file holds what Play would play now: set the click, count-in, speed, mix, and band under Sound.",
                "quiet");
        getChildren().setAll(how, often, about, length, write);
        sceneProperty().addListener(change -> measure());
    }

    private WavFile file() {
        return new WavFile(bits.getValue(), apart.isSelected(), times);
    }

    @Override
    public void show(Exercise exercise) {
        measure();
    }

    /** Shows how long the file would be, or why it can't be written. */
    private void measure() {
        if (getScene() == null) {
            return;
        }
        PlaybackRequest request = transport.request();
        WavFile file = file();
        measuring.ask(() -> lengthOf(file, request), length::setText);
    }

    private String lengthOf(WavFile file, PlaybackRequest request) {
        try {
            long frames = file.frames(request, sounds);
            long minutes = frames / (WavFile.SAMPLE_RATE * 60L);
            return String.format(
                    Locale.ROOT,
                    "Length %s%.1f s, size %s kB.",
                    minutes == 0 ? "" : minutes + " min ",
                    frames % (WavFile.SAMPLE_RATE * 60L) / (double) WavFile.SAMPLE_RATE,
                    Counted.number(Math.max(1, frames * file.bytesPerFrame() / 1_000)));
        } catch (StrideException e) {
            return "I can't export this: " + e.getMessage() + ".";
        }
    }

    /** Asks for a file, and writes it faster than real time. */
    void write() {
        PlaybackRequest request = transport.request();
        services.dialogs()
                .fileToSave(SafeFileName.of(request.exercise().name()) + ".wav")
                .ifPresent(file -> write(request, file));
    }

    private void write(PlaybackRequest request, Path target) {
        WavFile file = file();
        commands.run(
                "Exporting " + target.getFileName(),
                progress -> {
                    AtomicFile.write(target, out -> file.write(request, sounds, out, progress::report));
                    return target;
                },
                written -> services.status().show("Exported " + written + "."));
    }

    @Override
    public void close() {
        measuring.close();
    }
}
