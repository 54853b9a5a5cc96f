package nimblestride.desktop.ui.field;

import java.util.function.Consumer;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import nimblestride.core.foundation.failure.StrideException;

/** A line of text that is taken when the user presses Enter or leaves the field; Escape brings back the last one. */
public final class EditedLine extends TextField {
    private final Consumer<String> edited;
    private final Consumer<String> problem;
    private String taken = "";

    /**
     * @param edited takes the new text
     * @param problem shows why a text can't be taken; the field then keeps it
     */
    public EditedLine(String id, String accessibleText, Consumer<String> edited, Consumer<String> problem) {
        this.edited = edited;
        this.problem = problem;
        setId(id);
        setAccessibleText(accessibleText);
        setOnAction(event -> take());
        focusedProperty().addListener((property, was, focused) -> {
            if (!focused) {
                take();
            }
        });
        addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ESCAPE && !getText().equals(taken)) {
                setText(taken);
                event.consume();
            }
        });
    }

    /** Shows a text, unless the user is typing another. */
    public void show(String text) {
        boolean typing = isFocused() && !getText().equals(taken);
        taken = text;
        if (!typing) {
            setText(text);
        }
    }

    private void take() {
        String text = getText().strip();
        if (text.equals(taken)) {
            return;
        }
        try {
            edited.accept(text);
            taken = text;
        } catch (StrideException e) {
            problem.accept(e.getMessage() + ".");
        }
    }
}
