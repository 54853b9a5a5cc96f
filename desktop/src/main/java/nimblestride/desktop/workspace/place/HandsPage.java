package nimblestride.desktop.workspace.place;

import java.util.List;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.model.PlayingStyle;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.insight.fact.Category;
import nimblestride.core.kit.sticking.LeadHand;
import nimblestride.desktop.document.exercise.AnalyzedExercise;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.TitleConverter;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.field.TypedField;
import nimblestride.desktop.ui.page.Page;

/**
 * Sets how to play the exercise (which hand leads, linear or not, how fast at most), and shows what that demands of
 * the limbs.
 */
final class HandsPage extends VBox implements Page {
    private final ExerciseDocument document;
    private final ComboBox<LeadHand> lead = new ComboBox<>();
    private final CheckBox linear = new CheckBox("linear: no two limbs at once");
    private final TypedField<OptionalInt> most;
    private final VBox advice = new VBox();
    private boolean showing;

    HandsPage(ExerciseDocument document) {
        this.document = document;
        getStyleClass().add("page");
        lead.setId("lead");
        lead.getItems().setAll(LeadHand.values());
        lead.setConverter(new TitleConverter<>(LeadHand::title));
        lead.setMinWidth(140);
        lead.setAccessibleText("Lead hand");
        lead.valueProperty().addListener((property, old, now) -> edit(playingStyle -> playingStyle.withLead(now)));
        linear.setId("linear");
        linear.setMinWidth(USE_PREF_SIZE);
        linear.selectedProperty().addListener((property, was, now) -> edit(playingStyle -> playingStyle.linear(now)));
        most = new TypedField<>(
                HandsPage::readMost,
                value -> value.isPresent() ? Integer.toString(value.getAsInt()) : "",
                value -> document.edit(
                        "maximum strokes",
                        exercise -> exercise.withPlayingStyle(
                                value.isPresent()
                                        ? exercise.playingStyle().withMaxStrokesPerSecond(value.getAsInt())
                                        : exercise.playingStyle().withoutMaxStrokesPerSecond())),
                document::endBurst);
        most.field().setId("most-strokes");
        most.field().setAccessibleText("The most strokes per second for one limb");
        most.setPrefWidth(46);
        most.setMinWidth(46);
        FlowPane row = new FlowPane(lead, linear, new Caption("at most"), most, new Caption("strokes per second"));
        row.getStyleClass().add("wishes");
        advice.getStyleClass().add("told");
        getChildren().setAll(new VerticalScroll(advice), row);
    }

    private static OptionalInt readMost(String typed) {
        String number = typed.strip();
        if (number.isEmpty()) {
            return OptionalInt.empty();
        }
        if (!number.matches("\\d{1,3}")) {
            throw new InvalidValueException("type a whole number or nothing");
        }
        return PlayingStyle.DEFAULT
                .withMaxStrokesPerSecond(Integer.parseInt(number))
                .maxStrokesPerSecond();
    }

    private void edit(UnaryOperator<PlayingStyle> change) {
        if (!showing) {
            document.edit(exercise -> exercise.withPlayingStyle(change.apply(exercise.playingStyle())));
        }
    }

    @Override
    public void show(Exercise exercise) {
        showing = true;
        lead.setValue(exercise.leadHand());
        linear.setSelected(exercise.playingStyle().linear());
        most.show(exercise.playingStyle().maxStrokesPerSecond());
        showing = false;
    }

    /** Shows in sentences what the hands must do; the findings say the same. */
    @Override
    public void show(AnalyzedExercise answer) {
        List<Label> sentences = answer.findings().stream()
                .filter(finding -> finding.category() == Category.HANDS || finding.category() == Category.LIMBS)
                .map(finding -> sentence(finding.sentence() + " " + finding.sum()))
                .toList();
        advice.getChildren().setAll(sentences);
        if (sentences.isEmpty()) {
            advice.getChildren().setAll(sentence("Place a voice or write a sticking to see what the hands must do."));
        }
    }

    private static Label sentence(String text) {
        return new WrappedLabel(text.strip());
    }
}
