package nimblestride.desktop.look;

import javafx.scene.Node;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;

/**
 * What is said of a control while the mouse rests on it, and by a screen reader after its name. The little window it stands in is
 * made only when the mouse first comes.
 */
public final class Hint {
    private Hint() {}

    /** Says something of a node from now on, in place of what was said before. */
    public static void on(Node node, String text) {
        node.setAccessibleHelp(text);
        if (node.getProperties().get(Hint.class) instanceof Tooltip shown) {
            shown.setText(text);
        } else if (node.getProperties().put(Hint.class, text) == null) {
            node.addEventHandler(MouseEvent.MOUSE_ENTERED, event -> install(node));
        }
    }

    /** Says nothing of it any longer. */
    public static void off(Node node) {
        node.setAccessibleHelp(null);
        if (node.getProperties().get(Hint.class) instanceof Tooltip shown) {
            Tooltip.uninstall(node, shown);
        }
        node.getProperties().put(Hint.class, "");
    }

    private static void install(Node node) {
        if (node.getProperties().get(Hint.class) instanceof String text && !text.isEmpty()) {
            Tooltip tooltip = new Tooltip(text);
            node.getProperties().put(Hint.class, tooltip);
            Tooltip.install(node, tooltip);
        }
    }
}
