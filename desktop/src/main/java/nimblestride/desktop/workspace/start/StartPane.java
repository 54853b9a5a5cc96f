package nimblestride.desktop.workspace.start;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import nimblestride.desktop.service.PageId;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.FlowLine;
import nimblestride.desktop.ui.control.RowButton;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.view.road.SmallRoad;
import nimblestride.store.book.ExerciseSummary;

/** Asks what you want to work on: a card for each job, the last exercises, today's practice, and today's lessons. */
public final class StartPane extends VBox {
    private static final double CARD_WIDTH = 388;
    private static final double CARD_HEIGHT = 166;
    private static final double ROAD_HEIGHT = 104;
    private static final double ROAD_SCALE = 0.6;
    private static final double WHOLE_NOTES = 2;

    /** What can be chosen. */
    public interface Choice {
        void open(StartCard card);

        void open(ExerciseSummary exercise);

        void open(PageId page);

        /** Shows the program in three minutes. */
        void help();

        /** Closes the start page. */
        void leave();
    }

    private final List<SmallRoad> roads = new ArrayList<>();
    private final FlowLine recent = new FlowLine();
    private final FlowPane cards = new FlowPane(10, 10);
    private final SmallButton learn;
    private final Label practice = new WrappedLabel("", "quiet");
    private final Label lessons = new WrappedLabel("", "quiet");
    private final Label recording = new WrappedLabel("Hear which meter it is in, and play it slowly.", "quiet");
    private final Consumer<ExerciseSummary> openRecent;

    public StartPane(Choice choice) {
        this.openRecent = choice::open;
        setId("start");
        getStyleClass().add("start");
        Label title = new Label("What do you want to work on?");
        title.getStyleClass().add("exercise-name");
        for (StartCard card : StartCard.values()) {
            cards.getChildren().add(card(card, choice));
        }
        recent.setId("start-recent");
        HBox today = new HBox(
                10,
                today("Today's practice", practice, "start-today", () -> choice.open(PageId.TODAY)),
                today("Today's lessons", lessons, "start-lessons", () -> choice.open(PageId.LESSONS)),
                today("A recording", recording, "start-recording", () -> choice.open(PageId.RECORDING)));
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        learn = new SmallButton("New here? Three minutes", "start-help", choice::help);
        SmallButton close = new SmallButton("Close", "start-leave", choice::leave);
        // Esc closes, too.
        close.setFocusTraversable(false);
        HBox head = new HBox(10, title, between, learn, close);
        getChildren().setAll(head, new VerticalScroll(new VBox(10, cards, recent, today)));
        addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ESCAPE) {
                choice.leave();
                event.consume();
            }
        });
    }

    private static RowButton today(String title, Label content, String id, Runnable open) {
        RowButton button = new RowButton(id, title, open, new WrappedLabel(title, "entry-name"), content);
        button.setPrefWidth(CARD_WIDTH);
        return button;
    }

    private Button card(StartCard card, Choice choice) {
        Label name = new Label(card.title());
        name.getStyleClass().add("entry-name");
        SmallRoad road = new SmallRoad(card.exercise(), CARD_WIDTH - 26, ROAD_HEIGHT, WHOLE_NOTES, ROAD_SCALE);
        roads.add(road);
        Label hint = new Label(card.hint());
        hint.getStyleClass().add("quiet");
        Button button = new Button();
        button.setGraphic(new VBox(2, name, road, hint));
        button.setId("start-" + card.name().toLowerCase(Locale.ROOT));
        button.getStyleClass().add("start-card");
        button.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        button.setPrefSize(CARD_WIDTH, CARD_HEIGHT);
        button.setMinHeight(CARD_HEIGHT);
        button.setAccessibleText(card.title() + ". " + card.hint());
        button.setOnAction(event -> choice.open(card));
        return button;
    }

    /** Shows the last exercises of the Book, and what the day holds. */
    public void show(StartDay day) {
        practice.setText(day.practice());
        lessons.setText(day.lessons());
        List<ExerciseSummary> last = day.last();
        List<Node> buttons = new ArrayList<>();
        if (!last.isEmpty()) {
            buttons.add(new Caption("Last exercises"));
            if (learn.isFocused()) {
                // Whoever has a Book is not new here.
                cards.getChildren().get(0).requestFocus();
            }
        }
        for (ExerciseSummary exercise : last) {
            buttons.add(new SmallButton(
                    exercise.name(), "start-last-" + (buttons.size() - 1), () -> openRecent.accept(exercise)));
        }
        recent.getChildren().setAll(buttons);
    }

    /** Sets the colors of the pictures. */
    public void setPalette(Palette palette) {
        roads.forEach(road -> road.setPalette(palette));
    }
}
