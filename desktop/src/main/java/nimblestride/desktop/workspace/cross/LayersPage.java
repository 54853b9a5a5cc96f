package nimblestride.desktop.workspace.cross;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.edit.LayerOrder;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.language.text.RiffText;
import nimblestride.core.language.text.TextException;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.desktop.document.exercise.AnalyzedExercise;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.ui.control.ControlTip;
import nimblestride.desktop.ui.control.SentenceRows;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.page.Page;

/** Shows a row for each layer, and a line to type another one. */
final class LayersPage extends VBox implements Page {
    private static final List<String> EXAMPLES =
            List.of("kick every 5/16", "snare 4 over bar", "\"bass line\" cell x..x. of 1/8");

    private final ExerciseDocument document;
    private final SentenceRows list;
    private final List<LayerRow> shown = new ArrayList<>();
    private final TextField adding = new TextField();
    private final Button add = new Button("Add");
    private final Label problem = new WrappedLabel("", "problem");
    private final Label hint = new Label();
    private final FlowPane examples = new FlowPane();
    private Palette palette = Palette.DAY;

    LayersPage(ExerciseDocument document) {
        this.document = document;
        getStyleClass().add("page");
        adding.setId("add-layer");
        adding.setPromptText("kick every 5/16 from 1/16");
        adding.setAccessibleText("A new layer, such as: kick every 5/16");
        adding.setOnAction(event -> add());
        adding.textProperty().addListener(change -> showMessage(""));
        HBox.setHgrow(adding, Priority.ALWAYS);
        add.setId("add-layer-button");
        add.setOnAction(event -> add());
        ControlTip.on(
                add,
                "A voice, or another player's riff in quotes; then \"every\" and a value, \"4 over bar\", or \"cell x..x. of 1/16\"");
        Label caption = new Label("Add a layer");
        caption.setMinWidth(USE_PREF_SIZE);
        add.setMinWidth(USE_PREF_SIZE);
        HBox line = new HBox(caption, adding, add);
        line.getStyleClass().add("add-line");
        showMessage("");

        hint.getStyleClass().add("quiet");
        examples.getStyleClass().add("examples");
        for (String example : EXAMPLES) {
            Button button = new Button(example);
            button.setOnAction(event -> add(example));
            examples.getChildren().add(button);
        }
        list = new SentenceRows(
                "Layers",
                index -> document.edit(exercise -> exercise.withoutLayer(index)),
                (from, to) -> document.edit(exercise -> LayerOrder.move(exercise, from, to)));
        list.getStyleClass().add("layer-rows");
        getChildren().setAll(line, problem, new VerticalScroll(new VBox(list, hint, examples)));
    }

    @Override
    public void setPalette(Palette newPalette) {
        palette = newPalette;
        for (int i = 0; i < shown.size(); i++) {
            shown.get(i).mark(i, palette);
        }
    }

    /** Shows the layers as they are now. */
    @Override
    public void show(Exercise exercise) {
        List<Layer> layers = exercise.layers();
        boolean sameRows = shown.size() == layers.size();
        while (shown.size() > layers.size()) {
            shown.remove(shown.size() - 1);
        }
        while (shown.size() < layers.size()) {
            LayerRow row = new LayerRow(document, shown.size(), this::showMessage);
            row.mark(shown.size(), palette);
            shown.add(row);
        }
        for (int i = 0; i < layers.size(); i++) {
            shown.get(i).show(layers.get(i), exercise);
        }
        if (!sameRows) {
            list.setRows(shown.stream().map(LayerRow::row).toList());
        }
        hint.setText(
                layers.isEmpty()
                        ? "Nothing runs across the bar line yet. Start with one of these:"
                        : "Or add one of these:");
        boolean few = layers.size() < 3;
        for (Node node : List.of(hint, examples)) {
            node.setVisible(few);
            node.setManaged(few);
        }
    }

    /** Shows beside each layer when it realigns. */
    @Override
    public void show(AnalyzedExercise answer) {
        for (int i = 0; i < Math.min(shown.size(), answer.analysis().layers().size()); i++) {
            shown.get(i).show(answer.analysis().layers().get(i), answer.exercise());
        }
    }

    private void add() {
        String text = adding.getText();
        if (add(text)) {
            adding.clear();
            showMessage(RiffText.remark(text).orElse(""));
        }
    }

    private boolean add(String text) {
        try {
            Layer layer = LayerText.read(text, document.exerciseProperty().get().voices());
            document.edit(exercise -> exercise.plusLayer(layer));
            showMessage("");
            return true;
        } catch (TextException e) {
            showMessage(e.getMessage());
            adding.requestFocus();
            adding.selectRange(Math.min(e.from(), adding.getLength()), Math.min(e.to(), adding.getLength()));
        } catch (StrideException e) {
            showMessage(e.getMessage());
        }
        return false;
    }

    private void showMessage(String message) {
        problem.setText(message);
        problem.setVisible(!message.isEmpty());
        problem.setManaged(!message.isEmpty());
    }
}
