package nimblestride.desktop.ui.control;

import java.util.Optional;
import java.util.function.Supplier;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;

/**
 * Explains a control while the mouse is over it, and through a screen reader after its name. The tip window is made
 * only when the mouse first comes, or somebody without one asks.
 */
public final class ControlTip {
    /** Of a line in it, at the most. */
    private static final double WIDTH = 420;

    private Supplier<String> said = () -> "";
    /** For the mouse. */
    private Tooltip shown;
    /** For those who have none. */
    private Tooltip tooltip;

    private ControlTip() {}

    /** Gives a node an explanation, in place of the last one. */
    public static void on(Node node, String text) {
        onAsking(node, () -> text);
        node.setAccessibleHelp(text);
    }

    /**
     * Gives a node an explanation that is worked out when it is asked for.
     *
     * @param text may be empty, and then nothing is shown; a screen reader has to ask for it itself
     */
    public static void onAsking(Node node, Supplier<String> text) {
        ControlTip hint = of(node);
        hint.said = text;
        node.setAccessibleHelp(null);
        if (hint.shown != null) {
            hint.comeTo(node);
        }
    }

    /**
     * Shows the explanation now, under the node, until a key is pressed or the focus goes: for those who have no
     * mouse.
     *
     * @param otherwise shown where there is no explanation, so that nobody waits for it
     */
    public static void show(Node node, String otherwise) {
        ControlTip hint = of(node);
        if (hint.tooltip == null) {
            Tooltip tooltip = made();
            hint.tooltip = tooltip;
            node.addEventFilter(KeyEvent.KEY_PRESSED, event -> tooltip.hide());
            node.focusedProperty().addListener(change -> tooltip.hide());
        }
        String text = hint.said.get();
        hint.tooltip.setText(text.isEmpty() ? otherwise : text);
        Bounds bounds = node.localToScreen(node.getBoundsInLocal());
        hint.tooltip.show(node, bounds.getMinX(), bounds.getMaxY());
    }

    /** Removes the explanation of a node. */
    public static void off(Node node) {
        on(node, "");
    }

    /** Returns the tip of a node; empty for none. */
    static Optional<String> installedOn(Node node) {
        return Optional.ofNullable(of(node).shown).map(Tooltip::getText);
    }

    private static ControlTip of(Node node) {
        return (ControlTip) node.getProperties().computeIfAbsent(ControlTip.class, key -> {
            ControlTip hint = new ControlTip();
            node.addEventHandler(MouseEvent.MOUSE_ENTERED, event -> hint.comeTo(node));
            return hint;
        });
    }

    /** Shows the tip when the mouse comes to a node. */
    private void comeTo(Node node) {
        String text = said.get();
        if (text.isEmpty()) {
            if (shown != null) {
                Tooltip.uninstall(node, shown);
                shown = null;
            }
        } else if (shown != null) {
            shown.setText(text);
        } else {
            shown = made();
            shown.setText(text);
            Tooltip.install(node, shown);
        }
    }

    private static Tooltip made() {
        Tooltip made = new Tooltip();
        made.setWrapText(true);
        made.setMaxWidth(WIDTH);
        return made;
    }
}
