package nimblestride.desktop.workspace.sound;

import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import java.util.function.UnaryOperator;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.edit.PlacementEdits;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.kit.voice.Voice;
import nimblestride.desktop.playback.CustomRecordings;
import nimblestride.desktop.playback.KitChoice;
import nimblestride.desktop.playback.PlaybackSettings;
import nimblestride.desktop.service.Dialogs;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.field.LoopText;
import nimblestride.desktop.ui.field.TypedField;
import nimblestride.desktop.ui.page.Page;
import nimblestride.sound.render.Loop;
import nimblestride.sound.render.Mix;

/** Sets which bars play, on which kit, which layers and voices play, how loud, and what a voice sounds like. */
public final class MixPage extends VBox implements Page {
    private final PlaybackSettings settings;
    private final CustomRecordings recordings;
    private final Dialogs dialogs;
    private final GridPane rows = new GridPane();
    private final TypedField<Optional<Loop>> loop;
    private final TypedField<Integer> firstBar;
    private List<String> shownLayers = List.of();
    private List<Voice> shownVoices = List.of();
    private int bars = 1;
    private boolean changing;

    /** Kinds of things to mix. */
    private enum Kind {
        LAYER,
        VOICE;

        Mix.Levels of(Mix mix) {
            return this == LAYER ? mix.layers() : mix.voices();
        }

        Mix change(Mix mix, UnaryOperator<Mix.Levels> change) {
            return this == LAYER ? mix.layers(change) : mix.voices(change);
        }
    }

    /**
     * @param kits to choose from
     * @param recordings of the user's own
     */
    public MixPage(PlaybackSettings settings, KitChoice kits, CustomRecordings recordings, Dialogs dialogs) {
        this.settings = settings;
        this.recordings = recordings;
        this.dialogs = dialogs;
        getStyleClass().add("page");
        rows.getStyleClass().add("ways");
        Slider volume =
                slider("volume", "Master volume", 1, settings.volumeProperty().get(), value -> {});
        volume.valueProperty().bindBidirectional(settings.volumeProperty());
        loop = new TypedField<>(
                text -> LoopText.read(text, bars),
                bars -> bars.map(LoopText::write).orElse(LoopText.ALL),
                settings.loopProperty()::set,
                () -> {});
        loop.field().setId("loop");
        loop.field().setAccessibleText("Bars to loop, such as 2 to 3, or all");
        loop.setPrefWidth(86);
        loop.setMinWidth(86);
        loop.show(Optional.empty());
        settings.loopProperty()
                .addListener(change -> loop.show(settings.loopProperty().get()));
        firstBar = new TypedField<>(
                text -> LoopText.bar(text, bars),
                String::valueOf,
                bar -> settings.firstBarProperty().set(bar - 1),
                () -> {});
        firstBar.field().setId("first-bar");
        firstBar.field().setAccessibleText("The bar to start from");
        firstBar.setPrefWidth(56);
        firstBar.setMinWidth(56);
        firstBar.show(1);
        settings.firstBarProperty()
                .addListener(change -> firstBar.show(settings.firstBarProperty().get() + 1));
        HBox all = new HBox(
                new Caption("Loop bars"), loop, new Caption("start from bar"), firstBar, new Caption("Master"), volume);
        all.getStyleClass().add("add-line");
        HBox.setHgrow(volume, Priority.ALWAYS);
        getChildren().setAll(all, new KitLine(kits, dialogs), new VerticalScroll(rows));
        settings.mixProperty().addListener(change -> {
            if (!changing) {
                build();
            }
        });
        sceneProperty().addListener(change -> {
            if (getScene() != null && !rows.getChildren().isEmpty()) {
                build();
            }
        });
    }

    private void change(UnaryOperator<Mix> edit) {
        changing = true;
        settings.mixProperty().set(edit.apply(settings.mixProperty().get()));
        changing = false;
    }

    @Override
    public void show(Exercise exercise) {
        bars = PlacementEdits.bars(exercise);
        List<String> names = exercise.layerNames();
        List<Voice> voices =
                exercise.voices().all().stream().filter(exercise::uses).toList();
        if (!names.equals(shownLayers)
                || !voices.equals(shownVoices)
                || rows.getChildren().isEmpty()) {
            shownLayers = names;
            shownVoices = voices;
            build();
        }
    }

    private void build() {
        rows.getChildren().clear();
        Mix mix = settings.mixProperty().get();
        addLevel(0, "click", mix.click(), Mix::withClick);
        addLevel(1, "band", mix.band(), Mix::withBand);
        addLevel(2, "room", mix.room(), Mix::withRoom);
        List<String> voices = shownVoices.stream().map(Voice::name).toList();
        // A voice that is its own layer gets one row: the layer's mute, the voice's level.
        for (int i = 0; i < shownLayers.size(); i++) {
            String layer = shownLayers.get(i);
            addRow("-" + i, layer, Kind.LAYER, voices.contains(layer) ? Kind.VOICE : Kind.LAYER);
        }
        for (int i = 0; i < voices.size(); i++) {
            String voice = voices.get(i);
            if (shownLayers.contains(voice)) {
                rows.add(
                        new VoiceRecording(voice, recordings, dialogs, this::build), 4, 3 + shownLayers.indexOf(voice));
            } else {
                addRow("-voice-" + i, voice, Kind.VOICE, Kind.VOICE);
                rows.add(new VoiceRecording(voice, recordings, dialogs, this::build), 4, rows.getRowCount() - 1);
            }
        }
    }

    /** Sets a level of the mix. */
    private interface Level {
        Mix set(Mix mix, double level);
    }

    private void addLevel(int row, String name, double now, Level level) {
        rows.addRow(
                row,
                own(name),
                new Label(),
                new Label(),
                level(name, name, now, value -> change(mix -> level.set(mix, value))));
    }

    private void addRow(String id, String name, Kind heardAs, Kind loudAs) {
        Mix mix = settings.mixProperty().get();
        Mix.Levels levels = heardAs.of(mix);
        CheckBox heard = box("heard" + id, "on", !levels.muted().contains(name));
        heard.selectedProperty()
                .addListener((property, was, on) -> change(old -> heardAs.change(old, now -> now.muting(name, !on))));
        CheckBox alone = box("alone" + id, "solo", levels.alone().contains(name));
        alone.selectedProperty()
                .addListener((property, was, on) -> change(old -> heardAs.change(old, now -> now.alone(name, on))));
        rows.addRow(
                rows.getRowCount(),
                own(name),
                heard,
                alone,
                level(
                        id.substring(1),
                        name,
                        loudAs.of(mix).set(name),
                        value -> change(old -> loudAs.change(old, now -> now.with(name, value)))));
    }

    private static Label own(String name) {
        Label label = new Label(name);
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }

    private static CheckBox box(String id, String text, boolean on) {
        CheckBox box = new CheckBox(text);
        box.setId(id);
        box.setSelected(on);
        box.setMinWidth(USE_PREF_SIZE);
        return box;
    }

    private static Slider level(String id, String name, double now, DoubleConsumer changed) {
        Slider slider = slider("level-" + id, "Volume: " + name, Mix.LOUDEST, now, changed);
        GridPane.setHgrow(slider, Priority.ALWAYS);
        return slider;
    }

    private static Slider slider(String id, String what, double most, double now, DoubleConsumer changed) {
        Slider slider = new Slider(0, most, now);
        slider.setId(id);
        slider.setAccessibleText(what);
        slider.setBlockIncrement(most / 20);
        slider.setMaxWidth(420);
        slider.valueProperty().addListener((property, old, value) -> changed.accept(value.doubleValue()));
        return slider;
    }
}
