package nimblestride.desktop.workspace.cross;

import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.language.sentence.LayerSentence;
import nimblestride.core.language.text.PatternText;
import nimblestride.core.language.text.ValueText;
import nimblestride.core.layer.alignment.Alignment;
import nimblestride.core.layer.crossing.Crossing;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Reset;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.async.Lazy;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.ui.control.ControlTip;
import nimblestride.desktop.ui.control.SentenceRow;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.field.TypedField;
import nimblestride.desktop.ui.look.DrawingCanvas;
import nimblestride.desktop.ui.look.MarkBatch;
import nimblestride.desktop.ui.look.MarkShape;
import nimblestride.desktop.ui.look.Palette;

/** Says what a layer plays and when it realigns. While it is selected, its voice, pattern, and offset can be edited. */
final class LayerRow {
    private final ExerciseDocument document;
    private final int index;
    private final DrawingCanvas mark = new DrawingCanvas((g, width, height) -> drawMark(g));
    private Palette palette = Palette.DAY;
    private int marked;
    private final ComboBox<Voice> voice = new ComboBox<>();
    private final TypedField<Pattern> pattern;
    private final TypedField<NoteValue> offset;
    private final Label back = new Label();
    private final ToggleButton more = new ToggleButton("more");
    /** Created on first use, because they cost more than the rest of the row. */
    private final Lazy<LayerFields> details;

    private final VBox controls = new VBox();
    private final SentenceRow row;
    private Runnable tellDetails = () -> {};
    private boolean showing;

    /** @param problem receives why something can't be done */
    LayerRow(ExerciseDocument document, int index, Consumer<String> problem) {
        this.document = document;
        this.index = index;
        controls.getStyleClass().add("layer-block");
        voice.getItems().setAll(Kit.voices());
        voice.setVisibleRowCount(12);
        voice.setPrefWidth(106);
        voice.setMinWidth(104);
        voice.setId("voice-" + index);
        voice.setAccessibleText("Voice of layer " + (index + 1));
        voice.valueProperty().addListener((property, old, chosen) -> {
            if (!showing && chosen != null) {
                edit(layer -> layer.withVoice(chosen));
            }
        });
        pattern = new TypedField<>(
                PatternText::read,
                PatternText::write,
                value -> typed("pattern", layer -> layer.withPattern(value)),
                document::endBurst);
        pattern.field().setId("pattern-" + index);
        pattern.field().setAccessibleText("The pattern of layer " + (index + 1));
        HBox.setHgrow(pattern, Priority.ALWAYS);
        pattern.setMinWidth(110);
        offset = new TypedField<>(
                ValueText::read,
                NoteValue::toString,
                value -> typed("offset", layer -> layer.withOffset(value)),
                document::endBurst);
        offset.field().setId("offset-" + index);
        offset.field().setAccessibleText("The offset of layer " + (index + 1));
        offset.setPrefWidth(54);
        offset.setMinWidth(54);
        back.getStyleClass().add("back");
        back.setMinWidth(112);
        more.setId("more-" + index);
        more.getStyleClass().add("stage");
        more.setMinWidth(Region.USE_PREF_SIZE);
        ControlTip.on(more, "Reset, landing, downbeats, orchestration, and added voices");
        SmallButton remove = new SmallButton(
                "Remove", "remove-" + index, () -> document.edit(exercise -> exercise.withoutLayer(this.index)));
        remove.setAccessibleText("Remove layer " + (index + 1));
        mark.setMinSize(22, 22);
        mark.setMaxSize(22, 22);
        HBox fields = new HBox(voice, pattern, label("from"), offset, more, remove);
        fields.getStyleClass().add("layer-row");
        fields.setAlignment(Pos.TOP_LEFT);
        controls.getChildren().setAll(fields);
        details = new Lazy<>(() -> new LayerFields(document, index, problem));
        row = SentenceRow.edited(controls).lead(mark).trail(back);
        row.setId("layer-row-" + index);
        more.selectedProperty().addListener(change -> seeDetails());
    }

    private void seeDetails() {
        if (more.isSelected()) {
            tellDetails.run();
            controls.getChildren().add(details.get());
        } else {
            details.ifMade(controls.getChildren()::remove);
        }
    }

    /** Returns the row of the list. */
    SentenceRow row() {
        return row;
    }

    private static Node label(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("row-label");
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }

    private void edit(UnaryOperator<Layer> change) {
        document.edit(exercise ->
                exercise.withLayer(index, change.apply(exercise.layers().get(index))));
    }

    private void typed(String field, UnaryOperator<Layer> change) {
        document.edit(
                field + index,
                exercise ->
                        exercise.withLayer(index, change.apply(exercise.layers().get(index))));
    }

    void mark(int layer, Palette newPalette) {
        marked = layer;
        palette = newPalette;
        mark.redraw();
    }

    private void drawMark(GraphicsContext g) {
        new MarkBatch()
                .add(MarkShape.of(marked), 11, 13, 6, Stroke.NORMAL, palette.layer(marked))
                .draw(g);
    }

    void show(Layer layer, Exercise exercise) {
        row.say(LayerSentence.of(exercise, index));
        showing = true;
        if (!voice.getItems().equals(exercise.voices().all())) {
            voice.getItems().setAll(exercise.voices().all());
        }
        voice.setValue(layer.voice());
        pattern.show(layer.pattern());
        offset.show(layer.offset());
        showing = false;
        tellDetails = () -> details.get().show(layer, exercise);
        details.ifMade(made -> made.show(layer, exercise));
    }

    void show(Analysis.OfLayer ofLayer, Exercise exercise) {
        if (ofLayer.alignment().result().isEmpty()) {
            back.setText("too long to count");
            ControlTip.on(back, ofLayer.alignment().problem());
            return;
        }
        Alignment alignment = ofLayer.alignment().result().get();
        long bars = alignment.returnsAfter().bars();
        back.setText(ofLayer.layer().reset().equals(Reset.NEVER) ? Counted.number(bars) + "-bar cycle" : "restarts");
        ControlTip.onAsking(
                back,
                () -> "Called: "
                        + Crossing.of(ofLayer.layer(), exercise.phrase()).kind().title());
    }
}
