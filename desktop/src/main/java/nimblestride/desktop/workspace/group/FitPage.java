package nimblestride.desktop.workspace.group;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.sticking.Sticking;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.language.text.FitText;
import nimblestride.core.language.text.TextException;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.time.partition.EvenSpread;
import nimblestride.core.time.partition.FitQuestion;
import nimblestride.core.time.partition.FitResult;
import nimblestride.core.time.partition.PartitionConstraints;
import nimblestride.core.time.value.NoteName;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.page.Page;

/** Lists the cells that fill a length exactly; each way can become a layer or a sticking. */
final class FitPage extends VBox implements Page {
    private final ExerciseDocument document;
    private final TextField question = new TextField();
    private final CheckBox each = new CheckBox("each at least once");
    private final CheckBox together = new CheckBox("same sizes together");
    private final CheckBox hand = new CheckBox("lead hand back on the 1");
    private final ComboBox<Voice> voice = new ComboBox<>();
    private final Label answer = new WrappedLabel();
    private final GridPane ways = new GridPane();
    private final LatestOnly answers = new LatestOnly("fitting");

    /** A question with its answer. */
    private record Answered(FitQuestion question, FitResult fit) {}

    FitPage(ExerciseDocument document) {
        this.document = document;
        getStyleClass().add("page");
        question.setId("fit-question");
        question.setText("5, 3 into 4/4 of 1/16");
        question.setAccessibleText("Cells into a length, such as: 5, 3 into 4/4 of 1/16");
        HBox.setHgrow(question, Priority.ALWAYS);
        voice.setId("fit-voice");
        voice.getItems().setAll(Kit.voices());
        voice.setValue(Kit.SNARE);
        voice.setMinWidth(112);
        voice.setPrefWidth(112);
        voice.setAccessibleText("Voice of the layer to add");
        HBox first = new HBox(question, new Caption("on"), voice);
        first.getStyleClass().add("add-line");
        HBox demands = new HBox(each, together, hand);
        demands.getStyleClass().add("add-line");
        for (CheckBox box : List.of(each, together, hand)) {
            box.setMinWidth(Region.USE_PREF_SIZE);
            box.selectedProperty().addListener(change -> ask());
        }
        question.textProperty().addListener(change -> ask());
        ways.getStyleClass().add("ways");
        getChildren().setAll(first, demands, answer, new VerticalScroll(ways));
        ask();
    }

    @Override
    public void show(Exercise exercise) {
        Voice chosen = voice.getValue();
        if (!voice.getItems().equals(exercise.voices().all())) {
            voice.getItems().setAll(exercise.voices().all());
            voice.setValue(voice.getItems().contains(chosen) ? chosen : Kit.SNARE);
        }
    }

    private void ask() {
        answer.getStyleClass().setAll("label");
        ways.getChildren().clear();
        try {
            FitQuestion read = FitText.read(question.getText());
            FitQuestion asked = new FitQuestion(read.filling().with(demands(read)), read.unit());
            answer.setText("");
            answers.ask(() -> answer(asked), this::show);
        } catch (TextException e) {
            answers.ask(() -> "", ignored -> {});
            answer.getStyleClass().add("problem");
            answer.setText(e.getMessage());
        }
    }

    private PartitionConstraints demands(FitQuestion read) {
        PartitionConstraints demands = read.filling().demands();
        demands = each.isSelected() ? demands.eachOnce() : demands;
        demands = together.isSelected() ? demands.together() : demands;
        return hand.isSelected() ? demands.handBack() : demands;
    }

    private static Object answer(FitQuestion asked) {
        try {
            return new Answered(asked, FitResult.of(asked.filling()));
        } catch (StrideException e) {
            return e.getMessage();
        }
    }

    private void show(Object answered) {
        if (answered instanceof Answered found) {
            show(found.question, found.fit);
        } else {
            answer.getStyleClass().add("problem");
            answer.setText("Too large: " + answered + ".");
        }
    }

    private void show(FitQuestion asked, FitResult fit) {
        int length = asked.filling().length();
        answer.setText(sentence(asked, fit));
        fit.best().forEach(cells -> addWay(cells, "", asked));
        int cells = fit.best().isEmpty() ? 0 : fit.best().get(0).size();
        if (cells > 1 && cells <= length) {
            addWay(EvenSpread.of(cells, length), "as evenly as possible", asked);
        }
    }

    private static String sentence(FitQuestion asked, FitResult fit) {
        int length = asked.filling().length();
        String units = length + " " + NoteName.sayMany(asked.unit());
        if (fit.nearest().isEmpty()) {
            String hand = length % 2 == 0
                    ? "Hand to hand, the same hand starts every time."
                    : "Hand to hand, the second time starts with the other hand.";
            return fit.count().signum() == 0
                    ? "Nothing fills " + units + " so, and no other length near it."
                    : String.format(
                            Locale.ROOT,
                            "%,d %s %s. %s",
                            fit.count(),
                            fit.count().bitLength() == 1 ? "way to fill" : "ways to fill",
                            units,
                            hand);
        }
        int nearest = fit.nearest().getAsInt();
        int apart = Math.abs(nearest - length);
        return "Nothing fills " + units + " so. The nearest that can be filled is " + nearest + ": "
                + (nearest > length ? "add " : "remove ") + apart + ".";
    }

    private void addWay(List<Integer> cells, String note, FitQuestion asked) {
        String text = cells.stream().map(String::valueOf).collect(Collectors.joining("+"));
        Label label = new WrappedLabel(note.isEmpty() ? text : text + "  " + note, "said");
        GridPane.setHgrow(label, Priority.ALWAYS);
        Button layer = new SmallButton("Add as a layer", () -> add(Pattern.Cell.ofCells(cells, asked.unit())));
        Button sticking = new SmallButton(
                "Add as a sticking",
                () -> add(new Pattern.Stuck(
                        Sticking.ofCells(
                                cells, document.exerciseProperty().get().leadHand()),
                        asked.unit())));
        int row = ways.getRowCount();
        layer.setId("fit-layer-" + row);
        sticking.setId("fit-sticking-" + row);
        boolean tooLong = asked.filling().length() > Pattern.MAX_STEPS;
        layer.setDisable(tooLong);
        sticking.setDisable(tooLong);
        ways.addRow(row, label, layer, sticking);
    }

    private void add(Pattern pattern) {
        if (document.exerciseProperty().get().layers().size() < Exercise.MAX_LAYERS) {
            document.edit(exercise -> exercise.plusLayer(Layer.of(voice.getValue(), pattern)));
        }
    }

    @Override
    public void close() {
        answers.close();
    }
}
