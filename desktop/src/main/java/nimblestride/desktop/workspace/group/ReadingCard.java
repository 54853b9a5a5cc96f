package nimblestride.desktop.workspace.group;

import java.util.List;
import java.util.stream.Collectors;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.reading.Reading;
import nimblestride.desktop.ui.control.ControlTip;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.WrappedLabel;

/**
 * Shows one reading: its strides, its groups, why it is easy, and how to count it. A click or Enter groups the bar this
 * way; a button plays it.
 */
final class ReadingCard extends StackPane {
    private static final int MAX_BARS = 12;
    private static final double TEXT_WIDTH = 172;
    private static final double PLAY_WIDTH = 50;

    /** What a card can do with its reading. */
    interface Actions {
        /** Groups the bar this way. */
        void group(Reading reading);

        /** Writes the bar as these bars. */
        void write(Reading reading, List<Meter> bars);

        /** Keeps one bar and groups it with these bars inside. */
        void keepInside(Reading reading, List<Meter> bars);

        /** Plays the bar with its accents. */
        void play(Reading reading);
    }

    /**
     * @param number from 0, for its ids
     * @param chosen whether it is the bar's present grouping
     * @param count the syllables of the bar in this grouping
     */
    ReadingCard(int number, Reading reading, boolean chosen, String count, Actions actions) {
        Label grouping = new Label(reading.grouping().toString());
        grouping.getStyleClass().add("reading-grouping");
        grouping.setMinWidth(0);
        Button group = new Button();
        group.setId("reading-" + number);
        group.getStyleClass().add("reading");
        if (chosen) {
            group.getStyleClass().add("taken");
        }
        StridePicture picture = new StridePicture(reading.grouping());
        // The button that plays stands to the right of the picture.
        VBox.setMargin(picture, new Insets(0, PLAY_WIDTH, 0, 0));
        VBox content = new VBox(2, picture, grouping, text(reading.why(), "reading-why"), text(count, "reading-count"));
        group.setGraphic(content);
        group.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        group.setAlignment(Pos.TOP_LEFT);
        group.setMinWidth(0);
        group.setMaxWidth(Double.MAX_VALUE);
        group.setAccessibleText("Group as " + reading.grouping() + ", " + reading.why() + (chosen ? ", chosen" : "")
                + ". Count: " + count);
        group.setOnAction(event -> actions.group(reading));
        String bars = reading.ways().stream()
                .filter(way -> way.size() > 1)
                .findFirst()
                .map(way -> " Right-click to write it as " + words(way) + ".")
                .orElse("");
        ControlTip.on(group, "Group the bar this way." + bars);
        group.setContextMenu(menu(reading, actions));
        SmallButton play = new SmallButton("Play", "reading-play-" + number, () -> actions.play(reading));
        play.setAccessibleText("Play " + reading.grouping() + " with its accents");
        StackPane.setAlignment(group, Pos.TOP_LEFT);
        StackPane.setAlignment(play, Pos.TOP_RIGHT);
        StackPane.setMargin(play, new Insets(5));
        getChildren().setAll(group, play);
    }

    /** A button asks its text for a height before it has a width of its own. */
    private static Label text(String words, String style) {
        Label label = new WrappedLabel(words, style);
        label.setPrefWidth(TEXT_WIDTH);
        label.setMinWidth(TEXT_WIDTH);
        label.setVisible(!words.isEmpty());
        label.setManaged(!words.isEmpty());
        return label;
    }

    private static ContextMenu menu(Reading reading, Actions actions) {
        ContextMenu menu = new ContextMenu();
        MenuItem group = new MenuItem("Group as " + reading.grouping());
        group.setOnAction(event -> actions.group(reading));
        menu.getItems().add(group);
        for (List<Meter> bars : reading.ways()) {
            if (bars.size() > 1) {
                MenuItem write = new MenuItem("Write as " + words(bars));
                write.setOnAction(event -> actions.write(reading, bars));
                MenuItem inside = new MenuItem("Keep one bar, with " + words(bars) + " inside");
                inside.setOnAction(event -> actions.keepInside(reading, bars));
                menu.getItems().addAll(write, inside);
            }
        }
        return menu;
    }

    private static String words(List<Meter> bars) {
        String first = bars.stream().limit(MAX_BARS).map(Meter::toString).collect(Collectors.joining(" + "));
        return bars.size() > MAX_BARS ? first + " + …" : first;
    }
}
