package nimblestride.desktop.ui.control;

import java.util.List;
import java.util.Optional;
import java.util.function.IntConsumer;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.VBox;

/**
 * A list whose rows read as sentences. The selected row shows its controls. Up and Down select, Delete removes, and
 * Alt+Up, Alt+Down, and dragging change the order, unless the list is sorted by date.
 */
public final class SentenceRows extends VBox {
    /** Changes the order of what the rows show. */
    public interface Order {
        /** Moves a row to another place; both count from 0 and are there. */
        void move(int from, int to);
    }

    private final IntConsumer remove;
    private final Optional<Order> order;
    private List<SentenceRow> rows = List.of();
    /** The selected place; -1 for none. */
    private int selected = -1;

    private int held = -1;
    private int goal = -1;

    /** Makes a list whose rows can be removed. */
    public SentenceRows(String accessibleText, IntConsumer remove) {
        this(accessibleText, remove, null);
    }

    /** Makes a list whose rows can be removed and moved. */
    public SentenceRows(String accessibleText, IntConsumer remove, Order order) {
        this.remove = remove;
        this.order = Optional.ofNullable(order);
        getStyleClass().add("sentence-rows");
        setAccessibleRole(AccessibleRole.LIST_VIEW);
        setAccessibleText(accessibleText);
        addEventHandler(KeyEvent.KEY_PRESSED, this::press);
    }

    /** Shows rows. The selected place stays; a row there keeps the focus the old one had. */
    public void setRows(List<SentenceRow> now) {
        boolean focused = isRowFocused();
        now.forEach(row -> {
            if (!rows.contains(row)) {
                listen(row);
            }
        });
        rows = List.copyOf(now);
        getChildren().setAll(rows);
        select(Math.min(selected, rows.size() - 1));
        if (focused && selected >= 0) {
            rows.get(selected).requestFocus();
        }
    }

    private void listen(SentenceRow row) {
        row.focusWithinProperty().addListener((property, was, is) -> {
            if (is && rows.contains(row)) {
                select(rows.indexOf(row));
            }
        });
        row.addEventHandler(MouseEvent.MOUSE_PRESSED, event -> hold(row, event));
        row.addEventHandler(MouseEvent.MOUSE_DRAGGED, this::drag);
        row.addEventHandler(MouseEvent.MOUSE_RELEASED, event -> drop());
    }

    /** Selects a row. */
    public void select(int index) {
        selected = index;
        for (int i = 0; i < rows.size(); i++) {
            rows.get(i).setChosen(i == index);
        }
    }

    /** Selects a row and gives it the focus. */
    public void focus(int index) {
        if (index >= 0 && index < rows.size()) {
            select(index);
            rows.get(index).requestFocus();
        }
    }

    private void hold(SentenceRow row, MouseEvent event) {
        held = -1;
        if (event.getButton() == MouseButton.PRIMARY && event.getTarget() instanceof Node node && row.isHold(node)) {
            held = rows.indexOf(row);
            goal = held;
            focus(held);
        }
    }

    private void drag(MouseEvent event) {
        if (held < 0 || order.isEmpty()) {
            return;
        }
        double y = sceneToLocal(event.getSceneX(), event.getSceneY()).getY();
        goal = 0;
        while (goal + 1 < rows.size() && y > rows.get(goal).getBoundsInParent().getMaxY()) {
            goal++;
        }
        for (int i = 0; i < rows.size(); i++) {
            rows.get(i).markDrop(i == goal && goal < held, i == goal && goal > held);
        }
    }

    private void drop() {
        int from = held;
        held = -1;
        rows.forEach(row -> row.markDrop(false, false));
        if (from >= 0 && goal != from) {
            move(from, goal);
        }
    }

    private void move(int from, int to) {
        if (order.isPresent() && to >= 0 && to < rows.size()) {
            selected = to;
            order.get().move(from, to);
            focus(to);
        }
    }

    private void press(KeyEvent event) {
        KeyCode key = event.getCode();
        boolean vertical = key == KeyCode.UP || key == KeyCode.DOWN;
        int next = selected + (key == KeyCode.UP ? -1 : 1);
        if (vertical && event.isAltDown() && selected >= 0) {
            move(selected, next);
        } else if (vertical && isRowFocused()) {
            focus(next);
        } else if (key == KeyCode.DELETE && isRowFocused()) {
            remove.accept(selected);
        } else {
            return;
        }
        event.consume();
    }

    private boolean isRowFocused() {
        return selected >= 0 && selected < rows.size() && rows.get(selected).isFocused();
    }
}
