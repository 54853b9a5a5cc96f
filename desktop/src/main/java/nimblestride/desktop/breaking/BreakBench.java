package nimblestride.desktop.breaking;

import java.util.List;
import java.util.Objects;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import nimblestride.core.exercise.Exercise;
import nimblestride.core.exercise.Rewriting;
import nimblestride.core.meter.Bar;
import nimblestride.core.reading.Reading;
import nimblestride.core.reading.School;
import nimblestride.core.reading.Wish;
import nimblestride.desktop.desk.Desk;
import nimblestride.desktop.desk.Newest;

/** The Break bench: the readings of a bar in the four schools side by side. One click takes a reading. */
public final class BreakBench extends VBox implements AutoCloseable {
    private static final int READINGS_A_SCHOOL = 8;
    private static final int MOST_BARS_LISTED = 500;

    private final Desk desk;
    private final ComboBox<Integer> bars = new ComboBox<>();
    private final GridPane columns = new GridPane();
    private final WishFields wishes = new WishFields(this::showReadings);
    private final FillLine fill;
    private final Label felt = new Label();
    private final Newest readings = new Newest("reading");
    private Bar shownBar;
    private Wish shownWish;

    public BreakBench(Desk desk) {
        this.desk = desk;
        this.fill = new FillLine(desk);
        getStyleClass().add("bench");
        bars.setId("break-bar");
        bars.setAccessibleText("The bar to take apart");
        bars.setVisibleRowCount(12);
        bars.setMinWidth(150);
        bars.setConverter(barNames());
        bars.valueProperty().addListener(change -> showReadings());
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        felt.getStyleClass().add("quiet");
        felt.setId("felt");
        felt.setMinWidth(0);
        HBox line = new HBox(bars, felt, between, wishes);
        line.getStyleClass().add("add-line");
        columns.getStyleClass().add("readings");
        for (int i = 0; i < School.values().length; i++) {
            ColumnConstraints column = new ColumnConstraints();
            column.setPercentWidth(100.0 / School.values().length);
            columns.getColumnConstraints().add(column);
        }
        ScrollPane scroll = new ScrollPane(columns);
        scroll.setFitToWidth(true);
        scroll.setFocusTraversable(false);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().setAll(line, scroll, fill);
    }

    private StringConverter<Integer> barNames() {
        return new StringConverter<>() {
            @Override
            public String toString(Integer number) {
                if (number == null) {
                    return "";
                }
                List<Bar> all = desk.exercise().get().phrase().bars();
                return number < all.size()
                        ? "Bar " + (number + 1) + ": " + all.get(number).meter()
                        : "";
            }

            @Override
            public Integer fromString(String text) {
                throw new IllegalStateException("bars are chosen, not typed");
            }
        };
    }

    /** Shows the bars as they are now, and the readings of the one chosen. */
    public void show(Exercise exercise) {
        List<Integer> written = exercise.phrase().writtenBars();
        List<Integer> listed = written.subList(0, Math.min(written.size(), MOST_BARS_LISTED));
        Integer chosen = bars.getValue();
        bars.getItems().setAll(listed);
        bars.setValue(listed.contains(chosen) ? chosen : listed.get(0));
        // The names of bars may have changed although their numbers have not.
        bars.setConverter(barNames());
        fill.show(exercise);
        showReadings();
    }

    private void showReadings() {
        Integer number = bars.getValue();
        List<Bar> all = desk.exercise().get().phrase().bars();
        if (number == null || number >= all.size()) {
            return;
        }
        Bar bar = all.get(number);
        Wish wish = wishes.wish();
        if (bar.equals(shownBar) && Objects.equals(wish, shownWish)) {
            return;
        }
        shownBar = bar;
        shownWish = wish;
        readings.ask(() -> BarReadings.of(bar, wish, READINGS_A_SCHOOL), found -> show(number, found));
    }

    private void show(int number, BarReadings found) {
        felt.setText(found.name());
        columns.getChildren().clear();
        int place = 0;
        for (School school : School.values()) {
            columns.add(column(number, found, school), place++, 0);
        }
    }

    private VBox column(int number, BarReadings found, School school) {
        Label title = new Label(school.title());
        title.getStyleClass().add("quiet");
        VBox column = new VBox(title);
        column.getStyleClass().add("reading-column");
        List<Reading> best = found.best().get(school);
        for (Reading reading : best) {
            boolean taken = reading.grouping().equals(found.bar().grouping());
            column.getChildren()
                    .add(new ReadingCard(reading, taken, () -> take(number, reading), () -> write(number, reading)));
        }
        if (best.isEmpty()) {
            Label none = new Label(none(school, found.bar()));
            none.setWrapText(true);
            none.getStyleClass().add("quiet");
            column.getChildren().add(none);
        }
        return column;
    }

    private void take(int number, Reading reading) {
        desk.edit(exercise -> exercise.withPhrase(exercise.phrase().regrouped(number, reading.grouping())));
    }

    private void write(int number, Reading reading) {
        desk.edit(exercise -> Rewriting.asBars(
                exercise.withPhrase(exercise.phrase().regrouped(number, reading.grouping())),
                number,
                reading.writtenAs()));
    }

    private static String none(School school, Bar bar) {
        int units = bar.meter().units();
        return school == School.PAIRED_BARS && units % 2 == 0
                ? units + " is even: no even and odd bar make it."
                : "No such reading of this bar.";
    }

    @Override
    public void close() {
        readings.close();
    }
}
