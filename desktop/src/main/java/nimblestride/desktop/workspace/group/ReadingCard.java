package nimblestride.desktop.workspace.group;

import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.VBox;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.reading.Reading;
import nimblestride.desktop.ui.control.ControlTip;
import nimblestride.desktop.ui.control.WrappedLabel;

/** Shows one reading; a click or Enter takes it. */
final class ReadingCard extends Button {
    private static final int MAX_BARS = 12;
    private static final double TEXT_WIDTH = 118;

    /**
     * @param taken whether it is the bar's present grouping
     * @param take regroups the bar
     * @param write rewrites the bar as the bars of this reading
     */
    ReadingCard(Reading reading, boolean taken, Runnable take, Runnable write) {
        getStyleClass().add("reading");
        if (taken) {
            getStyleClass().add("taken");
        }
        Label grouping = new Label(reading.grouping().toString());
        grouping.getStyleClass().add("reading-grouping");
        Label why = new WrappedLabel(reading.why(), "reading-why");
        // A button asks its text for a height before it has a width of its own.
        why.setPrefWidth(TEXT_WIDTH);
        why.setMinWidth(TEXT_WIDTH);
        setMinWidth(0);
        VBox both = new VBox(grouping, why);
        setGraphic(both);
        setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        setAlignment(Pos.TOP_LEFT);
        setMaxWidth(Double.MAX_VALUE);
        String written = reading.writtenAs().stream()
                .limit(MAX_BARS)
                .map(Meter::toString)
                .collect(Collectors.joining(", "));
        ControlTip.on(this, "Written as " + written + ". Right-click to write it so.");
        setAccessibleText(reading.grouping() + ", " + reading.why() + (taken ? ", taken" : ""));
        setOnAction(event -> take.run());
        MenuItem content = new MenuItem("Feel it as " + reading.grouping());
        content.setOnAction(event -> take.run());
        MenuItem asBars = new MenuItem("Write it as " + written);
        asBars.setDisable(reading.writtenAs().size() < 2);
        asBars.setOnAction(event -> write.run());
        setContextMenu(new ContextMenu(content, asBars));
    }
}
