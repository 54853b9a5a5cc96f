package nimblestride.desktop.window;

import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import nimblestride.desktop.desk.Desk;

/** The line at the foot of the window: on the left what has just happened, on the right what is played and through what. */
final class Foot extends HBox {
    private final Label happened = new Label();
    private final Label playing = new Label();

    Foot() {
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        getStyleClass().add("status");
        getChildren().setAll(happened, between, playing);
    }

    void tell(String message) {
        happened.setText(message);
    }

    /**
     * What was told of the last step is not true of the next. To be asked before anybody else hears of an exercise, who may have
     * something to tell of it.
     */
    void forgetWithEachStep(Desk desk) {
        desk.exercise().addListener((property, old, exercise) -> {
            if (!old.turnedTo(0).equals(exercise.turnedTo(0))) {
                tell("");
            }
        });
    }

    /** Where it is told what is played. */
    Label playing() {
        return playing;
    }
}
