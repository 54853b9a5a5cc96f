package nimblestride.desktop.workspace.place;

import java.util.ArrayList;
import java.util.List;
import javafx.beans.property.IntegerProperty;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.edit.LayerOrder;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.sentence.LayerSentence;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.ui.control.SentenceRow;
import nimblestride.desktop.ui.control.SentenceRows;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.page.Page;

/** Sets the order in which layers come in, and how many of them play and show now. */
final class BuildPage extends VBox implements Page {
    private final IntegerProperty stage;
    private final SentenceRows rows;
    private final Label none = new WrappedLabel("No layers yet. Place a voice on counts first.", "quiet");

    /** @param stage how many layers are heard and seen, from the first on; {@link Exercise#MAX_LAYERS} for all */
    BuildPage(ExerciseDocument document, IntegerProperty stage) {
        this.stage = stage;
        getStyleClass().add("page");
        Label how = new WrappedLabel(
                "Choose a stage to see and play only the layers up to it. The last stage brings back all of them."
                        + " Drag a layer, or press Alt+Up and Alt+Down, to bring it in earlier or later.");
        how.getStyleClass().add("quiet");
        rows = new SentenceRows(
                "Layers, in the order in which they come in",
                index -> document.edit(exercise -> exercise.withoutLayer(index)),
                (from, to) -> document.edit(exercise -> LayerOrder.move(exercise, from, to)));
        getChildren().setAll(how, none, new VerticalScroll(rows));
    }

    @Override
    public void show(Exercise exercise) {
        ToggleGroup stages = new ToggleGroup();
        int last = exercise.layers().size();
        List<SentenceRow> shown = new ArrayList<>();
        for (int i = 0; i < last; i++) {
            SentenceRow row = SentenceRow.plain().lead(stageButton(i + 1, last, stages));
            row.setId("build-row-" + i);
            row.say(LayerSentence.of(exercise, i));
            shown.add(row);
        }
        rows.setRows(shown);
        none.setVisible(last == 0);
        none.setManaged(last == 0);
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
}
