package nimblestride.desktop.workspace.help;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.view.road.RoadLegend;

/**
 * Shows the help: a list of topics that shrinks as the user types, and beside it the topic, with examples to open.
 */
public final class HelpPane extends BorderPane {
    private static final double LINE_WIDTH = 720;

    private final Consumer<Exercise> open;
    private final Runnable addSamples;
    private final List<HelpTopic> topics = new ArrayList<>(HelpTopic.all());
    private final TextField find = new TextField();
    private final VBox titles = new VBox(2);
    private final VBox text = new VBox(12);
    private final ToggleGroup group = new ToggleGroup();
    private final RoadLegend legend = new RoadLegend();

    /**
     * @param open opens an example
     * @param addSamples adds the sample exercises to the Book
     * @param leave closes the help
     */
    public HelpPane(Consumer<Exercise> open, Runnable addSamples, Runnable leave) {
        this.open = open;
        this.addSamples = addSamples;
        getStyleClass().add("bringing");
        find.setId("help-find");
        find.setPromptText("Search: landing, ghost, backup…");
        find.setAccessibleText("Search help");
        find.textProperty().addListener(change -> list());
        find.setOnAction(event -> titles.getChildren().stream().findFirst().ifPresent(Node::requestFocus));
        Button back = new Button("Close help");
        back.setId("help-leave");
        back.setOnAction(event -> leave.run());
        Label title = new Label("Help");
        title.getStyleClass().add("exercise-name");
        VBox side = new VBox(8, title, find, new VerticalScroll(titles), back);
        side.setPrefWidth(240);
        side.setMinWidth(200);
        text.getStyleClass().add("help-text");
        text.setMaxWidth(LINE_WIDTH);
        VerticalScroll scroll = new VerticalScroll(new HBox(text));
        setLeft(side);
        setCenter(scroll);
        addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ESCAPE) {
                leave.run();
                event.consume();
            }
        });
        list();
    }

    /** Shows the first topic. */
    public void welcome() {
        find.clear();
        show(topics.get(0));
        find.requestFocus();
    }

    /**
     * Shows the list of shortcuts.
     *
     * @param all every shortcut
     */
    public void shortcuts(List<HelpListEntry> all) {
        welcome();
        HelpTopic topic = HelpTopic.shortcuts(all);
        topics.removeIf(one -> one.title().equals(topic.title()));
        topics.add(topic);
        list();
        show(topic);
    }

    private void list() {
        titles.getChildren().clear();
        List<HelpTopic> found = topics.stream()
                .filter(topic -> topic.isAbout(find.getText()))
                .sorted(Comparator.comparing(topic -> !topic.isCalled(find.getText())))
                .toList();
        for (HelpTopic topic : found) {
            ToggleButton title = new ToggleButton(topic.title());
            title.setToggleGroup(group);
            title.getStyleClass().add("page-name");
            title.setMaxWidth(Double.MAX_VALUE);
            title.setOnAction(event -> show(topic));
            titles.getChildren().add(title);
        }
        if (found.isEmpty()) {
            titles.getChildren().add(new WrappedLabel("No matches. Try one word, such as reset."));
        } else {
            show(found.get(0));
        }
    }

    private void show(HelpTopic topic) {
        titles.getChildren().stream()
                .filter(ToggleButton.class::isInstance)
                .map(ToggleButton.class::cast)
                .forEach(title -> title.setSelected(title.getText().equals(topic.title())));
        Label title = new Label(topic.title());
        title.getStyleClass().add("exercise-name");
        text.getChildren().setAll(title);
        if (topic.showsRoad()) {
            text.getChildren().addAll(legend, numbered(RoadLegend.meanings()));
        }
        topic.paragraphs().forEach(paragraph -> text.getChildren().add(new WrappedLabel(paragraph)));
        if (!topic.entries().isEmpty()) {
            text.getChildren().add(list(topic.entries()));
        }
        FlowPane examples = new FlowPane(8, 8);
        for (int i = 0; i < topic.examples().size(); i++) {
            String example = topic.examples().get(i);
            examples.getChildren()
                    .add(new SmallButton(
                            HelpTopic.said(example),
                            "help-example-" + i,
                            () -> open.accept(HelpTopic.exercise(example))));
        }
        text.getChildren().add(examples);
        if (topic.equals(topics.get(0))) {
            text.getChildren()
                    .add(new SmallButton("Add the thirteen sample exercises to the Book", "help-samples", addSamples));
        }
    }

    private static VBox numbered(List<String> lines) {
        VBox list = new VBox(4);
        for (String line : lines) {
            list.getChildren().add(new WrappedLabel((list.getChildren().size() + 1) + ". " + line));
        }
        return list;
    }

    /** Sets the colors of its picture. */
    public void setPalette(Palette palette) {
        legend.setPalette(palette);
    }

    private static GridPane list(List<HelpListEntry> entries) {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("ways");
        for (HelpListEntry entry : entries) {
            Label name = new WrappedLabel(entry.name(), "entry");
            GridPane.setValignment(name, VPos.TOP);
            grid.addRow(grid.getRowCount(), name, new WrappedLabel(entry.description()));
        }
        ColumnConstraints first = new ColumnConstraints();
        first.setPercentWidth(34);
        grid.getColumnConstraints().setAll(first);
        return grid;
    }
}
