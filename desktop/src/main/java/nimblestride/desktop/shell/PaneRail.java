package nimblestride.desktop.shell;

import javafx.geometry.Pos;
import javafx.scene.Group;
import javafx.scene.control.Button;
import javafx.scene.layout.StackPane;
import javafx.scene.text.Text;
import nimblestride.desktop.ui.control.ControlTip;

/** Stands in a narrow column for a pane that is folded away; a press shows the pane again. */
final class PaneRail extends StackPane {
    static final double WIDTH = 30;
    private static final double SIDEWAYS = -90;

    /**
     * @param name of the pane
     * @param keys that show it as well
     */
    PaneRail(String name, String keys, String id, Runnable unfold) {
        Text sideways = new Text(name);
        sideways.getStyleClass().add("rail-name");
        sideways.setRotate(SIDEWAYS);
        Button button = new Button();
        button.setGraphic(new Group(sideways));
        button.setId(id);
        button.getStyleClass().addAll("flat", "rail-button");
        button.setAccessibleText("Show " + name);
        button.setOnAction(event -> unfold.run());
        ControlTip.on(button, "Show " + name + " (" + keys + ")");
        button.setMinSize(USE_PREF_SIZE, USE_PREF_SIZE);
        getStyleClass().add("rail");
        setAlignment(Pos.TOP_CENTER);
        setMinWidth(WIDTH);
        setPrefWidth(WIDTH);
        setMaxWidth(WIDTH);
        getChildren().setAll(button);
    }
}
