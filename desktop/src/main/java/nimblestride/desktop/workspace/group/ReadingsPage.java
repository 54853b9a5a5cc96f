package nimblestride.desktop.workspace.group;

import java.util.List;
import java.util.Objects;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.edit.RewriteEdits;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.reading.Reading;
import nimblestride.core.time.reading.ReadingApproach;
import nimblestride.core.time.reading.ReadingFilter;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.page.Page;

/** Shows the readings of a bar by four approaches, side by side. One click takes a reading. */
final class ReadingsPage extends VBox implements Page {
    private static final int READINGS_PER_APPROACH = 8;
    private static final double NARROW = 560;

    private final ExerciseDocument document;
    private final BarChoice bars;
    private final GridPane columns = new GridPane();
    private final ReadingFilterFields wishes = new ReadingFilterFields(this::showReadings);
    private final Consumer<String> felt;
    private final LatestOnly readings = new LatestOnly("reading");
    private Bar shownBar;
    private ReadingFilter shownWish;

    /** @param felt receives the name of the chosen bar's present grouping */
    ReadingsPage(ExerciseDocument document, BarChoice bars, Consumer<String> felt) {
        this.document = document;
        this.bars = bars;
        this.felt = felt;
        getStyleClass().add("page");
        bars.chosenProperty().addListener(change -> showReadings());
        columns.getStyleClass().add("readings");
        columns.widthProperty().addListener(change -> arrange());
        getChildren().setAll(wishes, new VerticalScroll(columns));
    }

    @Override
    public void show(Exercise exercise) {
        showReadings();
    }

    private void showReadings() {
        int number = bars.number();
        Bar bar = bars.bar();
        ReadingFilter wish = wishes.wish(bar.grouping());
        if (bar.equals(shownBar) && Objects.equals(wish, shownWish)) {
            return;
        }
        shownBar = bar;
        shownWish = wish;
        readings.ask(() -> BarReadings.of(bar, wish, READINGS_PER_APPROACH), found -> show(number, found));
    }

    private void show(int number, BarReadings found) {
        felt.accept(found.name());
        columns.getChildren().clear();
        for (ReadingApproach approach : ReadingApproach.values()) {
            columns.getChildren().add(column(number, found, approach));
        }
        arrange();
    }

    /** Puts the four approaches in one row, or in two rows where there is little room. */
    private void arrange() {
        int inARow = columns.getWidth() < NARROW ? 2 : ReadingApproach.values().length;
        columns.getColumnConstraints().clear();
        for (int i = 0; i < inARow; i++) {
            ColumnConstraints column = new ColumnConstraints();
            column.setPercentWidth(100.0 / inARow);
            columns.getColumnConstraints().add(column);
        }
        int place = 0;
        for (Node column : columns.getChildren()) {
            GridPane.setConstraints(column, place % inARow, place / inARow);
            place++;
        }
    }

    private VBox column(int number, BarReadings found, ReadingApproach approach) {
        Label title = new WrappedLabel(approach.title(), "quiet");
        VBox column = new VBox(title);
        column.getStyleClass().add("reading-column");
        List<Reading> best = found.best().get(approach);
        for (Reading reading : best) {
            boolean taken = reading.grouping().equals(found.bar().grouping());
            column.getChildren()
                    .add(new ReadingCard(reading, taken, () -> take(number, reading), () -> write(number, reading)));
        }
        if (best.isEmpty()) {
            Label none = new WrappedLabel(none(approach, found.bar()), "quiet");
            column.getChildren().add(none);
        }
        return column;
    }

    private void take(int number, Reading reading) {
        document.edit(exercise -> exercise.withPhrase(exercise.phrase().regrouped(number, reading.grouping())));
    }

    private void write(int number, Reading reading) {
        document.edit(exercise -> RewriteEdits.splitBars(
                exercise.withPhrase(exercise.phrase().regrouped(number, reading.grouping())),
                number,
                reading.writtenAs()));
    }

    private static String none(ReadingApproach approach, Bar bar) {
        int units = bar.meter().units();
        return approach == ReadingApproach.PAIRED_BARS && units % 2 == 0
                ? units + " is even: no even and odd bar make it."
                : "No such reading of this bar.";
    }

    @Override
    public void close() {
        readings.close();
    }
}
