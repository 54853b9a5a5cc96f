package nimblestride.desktop.ui.field;

import java.util.function.Consumer;
import javafx.beans.value.ObservableValue;
import javafx.scene.Node;
import javafx.scene.control.TextInputControl;
import javafx.scene.layout.Region;

/**
 * Where text is typed: in one line, or in many.
 *
 * @param control has the focus
 * @param shown stands on the page: the control, perhaps with scroll bars
 * @param goHome puts the caret first
 * @param goToEnd puts the caret last
 */
public record TextEntry(
        Region control,
        Region shown,
        ObservableValue<String> textProperty,
        Consumer<String> replacing,
        Runnable goHome,
        Runnable goToEnd) {
    static TextEntry of(TextInputControl field) {
        return new TextEntry(field, field, field.textProperty(), field::setText, field::home, field::end);
    }

    static TextEntry of(LinesArea area) {
        return new TextEntry(
                area,
                area.withScrollBars(),
                area.textProperty(),
                area::replaceText,
                () -> {
                    area.moveTo(0);
                    area.requestFollowCaret();
                },
                () -> area.moveTo(area.getLength()));
    }

    /** Returns whether keys pressed in a node type text. */
    public static boolean isTypedInto(Object node) {
        return node instanceof TextInputControl || node instanceof LinesArea;
    }

    /** Returns the text of a node that is typed into; empty text for any other. */
    public static String textOf(Node node) {
        return node instanceof LinesArea area
                ? area.getText()
                : node instanceof TextInputControl field && field.getText() != null ? field.getText() : "";
    }
}
