package nimblestride.desktop.shell;

import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import nimblestride.desktop.document.exercise.ExerciseDocument;

/**
 * Puts the focus where the next thing happens: on the Bars line of a new exercise, where a meter is typed; otherwise on
 * the Road, where the keys play.
 */
final class DeskFocus {
    private final ExerciseDocument document;
    private final TextField bars;
    private final Node road;

    DeskFocus(ExerciseDocument document, TextField bars, Node road) {
        this.document = document;
        this.bars = bars;
        this.road = road;
        document.onOpened(() -> Platform.runLater(this::toANewExercise));
    }

    /** Puts it there. */
    void request() {
        (document.isBlank() ? bars : road).requestFocus();
    }

    /** Returns whether the focus is on the Bars line of a new exercise, and the next letter replaces what is there. */
    boolean isOnNewBars() {
        return bars.isFocused() && document.isBlank() && bars.getSelection().getLength() == bars.getLength();
    }

    private void toANewExercise() {
        if (document.isBlank() && bars.getScene() != null) {
            bars.requestFocus();
        }
    }
}
