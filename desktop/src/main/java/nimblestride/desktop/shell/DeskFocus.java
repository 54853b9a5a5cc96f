package nimblestride.desktop.shell;

import javafx.application.Platform;
import javafx.scene.Node;
import nimblestride.desktop.document.exercise.ExerciseDocument;

/**
 * Puts the focus where the next thing happens: on the Bars line of a new exercise, where a meter is typed; otherwise on
 * the Road, where the keys play.
 */
final class DeskFocus {
    private final ExerciseDocument document;
    private final Node bars;
    private final Node road;

    DeskFocus(ExerciseDocument document, Node bars, Node road) {
        this.document = document;
        this.bars = bars;
        this.road = road;
        document.onOpened(() -> Platform.runLater(this::toANewExercise));
    }

    /** Puts it there. */
    void request() {
        (document.isBlank() ? bars : road).requestFocus();
    }

    private void toANewExercise() {
        if (document.isBlank() && bars.getScene() != null) {
            bars.requestFocus();
        }
    }
}
