package nimblestride.desktop.workspace.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.plan.PracticePlan;
import nimblestride.core.exercise.plan.Stage;
import nimblestride.core.exercise.plan.StageTask;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.language.text.StageText;
import nimblestride.core.practice.stage.StageSuggestions;
import nimblestride.core.practice.stage.StagedExercise;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.service.Status;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.field.TypedField;
import nimblestride.desktop.ui.page.Page;

/** Shows the stages that lead to the exercise: suggested, typed, and played. */
final class StagesPage extends VBox implements Page {
    private final ExerciseDocument document;
    private final Transport transport;
    private final Status status;
    private final GridPane rows = new GridPane();
    private final Label none = new WrappedLabel("", "quiet");
    private final SmallButton itself;
    private List<Stage> shown = List.of();
    private final List<TypedField<Stage>> fields = new ArrayList<>();
    private final List<ToggleButton> plays = new ArrayList<>();

    StagesPage(ExerciseDocument document, Transport transport, Status status) {
        this.document = document;
        this.transport = transport;
        this.status = status;
        getStyleClass().add("page");
        rows.getStyleClass().add("ways");
        itself = new SmallButton("Play the whole exercise", "stage-none", this::playExercise);
        HBox buttons = new HBox(
                8,
                new SmallButton("Suggest stages", "stages-propose", this::propose),
                new SmallButton("Add a stage", "stage-add", () -> add(Stage.of(StageTask.AS_WRITTEN))),
                itself);
        none.setText(
                "Learn the exercise in small steps: count it aloud, play it on the pad, one limb at a time, then all limbs, then add accents and"
                        + " ornaments. Press Suggest stages, or type your own, such as:"
                        + " right hand solo in 3+1 at 70 %.");
        getChildren().setAll(buttons, none, new VerticalScroll(rows));
        transport.settings().stageProperty().addListener(change -> mark());
        sceneProperty().addListener(change -> mark());
    }

    private void edit(List<Stage> stages) {
        document.edit(exercise -> exercise.withPractice(exercise.practice().withStages(stages)));
    }

    private void propose() {
        edit(StageSuggestions.leadingTo(document.exerciseProperty().get()));
    }

    private void add(Stage stage) {
        if (shown.size() >= PracticePlan.MAX_STAGES) {
            status.show("An exercise holds up to " + PracticePlan.MAX_STAGES + " stages.");
            return;
        }
        List<Stage> stages = new ArrayList<>(shown);
        stages.add(stage);
        edit(stages);
    }

    private void playExercise() {
        transport.settings().stageProperty().set(Optional.empty());
        transport.settings().percentProperty().set(100);
        play();
    }

    private void play(Stage stage) {
        try {
            StagedExercise.of(document.exerciseProperty().get(), stage);
        } catch (StrideException e) {
            status.show("I can't play this stage: " + e.getMessage() + ".");
            mark();
            return;
        }
        transport.settings().stageProperty().set(Optional.of(stage));
        transport.settings().percentProperty().set(stage.percent());
        play();
    }

    private void play() {
        if (!transport.playingProperty().get()) {
            transport.toggle();
        }
    }

    @Override
    public void show(Exercise exercise) {
        List<Stage> stages = exercise.practice().stages();
        boolean sameRows = stages.size() == fields.size();
        shown = stages;
        none.setVisible(stages.isEmpty());
        none.setManaged(stages.isEmpty());
        if (sameRows) {
            // Keeps the text of a field that has the focus.
            for (int i = 0; i < stages.size(); i++) {
                fields.get(i).show(stages.get(i));
            }
        } else {
            build();
        }
        mark();
    }

    private void build() {
        rows.getChildren().clear();
        plays.clear();
        fields.clear();
        for (int i = 0; i < shown.size(); i++) {
            addRow(i);
        }
    }

    private void addRow(int index) {
        Label number = new Label(String.valueOf(index + 1));
        number.getStyleClass().add("section-number");
        TypedField<Stage> field = new TypedField<>(
                StageText::read,
                StageText::write,
                stage -> {
                    List<Stage> stages = new ArrayList<>(shown);
                    stages.set(index, stage);
                    document.edit(
                            this,
                            exercise ->
                                    exercise.withPractice(exercise.practice().withStages(stages)));
                },
                document::endBurst);
        field.field().setId("stage-" + index);
        field.field().setAccessibleText("Stage " + (index + 1) + ", such as right hand solo in 3+1 at 70 %");
        field.show(shown.get(index));
        fields.add(field);
        GridPane.setHgrow(field, Priority.ALWAYS);
        ToggleButton play = new ToggleButton("Play");
        play.setId("stage-play-" + index);
        play.getStyleClass().add("stage");
        play.setMinWidth(USE_PREF_SIZE);
        play.setAccessibleText("Play stage " + (index + 1));
        play.setOnAction(event -> {
            if (play.isSelected()) {
                play(shown.get(index));
            } else {
                transport.stop();
            }
            mark();
        });
        plays.add(play);
        HBox moves = new HBox(
                4,
                new SmallButton("Up", "stage-up-" + index, () -> move(index, index - 1)),
                new SmallButton("Down", "stage-down-" + index, () -> move(index, index + 1)),
                new SmallButton("Remove", "stage-remove-" + index, () -> remove(index)));
        rows.addRow(index, number, play, field, moves);
    }

    private void move(int from, int to) {
        if (to >= 0 && to < shown.size()) {
            List<Stage> stages = new ArrayList<>(shown);
            stages.add(to, stages.remove(from));
            edit(stages);
        }
    }

    private void remove(int index) {
        List<Stage> stages = new ArrayList<>(shown);
        stages.remove(index);
        edit(stages);
    }

    /** Highlights the stage that plays. */
    private void mark() {
        Optional<Stage> stage = transport.settings().stageProperty().get();
        for (int i = 0; i < plays.size(); i++) {
            plays.get(i).setSelected(stage.equals(Optional.of(shown.get(i))));
        }
        itself.setDisable(stage.isEmpty());
    }
}
