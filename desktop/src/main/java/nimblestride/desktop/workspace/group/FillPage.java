package nimblestride.desktop.workspace.group;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.insight.finding.FillFinding;
import nimblestride.core.insight.finding.Finding;
import nimblestride.core.language.text.PatternLengthText;
import nimblestride.core.language.text.TextException;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.page.Page;

/** Shows whether a pattern of some length fills the bar, with a button that fixes what does not. */
final class FillPage extends VBox implements Page {
    private final ExerciseDocument document;
    private final TextField pattern = new TextField();
    private final Label answer = new WrappedLabel();
    private final Button fix = new Button();

    FillPage(ExerciseDocument document) {
        this.document = document;
        getStyleClass().add("page");
        pattern.setId("fill-pattern");
        pattern.setPromptText("14 x 1/16");
        pattern.setPrefWidth(320);
        pattern.setAccessibleText("A pattern or its length, such as: 14 x 1/16");
        pattern.textProperty()
                .addListener(change -> show(document.exerciseProperty().get()));
        answer.setMaxWidth(Double.MAX_VALUE);
        fix.setId("fill-mend");
        fix.getStyleClass().add("small");
        fix.setMinWidth(USE_PREF_SIZE);
        Label forms =
                new Label("As a length: 14 x 1/16. As cells: 5+5+3+3 of 1/16. As hits and rests: x..x..x. of 1/16."
                        + " As a sticking: R L R R L R L L of 1/16.");
        forms.setWrapText(true);
        forms.getStyleClass().add("quiet");
        forms.setMinHeight(USE_PREF_SIZE);
        getChildren().setAll(pattern, answer, fix, forms);
    }

    /** Compares a pattern with the bars. */
    void hold(String text) {
        pattern.setText(text);
    }

    @Override
    public void show(Exercise exercise) {
        offer(null);
        answer.getStyleClass().setAll("label");
        if (pattern.getText().isBlank()) {
            answer.setText("Type a pattern to see whether it fills the bars above.");
            answer.getStyleClass().add("quiet");
            return;
        }
        try {
            Finding finding = FillFinding.of(
                    PatternLengthText.read(pattern.getText(), exercise.phrase().length()), exercise);
            answer.setText(finding.sentence() + " " + finding.sum());
            finding.fix().ifPresent(this::offer);
        } catch (TextException e) {
            answer.setText(e.getMessage());
            answer.getStyleClass().add("problem");
        }
    }

    private void offer(Finding.Fix change) {
        fix.setVisible(change != null);
        fix.setManaged(change != null);
        if (change != null) {
            fix.setText(change.label());
            fix.setOnAction(event -> document.edit(exercise -> change.fixed()));
        }
    }
}
