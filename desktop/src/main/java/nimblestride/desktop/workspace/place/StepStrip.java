package nimblestride.desktop.workspace.place;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiConsumer;
import javafx.css.PseudoClass;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.FlowPane;
import nimblestride.core.kit.sticking.Sticking;
import nimblestride.core.language.text.StickingText;

/** Shows the steps of a sticking; dragging over some of them sets them free, and freezes the others. */
final class StepStrip extends FlowPane {
    /** The width at which it goes on in another line, and of a step, in pixels. */
    private static final double WIDEST = 600;

    private static final double USUAL_STEP = 29;
    private static final PseudoClass FREE = PseudoClass.getPseudoClass("free");

    private final BiConsumer<Integer, Integer> chosen;
    private final List<Label> steps = new ArrayList<>();
    private int pressed;
    private int from;
    private int to;

    /** @param chosen receives the first free step, from 0, and the one after the last */
    StepStrip(BiConsumer<Integer, Integer> chosen) {
        this.chosen = chosen;
        setId("deal-steps");
        getStyleClass().add("step-strip");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.TEXT);
        addEventHandler(MouseEvent.MOUSE_PRESSED, event -> {
            requestFocus();
            pressed = stepAt(event.getX(), event.getY());
            choose(pressed, pressed + 1);
        });
        addEventHandler(MouseEvent.MOUSE_DRAGGED, event -> {
            int here = stepAt(event.getX(), event.getY());
            choose(Math.min(pressed, here), Math.max(pressed, here) + 1);
        });
        addEventHandler(KeyEvent.KEY_PRESSED, this::press);
    }

    /** Shows a sticking with its free steps. */
    void show(Sticking sticking, int newFrom, int newTo) {
        String[] signs = StickingText.write(sticking).split(" +");
        if (signs.length != steps.size()) {
            steps.clear();
            for (int i = 0; i < signs.length; i++) {
                Label step = new Label();
                step.getStyleClass().add("step");
                steps.add(step);
            }
            getChildren().setAll(steps);
            setPrefWrapLength(Math.min(WIDEST, signs.length * USUAL_STEP));
        }
        from = newFrom;
        to = newTo;
        for (int i = 0; i < signs.length; i++) {
            steps.get(i).setText(signs[i]);
            steps.get(i).pseudoClassStateChanged(FREE, i >= from && i < to);
        }
        setAccessibleText("Steps " + (from + 1) + " to " + to + " are free: " + String.join(" ", signs)
                + ". Left and right move their end, with Shift their beginning.");
    }

    /** Returns the step nearest to a point. */
    private int stepAt(double x, double y) {
        int nearest = 0;
        double least = Double.MAX_VALUE;
        for (int i = 0; i < steps.size(); i++) {
            Node step = steps.get(i);
            double dx = step.getBoundsInParent().getCenterX() - x;
            double dy = step.getBoundsInParent().getCenterY() - y;
            if (dx * dx + dy * dy < least) {
                least = dx * dx + dy * dy;
                nearest = i;
            }
        }
        return nearest;
    }

    private void press(KeyEvent event) {
        int by = event.getCode() == KeyCode.LEFT ? -1 : event.getCode() == KeyCode.RIGHT ? 1 : 0;
        if (by != 0) {
            choose(event.isShiftDown() ? from + by : from, event.isShiftDown() ? to : to + by);
            event.consume();
        }
    }

    private void choose(int newFrom, int newTo) {
        if (newFrom >= 0 && newFrom < newTo && newTo <= steps.size()) {
            chosen.accept(newFrom, newTo);
        }
    }
}
