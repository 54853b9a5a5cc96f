package nimblestride.desktop.workspace.sound;

import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.ValueText;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.playback.PlaybackSettings;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.ControlTip;
import nimblestride.desktop.ui.control.FlowLine;
import nimblestride.desktop.ui.control.TitleConverter;
import nimblestride.desktop.ui.field.TypedField;
import nimblestride.desktop.ui.field.WholeNumberField;
import nimblestride.desktop.ui.page.Page;
import nimblestride.sound.kit.ClickSound;
import nimblestride.sound.render.ClickSettings;
import nimblestride.sound.render.ClickSettings.Level;
import nimblestride.sound.render.CountIn;
import nimblestride.sound.render.PlaybackRequest;
import nimblestride.sound.render.SilentBars;

/** Sets what the click plays, where it is silent, the count-in, and the tempo. */
public final class ClickPage extends VBox implements Page {
    private final PlaybackSettings settings;
    private final Map<Level, CheckBox> levels = new EnumMap<>(Level.class);
    private final ComboBox<String> layer = new ComboBox<>();
    private final ComboBox<ClickSound> sound = new ComboBox<>();
    private final TypedField<NoteValue> pulse;
    private final SilentBarsField silence;
    private final TypedField<Integer> every;
    private final TypedField<Integer> percent;
    private final TypedField<Integer> countIn;
    private boolean showing;

    /** @param transport with the click */
    public ClickPage(Transport transport) {
        this.settings = transport.settings();
        getStyleClass().add("page");
        pulse = new TypedField<>(
                ValueText::read, NoteValue::toString, value -> edit(click -> click.pulsing(value)), () -> {});
        pulse.field().setId("click-pulse");
        pulse.field().setAccessibleText("The click's pulse, such as 1/4 or dotted eighth");
        pulse.setPrefWidth(110);
        pulse.setMinWidth(110);
        layer.setId("click-layer");
        layer.setPrefWidth(170);
        layer.setAccessibleText("The layer to click");
        layer.valueProperty().addListener((property, was, name) -> {
            if (name != null && !showing) {
                edit(click -> click.onLayer(name));
            }
        });
        sound.setId("click-sound");
        sound.getItems().setAll(ClickSound.values());
        sound.setConverter(new TitleConverter<>(ClickSound::title));
        sound.setPrefWidth(130);
        sound.setAccessibleText("What the click is played on");
        sound.valueProperty().addListener((property, was, chosen) -> {
            if (!showing) {
                edit(click -> click.on(chosen));
            }
        });
        silence = new SilentBarsField(chosen -> edit(click -> click.silent(chosen)));
        every = WholeNumberField.field(
                "click-every", "bars", 1, SilentBars.MAX_BARS, 56, bars -> edit(click -> click.onceIn(bars)));
        percent = WholeNumberField.field(
                "percent",
                "percent",
                PlaybackRequest.MIN_PERCENT,
                PlaybackRequest.MAX_PERCENT,
                64,
                settings.percentProperty()::set);
        countIn = WholeNumberField.field("count-in", "bars", 0, CountIn.MAX_BARS, 56, settings.countInProperty()::set);
        ControlTip.on(countIn.field(), "One click per syllable of the count on the Road");
        ControlTip.on(percent.field(), "F7 slower, F8 faster, F9 full tempo");
        getChildren()
                .setAll(
                        says(),
                        line(new Caption("Silent"), silence),
                        new FlowLine(
                                line(new Caption("Sound"), sound),
                                line(new Caption("Play it once every"), every, new Caption("bars")),
                                line(new Caption("Count in"), countIn, new Caption("bars")),
                                line(new Caption("At"), percent, new Caption("% of the tempo"))));
        settings.clickingProperty().addListener(change -> show());
        settings.percentProperty().addListener(change -> show());
        settings.countInProperty().addListener(change -> show());
        show();
    }

    private static HBox line(Node... nodes) {
        HBox line = new HBox(nodes);
        line.getStyleClass().add("add-line");
        return line;
    }

    /** Shows what the click can play; where several fall together, the strongest sounds. */
    private VBox says() {
        return new VBox(
                6,
                new FlowLine(
                        new Caption("Click on"),
                        box(Level.PHRASE, "the 1 of the phrase"),
                        box(Level.BAR, "each 1"),
                        box(Level.BEAT, "each beat"),
                        box(Level.UNIT, "each unit"),
                        box(Level.OFF_BEAT, "offbeats"),
                        box(Level.NEW_BEAT, "the next tempo's beat")),
                new FlowLine(
                        line(box(Level.PULSE, "a pulse of"), pulse), line(box(Level.LAYER, "with the layer"), layer)));
    }

    private CheckBox box(Level level, String text) {
        CheckBox box = new CheckBox(text);
        box.setId("click-" + level.name().toLowerCase(Locale.ROOT).replace('_', '-'));
        box.setMinWidth(USE_PREF_SIZE);
        ControlTip.on(box, "Each has its own sound. Where several meet, the strongest plays");
        box.setOnAction(event -> edit(click -> click.with(level, box.isSelected())));
        levels.put(level, box);
        return box;
    }

    /** Changes the click, and turns it on so that the change is heard. */
    private void edit(UnaryOperator<ClickSettings> change) {
        if (!showing) {
            settings.clickingProperty()
                    .set(change.apply(settings.clickingProperty().get()));
            settings.clickProperty().set(true);
        }
    }

    private void show() {
        showing = true;
        ClickSettings click = settings.clickingProperty().get();
        levels.forEach((level, box) -> box.setSelected(click.levels().contains(level)));
        pulse.show(click.pulse());
        sound.setValue(click.sound());
        silence.show(click.silence());
        every.show(click.everyBars());
        percent.show(settings.percentProperty().get());
        countIn.show(settings.countInProperty().get());
        showing = false;
    }

    @Override
    public void show(Exercise exercise) {
        showing = true;
        List<String> names = exercise.layerNames();
        if (!layer.getItems().equals(names)) {
            layer.getItems().setAll(names);
        }
        Optional<String> wanted = settings.clickingProperty().get().layer().filter(names::contains);
        layer.setValue(wanted.orElse(names.isEmpty() ? null : names.get(0)));
        layer.setDisable(names.isEmpty());
        levels.get(Level.LAYER).setDisable(names.isEmpty());
        levels.get(Level.NEW_BEAT).setDisable(!exercise.hasSections());
        showing = false;
    }
}
