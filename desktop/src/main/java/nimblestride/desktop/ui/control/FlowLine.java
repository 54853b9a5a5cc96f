package nimblestride.desktop.ui.control;

import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;

/** Shows controls in a line that wraps where there is too little room. */
public final class FlowLine extends FlowPane {
    public FlowLine(Node... controls) {
        super(controls);
        getStyleClass().add("flow-line");
        setRowValignment(VPos.CENTER);
    }
}
