package nimblestride.desktop.breaking;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import javafx.beans.property.ObjectProperty;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import nimblestride.core.counting.CountingSchool;
import nimblestride.core.counting.Division;
import nimblestride.core.exercise.Exercise;
import nimblestride.desktop.desk.Desk;

/** The Break bench: a bar on the left, and what can be asked of it; the answer on the right. */
public final class BreakBench extends HBox implements AutoCloseable {
    private final VBox questions = new VBox();
    private final ToggleGroup asked = new ToggleGroup();
    private final Map<String, ToggleButton> buttons = new LinkedHashMap<>();
    private final Map<String, Page> pages = new LinkedHashMap<>();
    private final BarChoice bars;

    public BreakBench(Desk desk, ObjectProperty<CountingSchool> school, ObjectProperty<Division> division) {
        getStyleClass().add("break");
        bars = new BarChoice(desk);
        questions.getStyleClass().add("questions");
        questions.setMinWidth(Region.USE_PREF_SIZE);
        questions.getChildren().add(bars);
        FillPage fill = new FillPage(desk);
        ReadingsPage readings = new ReadingsPage(desk, bars);
        add("Readings", readings);
        add("Count", new CountPage(desk, bars, school, division));
        add("What fits?", new FitPage(desk));
        add("Does it fill?", fill);
        add("What meter?", new ListenPage(desk, pattern -> {
            fill.hold(pattern);
            ask("Does it fill?");
        }));
        questions.getChildren().add(readings.felt());
        asked.selectedToggleProperty().addListener((property, old, now) -> {
            if (now == null) {
                asked.selectToggle(old);
            }
        });
        ask("Readings");
    }

    private <P extends Region & Page> void add(String question, P page) {
        ToggleButton button = new ToggleButton(question);
        button.setId("ask-"
                + question.toLowerCase(Locale.ROOT).replaceAll("[^a-z]+", "-").replaceAll("-$", ""));
        button.setToggleGroup(asked);
        button.getStyleClass().add("question");
        button.setMaxWidth(Double.MAX_VALUE);
        button.selectedProperty().addListener((property, was, selected) -> {
            if (selected) {
                HBox.setHgrow(page, Priority.ALWAYS);
                getChildren().setAll(questions, page);
            }
        });
        questions.getChildren().add(button);
        buttons.put(question, button);
        pages.put(question, page);
    }

    /** Goes to a question: Readings, Count, What fits?, Does it fill? or What meter? */
    public void ask(String question) {
        asked.selectToggle(buttons.get(question));
    }

    /** Answers every question for the exercise as it is now. */
    public void show(Exercise exercise) {
        bars.show(exercise);
        pages.values().forEach(page -> page.show(exercise));
    }

    @Override
    public void close() {
        pages.values().forEach(Page::close);
    }
}
