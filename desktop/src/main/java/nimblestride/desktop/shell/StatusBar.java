package nimblestride.desktop.shell;

import java.util.List;
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
        HBox command = new HBox();
        command.getStyleClass().add("status-command");
        progress.setAccessibleText("Progress");
        getChildren().setAll(happened, between, command, playing);
        commands.runningProperty().addListener((property, old, now) -> {
            command.setVisible(now.isPresent());
            command.getChildren().setAll(now.isPresent() ? List.of(running, progress, cancel) : List.of());
            now.ifPresentOrElse(this::show, progress.progressProperty()::unbind);
        });
        command.managedProperty().bind(command.visibleProperty());
        command.setVisible(false);
    }

    private void show(CommandQueue.Running command) {
        running.setText(command.what() + "…");
        progress.progressProperty().bind(command.doneProperty());
        cancel.setOnAction(event -> command.cancel());
    }

    /** Returns the label that shows what plays. */
    Label playing() {
        return playing;
    }
}
