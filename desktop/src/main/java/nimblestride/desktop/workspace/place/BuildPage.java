package nimblestride.desktop.workspace.place;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import javafx.beans.property.IntegerProperty;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.PatternText;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.ui.control.ControlTip;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.page.Page;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** Sets the order in which layers come in, and how many of them play and show now. */
final class BuildPage extends VBox implements Page {
    private static final int MAX_TEXT_LENGTH = 60;

    private final ExerciseDocument document;
    private final IntegerProperty stage;
    private final GridPane rows = new GridPane();

    /** @param stage how many layers are heard and seen, from the first on; {@link Exercise#MAX_LAYERS} for all */
    BuildPage(ExerciseDocument document, IntegerProperty stage) {
        this.document = document;
        this.stage = stage;
        getStyleClass().add("page");
        Label how = new WrappedLabel(
                "Choose a stage to see and play only the layers up to it. The last stage brings back all of them.");
        how.getStyleClass().add("quiet");
        rows.getStyleClass().add("ways");
        getChildren().setAll(how, new VerticalScroll(rows));
    }

    @Override
    public void show(Exercise exercise) {
        rows.getChildren().clear();
        ToggleGroup stages = new ToggleGroup();
        List<String> names = exercise.layerNames();
        int last = names.size();
        for (int i = 0; i < last; i++) {
            rows.addRow(
                    i,
                    stageButton(i + 1, last, stages),
                    name(names.get(i)),
                    what(exercise.layers().get(i)),
                    move(i, -1, Feather.ARROW_UP, "Move up"),
                    move(i, 1, Feather.ARROW_DOWN, "Move down"));
        }
        if (last == 0) {
            rows.add(new Label("No layers yet. Place a voice on counts first."), 0, 0);
        }
    }

    private ToggleButton stageButton(int number, int last, ToggleGroup stages) {
        ToggleButton button = new ToggleButton(number == 1 ? "Stage 1" : "up to " + number);
        button.setId("stage-" + number);
        button.getStyleClass().addAll("small", "stage");
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setToggleGroup(stages);
        button.setSelected(number == Math.min(last, stage.get()));
        button.setOnAction(event -> {
            stage.set(number == last ? Exercise.MAX_LAYERS : number);
            button.setSelected(true);
        });
        return button;
    }

    private static Label name(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("reading-grouping");
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }

    private static Label what(Layer layer) {
        String text = PatternText.write(layer.pattern());
        Label label = new Label(text.length() > MAX_TEXT_LENGTH ? text.substring(0, MAX_TEXT_LENGTH) + "…" : text);
        label.getStyleClass().add("quiet");
        label.setMinWidth(0);
        GridPane.setHgrow(label, Priority.ALWAYS);
        return label;
    }

    private Button move(int index, int by, Feather icon, String tip) {
        Button button = new Button("", new FontIcon(icon));
        button.setId((by < 0 ? "earlier-" : "later-") + index);
        button.getStyleClass().add("flat");
        button.setAccessibleText(tip);
        ControlTip.on(button, tip);
        int other = index + by;
        button.setDisable(
                other < 0 || other >= document.exerciseProperty().get().layers().size());
        button.setOnAction(event -> document.edit(exercise -> {
            List<Layer> layers = new ArrayList<>(exercise.layers());
            Collections.swap(layers, index, other);
            return exercise.withLayers(layers);
        }));
        return button;
    }
}
