package nimblestride.desktop.ui.control;

import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;

/** Controls in a line that goes on below where there is too little room across. */
public final class FlowLine extends FlowPane {
    public FlowLine(Node... controls) {
        super(controls);
        getStyleClass().add("flow-line");
        setRowValignment(VPos.CENTER);
    }
}
