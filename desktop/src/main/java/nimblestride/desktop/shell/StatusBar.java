package nimblestride.desktop.shell;

import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import nimblestride.desktop.async.CommandQueue;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.ui.control.SmallButton;

/** The line at the foot of the window: on the left what has just happened, on the right what is played and through what. */
final class StatusBar extends HBox {
    private final Label happened = new Label();
    private final Label playing = new Label();
    private final Label running = new Label();
    private final ProgressBar progress = new ProgressBar();
    private final SmallButton cancel = new SmallButton("Cancel", "command-cancel", () -> {});

    /** @param commands of which the one that runs is shown, with a way to cancel it */
    StatusBar(CommandQueue commands) {
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        getStyleClass().add("status");
        HBox command = new HBox(running, progress, cancel);
        command.getStyleClass().add("status-command");
        progress.setAccessibleText("How much of it is done");
        getChildren().setAll(happened, between, command, playing);
        commands.runningProperty().addListener((property, old, now) -> show(command, now));
        show(command, Optional.empty());
    }

    private void show(HBox command, Optional<CommandQueue.Running> now) {
        command.setVisible(now.isPresent());
        command.setManaged(now.isPresent());
        progress.progressProperty().unbind();
        now.ifPresent(one -> {
            running.setText(one.what() + "…");
            progress.progressProperty().bind(one.doneProperty());
            cancel.setOnAction(event -> one.cancel());
        });
    }

    void showStatus(String message) {
        happened.setText(message);
    }

    /** Tells something besides what is told already: at the start more than one thing may have to be said. */
    void showWarning(String message) {
        happened.setText((happened.getText() + " " + message).strip());
    }

    /**
     * What was told of the last step is not true of the next. To be asked before anybody else hears of an exercise, who may have
     * something to tell of it.
     */
    void clearOnEdit(ExerciseDocument document) {
        document.exerciseProperty().addListener((property, old, exercise) -> {
            if (!old.withSelected(0).equals(exercise.withSelected(0))) {
                showStatus("");
            }
        });
    }

    /** Where it is told what is played. */
    Label playing() {
        return playing;
    }
}
