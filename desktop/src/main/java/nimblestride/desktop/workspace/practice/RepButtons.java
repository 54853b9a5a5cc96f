package nimblestride.desktop.workspace.practice;

import java.util.function.Consumer;
import javafx.scene.layout.HBox;
import nimblestride.core.exercise.plan.RepRating;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.SmallButton;

/** Asks how a rep went; one click logs it. */
final class RepButtons extends HBox {
    /**
     * @param id prefix of the buttons' ids
     * @param went receives the rating
     */
    RepButtons(String id, Consumer<RepRating> went) {
        getStyleClass().add("add-line");
        getChildren().add(new Caption("How did it go?"));
        for (RepRating rating : RepRating.values()) {
            String word = rating.title();
            getChildren()
                    .add(new SmallButton(
                            Character.toUpperCase(word.charAt(0)) + word.substring(1),
                            id + "-" + word.replace(' ', '-'),
                            () -> went.accept(rating)));
        }
    }
}
