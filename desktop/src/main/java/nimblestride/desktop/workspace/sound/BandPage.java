package nimblestride.desktop.workspace.sound;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.kit.band.BackingBand;
import nimblestride.core.kit.band.BackingBand.Line;
import nimblestride.core.kit.band.BandKey;
import nimblestride.core.kit.band.BandTime;
import nimblestride.core.kit.band.Mode;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.language.text.ValueText;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.playback.PlaybackSettings;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.TitleConverter;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.field.TypedField;
import nimblestride.desktop.ui.page.Page;

/** Sets who plays along, in which key, and what they follow: the beats of the bars, a riff, or a pulse of their own. */
public final class BandPage extends VBox implements Page {
    private final PlaybackSettings settings;
    private final CheckBox plays = new CheckBox("Play along with a simulated band");
    private final ComboBox<Line> line = new ComboBox<>();
    private final ComboBox<Integer> tonic = new ComboBox<>();
    private final ComboBox<Mode> mode = new ComboBox<>();
    private final ComboBox<Follows> follows = new ComboBox<>();
    private final TypedField<NoteValue> pulse;
    private final Label hint = new WrappedLabel("", "quiet");
    private NoteValue kept = NoteValue.QUARTER;
    private boolean showing;
    private boolean hasRiff;

    /** What the band can follow. */
    private enum Follows {
        BEATS("the beats of the bars"),
        RIFF("the riff"),
        PULSE("their own pulse:");

        private final String title;

        Follows(String title) {
            this.title = title;
        }

        String title() {
            return title;
        }

        static Follows of(BandTime time) {
            return time instanceof BandTime.Pulse ? PULSE : time instanceof BandTime.Riff ? RIFF : BEATS;
        }
    }

    /** @param settings with the band */
    public BandPage(PlaybackSettings settings) {
        this.settings = settings;
        getStyleClass().add("page");
        plays.setId("band");
        plays.setOnAction(event -> choose());
        choice(line, "band-line", List.of(Line.values()), Line::title, 170, "Who plays");
        choice(tonic, "band-tonic", IntStream.range(0, 12).boxed().toList(), BandKey.tonics()::get, 96, "Key");
        choice(mode, "band-mode", List.of(Mode.values()), Mode::title, 130, "Major or minor");
        choice(follows, "band-keeps", List.of(Follows.values()), Follows::title, 210, "What the band follows");
        pulse = new TypedField<>(
                BandPage::readPulse,
                NoteValue::toString,
                value -> {
                    kept = value;
                    choose();
                },
                () -> {});
        pulse.field().setId("band-pulse");
        pulse.field().setAccessibleText("The band's pulse, such as 1/4 or dotted eighth");
        pulse.setPrefWidth(120);
        pulse.setMinWidth(120);
        hint.setId("band-told");
        getChildren()
                .setAll(
                        plays,
                        row(line, new Caption("in"), tonic, mode),
                        row(new Caption("following"), follows, pulse),
                        hint);
        settings.bandProperty().addListener(change -> show());
        show();
    }

    private <T> void choice(
            ComboBox<T> box, String id, List<T> all, Function<T, String> title, double width, String accessible) {
        box.setId(id);
        box.getItems().setAll(all);
        box.setValue(all.get(0));
        box.setConverter(new TitleConverter<>(title));
        box.setPrefWidth(width);
        box.setMinWidth(width);
        box.setAccessibleText(accessible);
        box.valueProperty().addListener(change -> {
            if (!showing) {
                plays.setSelected(true);
                choose();
            }
        });
    }

    private static HBox row(Node... nodes) {
        HBox row = new HBox(nodes);
        row.getStyleClass().add("add-line");
        return row;
    }

    private static NoteValue readPulse(String text) {
        return new BandTime.Pulse(ValueText.read(text)).value();
    }

    private void choose() {
        if (showing) {
            return;
        }
        BandTime time =
                switch (follows.getValue()) {
                    case BEATS -> BandTime.BEATS;
                    case RIFF -> BandTime.RIFF;
                    case PULSE -> new BandTime.Pulse(kept);
                };
        BackingBand band = new BackingBand(line.getValue(), new BandKey(tonic.getValue(), mode.getValue()), time);
        settings.bandProperty().set(plays.isSelected() ? Optional.of(band) : Optional.empty());
    }

    private void show() {
        showing = true;
        settings.bandProperty().get().ifPresent(band -> {
            line.setValue(band.line());
            tonic.setValue(band.key().tonic());
            mode.setValue(band.key().mode());
            follows.setValue(Follows.of(band.time()));
            kept = band.time() instanceof BandTime.Pulse own ? own.value() : kept;
        });
        plays.setSelected(settings.bandProperty().get().isPresent());
        pulse.show(kept);
        pulse.setVisible(follows.getValue() == Follows.PULSE);
        hint.setText((line.getValue() == Line.DRONE
                        ? "The root and fifth of the key, held."
                        : playing() + " Four chords repeat.")
                + " Set how loud under Mix.");
        showing = false;
    }

    private String playing() {
        return switch (follows.getValue()) {
            case BEATS -> "One chord per bar, the bass on each beat.";
            case RIFF ->
                hasRiff
                        ? "One chord per bar, the bass on each note of the riff."
                        : "No riff here yet, so the bass plays each beat. Write one under Place > Write.";
            case PULSE -> "Four pulses per chord, across your bar lines. You keep the bars.";
        };
    }

    @Override
    public void show(Exercise exercise) {
        boolean now = exercise.layers().stream().flatMap(Layer::voices).anyMatch(Voice::isRiff);
        if (now != hasRiff) {
            hasRiff = now;
            show();
        }
    }
}
