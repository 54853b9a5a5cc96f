package nimblestride.desktop.ui.control;

import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** A row of a list that reads as a sentence. Its controls are there only while it is selected. */
public final class SentenceRow extends VBox {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final PseudoClass DROP_ABOVE = PseudoClass.getPseudoClass("drop-above");
    private static final PseudoClass DROP_BELOW = PseudoClass.getPseudoClass("drop-below");

    private final Label sentence = new WrappedLabel("", "sentence");
    private final HBox line = new HBox(8);
    private final StackPane middle = new StackPane(sentence);

    /** Where the controls of the selected row stand. */
    private enum Place {
        INSTEAD,
        BESIDE,
        BELOW
    }

    private final Place place;
    private final Node controls;
    private boolean chosen;

    private SentenceRow(Place place, Node controls) {
        this.place = place;
        this.controls = controls;
        getStyleClass().add("sentence-row");
        line.getStyleClass().add("sentence-line");
        middle.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(middle, Priority.ALWAYS);
        line.getChildren().add(middle);
        getChildren().add(line);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.LIST_ITEM);
    }

    /** Makes a row whose controls take the place of its sentence while it is selected. */
    public static SentenceRow edited(Node controls) {
        return new SentenceRow(Place.INSTEAD, controls);
    }

    /** Makes a row whose controls stand beside its sentence while it is selected. */
    public static SentenceRow with(Node controls) {
        return new SentenceRow(Place.BESIDE, controls);
    }

    /** Makes a row whose controls stand below all its lines while it is selected. */
    public static SentenceRow above(Node controls) {
        return new SentenceRow(Place.BELOW, controls);
    }

    /** Makes a row that has no controls. */
    public static SentenceRow plain() {
        return new SentenceRow(Place.BESIDE, new HBox());
    }

    /** Puts something before the sentence that is always there. */
    public SentenceRow lead(Node... nodes) {
        for (int i = 0; i < nodes.length; i++) {
            line.getChildren().add(i, nodes[i]);
        }
        return this;
    }

    /** Puts something after the sentence that is always there. */
    public SentenceRow trail(Node node) {
        line.getChildren().add(node);
        return this;
    }

    /** Adds a line below the sentence. */
    public void add(Node below) {
        getChildren().add(below);
    }

    /** Sets the sentence. */
    public void say(String text) {
        sentence.setText(text);
        setAccessibleText(text);
    }

    /** Shows the controls, or takes them away. */
    void setChosen(boolean now) {
        // Taking a control out of the window and putting it back would take the focus from it.
        if (now == chosen) {
            return;
        }
        chosen = now;
        pseudoClassStateChanged(CHOSEN, chosen);
        if (place == Place.INSTEAD) {
            middle.getChildren().setAll(chosen ? controls : sentence);
            return;
        }
        Pane around = place == Place.BESIDE ? line : this;
        if (chosen) {
            around.getChildren().add(controls);
        } else {
            around.getChildren().remove(controls);
        }
    }

    /** Shows where a dragged row would go: above this one, below it, or neither. */
    void markDrop(boolean above, boolean below) {
        pseudoClassStateChanged(DROP_ABOVE, above);
        pseudoClassStateChanged(DROP_BELOW, below);
    }

    /** Returns whether a press on the node takes hold of the row, and not of a control in it. */
    boolean isHold(Node pressed) {
        for (Node node = pressed; node != null && node != this; node = node.getParent()) {
            if (node == controls || (node.isFocusTraversable() && node != this)) {
                return false;
            }
        }
        return true;
    }
}
