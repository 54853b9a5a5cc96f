package nimblestride.desktop.workspace.history;

import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.view.road.SmallRoad;

/** Shows one state of an exercise: when it was made, what changed in it, and its beginning on a small Road. */
final class StateCard extends HBox {
    private static final double ROAD_WIDTH = 240;
    private static final double ROAD_HEIGHT = 78;
    private static final double WHOLE_NOTES = 2.4;
    private static final double SCALE = 0.5;

    StateCard(PastState state, Palette palette) {
        super(12);
        SmallRoad road = new SmallRoad(state.exercise(), ROAD_WIDTH, ROAD_HEIGHT, WHOLE_NOTES, SCALE);
        road.setPalette(palette);
        Label when = new WrappedLabel(state.title(), "entry-name");
        Label changed = new WrappedLabel(state.changed(), "quiet");
        VBox words = new VBox(2, when, changed);
        words.setMinWidth(0);
        HBox.setHgrow(words, Priority.ALWAYS);
        getChildren().setAll(road, words);
    }
}
