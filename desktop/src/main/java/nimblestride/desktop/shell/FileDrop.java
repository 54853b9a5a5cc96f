package nimblestride.desktop.shell;

import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.input.TransferMode;

/** Opens files dropped on the window. */
final class FileDrop {
    private FileDrop() {}

    /** @param open receives the first file */
    static void accept(Scene scene, Consumer<Path> open) {
        scene.setOnDragOver(event -> {
            if (event.getDragboard().hasFiles()) {
                event.acceptTransferModes(TransferMode.COPY);
            }
            event.consume();
        });
        scene.setOnDragDropped(event -> {
            List<File> dropped = event.getDragboard().getFiles();
            event.setDropCompleted(!dropped.isEmpty());
            event.consume();
            dropped.stream().findFirst().ifPresent(file -> Platform.runLater(() -> open.accept(file.toPath())));
        });
    }
}
