package nimblestride.desktop.workspace.cross;

import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.insight.resolution.Resolution;
import nimblestride.core.insight.resolution.Resolutions;
import nimblestride.core.layer.pattern.Riff;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.field.BarCountParser;
import nimblestride.desktop.ui.field.TypedField;
import nimblestride.desktop.ui.page.Page;

/** Make it fit: this riff against these bars for so long, what is left over, and every way out. */
final class ResolutionsPage extends VBox implements Page {
    private static final int DEFAULT_BARS = 4;
    private static final int MAX_BARS = 1_000;

    private final ExerciseDocument document;
    private final LayerChoice riff = new LayerChoice("closing-layer", layer -> ask());
    private final TypedField<Integer> bars;
    private final Label summary = new WrappedLabel();
    private final GridPane ways = new GridPane();
    private final LatestOnly answers = new LatestOnly("closing");
    private int count = DEFAULT_BARS;
    private Exercise exercise;

    /** The answer to a question, or why there is none. */
    private record Answered(List<Resolution> ways, String summary, boolean problem) {}

    ResolutionsPage(ExerciseDocument document) {
        this.document = document;
        getStyleClass().add("page");
        bars = new TypedField<>(
                BarCountParser.upTo(MAX_BARS),
                String::valueOf,
                number -> {
                    count = number;
                    ask();
                },
                () -> {});
        bars.field().setId("closing-bars");
        bars.field().setAccessibleText("Number of bars");
        bars.setPrefWidth(64);
        bars.setMinWidth(64);
        HBox line = new HBox(new Caption("Make the riff of"), riff, new Caption("fit into"), bars, new Caption("bars"));
        line.getStyleClass().add("add-line");
        summary.setId("closing-told");
        ways.getStyleClass().add("ways");
        getChildren().setAll(line, summary, new VerticalScroll(ways));
        bars.show(DEFAULT_BARS);
    }

    @Override
    public void show(Exercise newExercise) {
        exercise = newExercise;
        riff.show(exercise);
        ask();
    }

    private void ask() {
        if (exercise == null) {
            return;
        }
        Exercise about = exercise;
        int layer = riff.layer();
        int asked = count;
        answers.ask(() -> answer(about, layer, asked), this::show);
    }

    private static Answered answer(Exercise exercise, int layer, int bars) {
        if (layer < 0) {
            return new Answered(List.of(), "Add a layer first: the riff to fit into these bars.", false);
        }
        try {
            List<Resolution> ways = Resolutions.of(exercise, layer, bars);
            String sum = Riff.of(exercise.layers().get(layer).pattern())
                    .map(riff ->
                            Resolutions.sum(riff.length(), exercise.phrase().startOf(bars), bars))
                    .orElse("");
            return new Answered(ways, sum, false);
        } catch (StrideException e) {
            return new Answered(List.of(), e.getMessage() + ".", true);
        }
    }

    private void show(Answered answered) {
        summary.setText(answered.summary);
        summary.getStyleClass().setAll("label", answered.problem ? "problem" : "said");
        ways.getChildren().clear();
        for (Resolution way : answered.ways) {
            int row = ways.getRowCount();
            Label label = new WrappedLabel(way.label());
            Label sum = new WrappedLabel(way.sum(), "finding-sum");
            VBox words = new VBox(label, sum);
            GridPane.setHgrow(words, Priority.ALWAYS);
            Caption kind = new Caption(way.kind().title());
            SmallButton take = new SmallButton("Apply", "closing-" + row, () -> take(way));
            ways.addRow(row, kind, words, take);
        }
    }

    private void take(Resolution way) {
        document.edit(now -> way.exercise());
    }

    @Override
    public void close() {
        answers.close();
    }
}
