package nimblestride.desktop.workspace.importing;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.difference.Differences;
import nimblestride.core.language.text.BarsText;
import nimblestride.desktop.ui.control.FlowLine;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.view.road.SmallRoad;

/** Shows a file that was imported before beside the exercise in the Book, with what differs, to choose between them. */
public final class RepeatedImportPane extends VBox {
    private static final double WIDTH = 560;
    private static final double ROAD_HEIGHT = 190;
    private static final double WHOLE_NOTES = 3;
    private static final double SCALE = 0.8;
    private static final int MAX_BARS_LENGTH = 160;

    private final Runnable leave;
    private final List<SmallRoad> roads = new ArrayList<>();

    /** @param leave closes the pane */
    public RepeatedImportPane(Runnable leave) {
        this.leave = leave;
        setId("repeated-import");
        getStyleClass().add("start");
        addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ESCAPE) {
                leave.run();
                event.consume();
            }
        });
    }

    /** Shows both, and what can be done. */
    public void show(RepeatedImport both, RepeatedImport.Choice choice) {
        roads.clear();
        Label title = new WrappedLabel("You imported " + both.fileName() + " before", "exercise-name");
        Button open = button("Open the one in the Book", "repeat-open", choice::openTheOneInTheBook);
        Button replace = button("Replace it by the file", "repeat-replace", choice::replace);
        Button keep = button("Keep both", "repeat-both", choice::keepBoth);
        Button cancel = new SmallButton("Cancel", "repeat-cancel", leave);
        VBox differences = new VBox(4, new WrappedLabel("What differs in the file", "pane-title"));
        Differences.between(both.inBook(), both.arriving())
                .forEach(one -> differences.getChildren().add(new WrappedLabel(one)));
        getChildren()
                .setAll(
                        title,
                        new HBox(16, side("In the Book", both.inBook()), side("In the file", both.arriving())),
                        new FlowLine(open, replace, keep, cancel),
                        new WrappedLabel("If you replace it, its history keeps the one in the Book.", "quiet"),
                        new VerticalScroll(differences));
        open.requestFocus();
    }

    private Button button(String text, String id, Runnable action) {
        return new SmallButton(text, id, () -> {
            leave.run();
            action.run();
        });
    }

    private VBox side(String where, Exercise exercise) {
        SmallRoad road = new SmallRoad(exercise, WIDTH, ROAD_HEIGHT, WHOLE_NOTES, SCALE);
        roads.add(road);
        String bars = BarsText.write(exercise.phrase());
        VBox side = new VBox(
                4,
                new WrappedLabel(where, "pane-title"),
                new WrappedLabel(exercise.name(), "entry-name"),
                road,
                new WrappedLabel(
                        (bars.length() > MAX_BARS_LENGTH ? bars.substring(0, MAX_BARS_LENGTH) + "…" : bars) + ", "
                                + exercise.tempo().spoken(),
                        "quiet"));
        side.getStyleClass().add("way-card");
        return side;
    }

    /** Sets the colors of the pictures. */
    public void setPalette(Palette palette) {
        roads.forEach(road -> road.setPalette(palette));
    }
}
