package nimblestride.desktop.ui.control;

import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.VBox;

/** A row of sentences that does something when it is pressed. It wraps where there is too little room. */
public final class RowButton extends VBox {
    private final Runnable action;

    /** @param accessibleText what is read out for the whole row */
    public RowButton(String id, String accessibleText, Runnable action, Node... lines) {
        super(2, lines);
        this.action = action;
        setId(id);
        getStyleClass().add("row-button");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.BUTTON);
        setAccessibleText(accessibleText);
        setOnMouseClicked(event -> {
            if (event.getButton() == MouseButton.PRIMARY) {
                action.run();
            }
        });
        setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
                action.run();
                event.consume();
            }
        });
    }

    /** Presses it. */
    public void press() {
        action.run();
    }
}
