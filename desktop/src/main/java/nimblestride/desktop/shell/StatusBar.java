package nimblestride.desktop.shell;

import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import nimblestride.desktop.async.CommandQueue;
import nimblestride.desktop.ui.control.SmallButton;

/** Shows, from left to right, the last message, the running command, and what plays through which output. */
final class StatusBar extends HBox {
    private final Label playing = new Label();
    private final Label running = new Label();
    private final ProgressBar progress = new ProgressBar();
    private final SmallButton cancel = new SmallButton("Cancel", "command-cancel", () -> {});

    /**
     * @param happened shows the last message
     * @param commands runs commands; the bar shows the running one, with a way to cancel it
     */
    StatusBar(StatusLine happened, CommandQueue commands) {
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

    /** Returns the label that shows what plays. */
    Label playing() {
        return playing;
    }
}
