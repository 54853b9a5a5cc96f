package nimblestride.desktop.cross;

import java.util.Map;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.util.StringConverter;
import nimblestride.core.align.Alignment;
import nimblestride.core.exercise.Reckoning;
import nimblestride.core.groove.Kit;
import nimblestride.core.groove.Stroke;
import nimblestride.core.groove.Voice;
import nimblestride.core.groove.Voices;
import nimblestride.core.layer.Layer;
import nimblestride.core.layer.Pattern;
import nimblestride.core.layer.Reset;
import nimblestride.core.text.PatternText;
import nimblestride.core.text.ResetText;
import nimblestride.core.text.ValueText;
import nimblestride.core.value.NoteValue;
import nimblestride.desktop.desk.Desk;
import nimblestride.desktop.look.MarkShape;
import nimblestride.desktop.look.Palette;
import nimblestride.desktop.typing.TypedField;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** One layer: its voice, what it plays, how late, where it begins again, and when it is back. */
final class LayerRow extends HBox {
    private static final Map<Reset, String> RESETS =
            Map.of(Reset.NEVER, "never", Reset.BAR, "each bar", Reset.PHRASE, "each phrase");

    private final Desk desk;
    private final int index;
    private final Canvas mark = new Canvas(22, 22);
    private final ComboBox<Voice> voice = new ComboBox<>();
    private final TypedField<Pattern> pattern;
    private final TypedField<NoteValue> offset;
    private final ComboBox<Reset> reset = new ComboBox<>();
    private final Label back = new Label();
    private boolean showing;

    LayerRow(Desk desk, int index) {
        this.desk = desk;
        this.index = index;
        getStyleClass().add("layer-row");
        setAlignment(Pos.TOP_LEFT);
        voice.getItems().setAll(Kit.voices());
        voice.setVisibleRowCount(12);
        voice.setPrefWidth(112);
        voice.setMinWidth(104);
        voice.setId("voice-" + index);
        voice.setAccessibleText("Voice of layer " + (index + 1));
        voice.valueProperty().addListener((property, old, chosen) -> {
            edit(chosen, layer -> layer.by(chosen));
        });
        pattern = new TypedField<>(
                PatternText::read,
                PatternText::write,
                value -> typed("pattern", layer -> layer.playing(value)),
                desk::endBurst);
        pattern.field().setId("pattern-" + index);
        pattern.field().setAccessibleText("What layer " + (index + 1) + " plays");
        HBox.setHgrow(pattern, Priority.ALWAYS);
        offset = new TypedField<>(
                ValueText::read,
                NoteValue::toString,
                value -> typed("offset", layer -> layer.from(value)),
                desk::endBurst);
        offset.field().setId("offset-" + index);
        offset.field().setAccessibleText("How late layer " + (index + 1) + " starts");
        offset.setPrefWidth(54);
        offset.setMinWidth(54);
        reset.getItems().setAll(Reset.NEVER, Reset.BAR, Reset.PHRASE);
        reset.setConverter(resetNames());
        reset.setMinWidth(106);
        reset.setPrefWidth(106);
        reset.setId("reset-" + index);
        reset.setAccessibleText("Where layer " + (index + 1) + " begins again");
        reset.valueProperty().addListener((property, old, chosen) -> edit(chosen, layer -> layer.resetting(chosen)));
        back.getStyleClass().add("back");
        back.setMinWidth(128);
        Button remove = new Button("", new FontIcon(Feather.X));
        remove.setId("remove-" + index);
        remove.getStyleClass().add("flat");
        remove.setAccessibleText("Remove layer " + (index + 1));
        remove.setTooltip(new Tooltip("Remove this layer"));
        remove.setOnAction(event -> desk.edit(exercise -> exercise.withoutLayer(this.index)));
        getChildren().setAll(mark, voice, pattern, label("from"), offset, label("restarts"), reset, back, remove);
    }

    private static Label label(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("row-label");
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }

    private static StringConverter<Reset> resetNames() {
        return new StringConverter<>() {
            @Override
            public String toString(Reset value) {
                return value == null ? "" : RESETS.getOrDefault(value, ResetText.write(value));
            }

            @Override
            public Reset fromString(String name) {
                return RESETS.keySet().stream()
                        .filter(reset -> RESETS.get(reset).equals(name))
                        .findFirst()
                        .orElseThrow();
            }
        };
    }

    private void edit(Object chosen, UnaryOperator<Layer> change) {
        if (!showing && chosen != null) {
            desk.edit(exercise -> exercise.replacingLayer(
                    index, change.apply(exercise.layers().get(index))));
        }
    }

    private void typed(String field, UnaryOperator<Layer> change) {
        desk.edit(
                field + index,
                exercise -> exercise.replacingLayer(
                        index, change.apply(exercise.layers().get(index))));
    }

    void mark(int layer, Palette palette) {
        mark.getGraphicsContext2D().clearRect(0, 0, 22, 22);
        MarkShape.of(layer).draw(mark.getGraphicsContext2D(), 11, 13, 6, Stroke.NORMAL, palette.layer(layer));
    }

    void show(Layer layer, Voices voices) {
        showing = true;
        if (!voice.getItems().equals(voices.all())) {
            voice.getItems().setAll(voices.all());
        }
        voice.setValue(layer.voice());
        reset.setValue(layer.reset());
        pattern.show(layer.pattern());
        offset.show(layer.offset());
        showing = false;
    }

    void show(Reckoning.OfLayer ofLayer) {
        if (ofLayer.alignment().result().isEmpty()) {
            back.setText("cannot be counted");
            return;
        }
        Alignment alignment = ofLayer.alignment().result().get();
        long bars = alignment.returnsAfter().bars();
        back.setText(
                ofLayer.layer().reset() == Reset.NEVER
                        ? String.format("home after %,d %s", bars, bars == 1 ? "bar" : "bars")
                        : "home each restart");
    }
}
