package nimblestride.desktop.workspace.history;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.difference.Differences;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.LayerText;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.ui.control.FlowLine;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.view.road.SmallRoad;
import nimblestride.formats.json.DraftJson.InBook;

/** Lists the earlier states of the open exercise, shows one, and brings it back or makes a new exercise of it. */
public final class HistoryPane extends VBox {
    private static final double ROAD_WIDTH = 520;
    private static final double ROAD_HEIGHT = 190;
    private static final double ROW_HEIGHT = 92;
    private static final double WHOLE_NOTES = 3;
    private static final double SCALE = 0.8;
    private static final int MAX_BARS_LENGTH = 200;

    /** What can be done with a state. */
    public interface Actions {
        /** Makes it the present state, as an edit. */
        void bringBack(Exercise state, String title);

        /** Opens it as a new exercise. */
        void openAsNew(Exercise state);

        /** Closes the history. */
        void leave();
    }

    private final ExerciseDocument document;
    private final OpenBook book;
    private final Actions actions;
    private final Label title = new Label();
    private final ListView<PastState> list = new ListView<>();
    private final VBox seen = new VBox(8);
    private final LatestOnly reading = new LatestOnly("reading the history");
    private Palette palette = Palette.DAY;

    /** @param document whose exercise's history is shown */
    public HistoryPane(ExerciseDocument document, OpenBook book, Actions actions) {
        this.document = document;
        this.book = book;
        this.actions = actions;
        setId("history");
        getStyleClass().add("start");
        title.getStyleClass().add("exercise-name");
        list.setId("history-list");
        list.setAccessibleText("Earlier states, newest first");
        list.setFixedCellSize(ROW_HEIGHT);
        list.setCellFactory(view -> new StateCell());
        list.setPlaceholder(new WrappedLabel(
                "No earlier states yet. The Book keeps one for each sitting; press Ctrl+S to name one now.", "quiet"));
        list.getSelectionModel().selectedItemProperty().addListener((property, old, chosen) -> look(chosen));
        HBox.setHgrow(list, Priority.ALWAYS);
        VerticalScroll shown = new VerticalScroll(seen);
        shown.setMinWidth(ROAD_WIDTH + 30);
        HBox both = new HBox(16, list, shown);
        VBox.setVgrow(both, Priority.ALWAYS);
        getChildren()
                .setAll(new HBox(16, title, new SmallButton("Close history", "history-leave", actions::leave)), both);
        addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ESCAPE) {
                actions.leave();
                event.consume();
            }
        });
    }

    /** Reads the history of the open exercise, and shows it. */
    public void refresh() {
        title.setText("History of " + document.exerciseProperty().get().name());
        list.getItems().clear();
        look(null);
        Optional<InBook> here = document.inBookProperty().get();
        if (here.isEmpty() || book.book().isEmpty()) {
            return;
        }
        var open = book.book().get();
        var today = book.today();
        reading.ask(
                () -> book.askElsewhere(
                                open, one -> PastState.of(one, here.get().id(), today))
                        .orElse(List.of()),
                this::show);
    }

    private void show(List<PastState> states) {
        list.getItems().setAll(states);
        list.getSelectionModel().selectFirst();
        list.requestFocus();
    }

    private void look(PastState chosen) {
        seen.getChildren().clear();
        if (chosen == null) {
            return;
        }
        Exercise state = chosen.exercise();
        SmallRoad road = new SmallRoad(state, ROAD_WIDTH, ROAD_HEIGHT, WHOLE_NOTES, SCALE);
        road.setPalette(palette);
        String bars = BarsText.write(state.phrase());
        Button back = new SmallButton("Bring it back", "history-back", () -> actions.bringBack(state, chosen.title()));
        Button fresh = new SmallButton("New exercise from it", "history-new", () -> actions.openAsNew(state));
        seen.getChildren()
                .addAll(
                        new WrappedLabel(chosen.title(), "pane-title"),
                        road,
                        new FlowLine(back, fresh),
                        new WrappedLabel(
                                bars.length() > MAX_BARS_LENGTH ? bars.substring(0, MAX_BARS_LENGTH) + "…" : bars),
                        new WrappedLabel(state.tempo().spoken()));
        state.layers().forEach(layer -> seen.getChildren().add(new WrappedLabel(LayerText.write(layer), "quiet")));
        Label since = new WrappedLabel("Bringing it back changes:", "pane-title");
        List<String> differences =
                Differences.between(document.exerciseProperty().get(), state);
        if (differences.isEmpty()) {
            seen.getChildren().add(new WrappedLabel("This is just how it stands now.", "quiet"));
        } else {
            seen.getChildren().add(since);
            differences.forEach(one -> seen.getChildren().add(new WrappedLabel(PastState.sentence(one, ""))));
        }
    }

    /** Sets the colors of the pictures. */
    public void setPalette(Palette newPalette) {
        palette = newPalette;
        list.refresh();
        look(list.getSelectionModel().getSelectedItem());
    }

    private final class StateCell extends ListCell<PastState> {
        @Override
        protected void updateItem(PastState state, boolean nothing) {
            super.updateItem(state, nothing);
            if (nothing || state == null) {
                setGraphic(null);
                setAccessibleText(null);
                return;
            }
            StateCard card = new StateCard(state, palette);
            card.setPrefWidth(0);
            setGraphic(card);
            setAccessibleText(state.title() + ": " + state.changed());
        }
    }
}
