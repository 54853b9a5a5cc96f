package nimblestride.desktop.workspace.group;

import java.util.List;
import java.util.Objects;
import javafx.beans.property.ObjectProperty;
import javafx.scene.Node;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.edit.RewriteEdits;
import nimblestride.core.exercise.leadin.AccentedBar;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.CountText;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.Subdivision;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.reading.Reading;
import nimblestride.core.time.reading.ReadingFilter;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.page.Page;

/** Shows the readings of a bar, easiest first. One click groups the bar, another plays the reading. */
final class ReadingsPage extends VBox implements Page {
    private static final int READINGS = 24;
    private static final double CARD_WIDTH = 200;
    private static final int MAX_COUNT_UNITS = 48;

    private final ExerciseDocument document;
    private final BarChoice bars;
    private final ObjectProperty<Counting> counting;
    private final Transport transport;
    private final GridPane cards = new GridPane();
    private final ReadingFilterFields filters = new ReadingFilterFields(this::showReadings);
    private final LatestOnly readings = new LatestOnly("reading");
    private final OtherBars inEighths = new OtherBars("In eighths", "eighths", this::writeBar);
    private final OtherBars ofPhrase = new OtherBars("The whole phrase", "phrase-as", this::writePhrase);
    private Bar shownBar;
    private Phrase shownPhrase;
    private ReadingFilter shownFilter;

    ReadingsPage(ExerciseDocument document, BarChoice bars, ObjectProperty<Counting> counting, Transport transport) {
        this.document = document;
        this.bars = bars;
        this.counting = counting;
        this.transport = transport;
        getStyleClass().add("page");
        bars.chosenProperty().addListener(change -> showReadings());
        counting.addListener(change -> {
            shownBar = null;
            showReadings();
        });
        cards.getStyleClass().add("readings");
        cards.widthProperty().addListener(change -> arrange());
        VBox found = new VBox(cards, inEighths, ofPhrase);
        found.getStyleClass().add("page");
        getChildren().setAll(filters, new VerticalScroll(found));
    }

    @Override
    public void show(Exercise exercise) {
        showReadings();
    }

    private void showReadings() {
        int number = bars.number();
        Bar bar = bars.bar();
        ReadingFilter filter = filters.wish(bar.grouping());
        Phrase phrase = document.exerciseProperty().get().phrase();
        if (bar.equals(shownBar) && phrase.equals(shownPhrase) && Objects.equals(filter, shownFilter)) {
            return;
        }
        shownBar = bar;
        shownPhrase = phrase;
        shownFilter = filter;
        readings.ask(() -> BarReadings.of(phrase, bar, filter, READINGS), found -> show(number, found));
    }

    private void show(int number, BarReadings found) {
        inEighths.show(found.inEighths());
        ofPhrase.show(found.ofPhrase());
        cards.getChildren().clear();
        int place = 0;
        for (Reading reading : found.best()) {
            Bar bar = new Bar(found.bar().meter(), reading.grouping());
            boolean chosen =
                    reading.grouping().sizes().equals(found.bar().grouping().sizes());
            cards.getChildren().add(new ReadingCard(place++, reading, chosen, count(bar), actions(number, bar)));
        }
        if (found.best().isEmpty()) {
            cards.getChildren().add(new WrappedLabel("No grouping of this bar matches. Clear a field above.", "quiet"));
        }
        arrange();
    }

    private void writeBar(List<Bar> one) {
        int number = bars.number();
        document.edit(exercise -> exercise.withPhrase(exercise.phrase().replacing(number, one)));
    }

    private void writePhrase(List<Bar> all) {
        document.edit(exercise -> RewriteEdits.writeAs(exercise, all));
    }

    private String count(Bar bar) {
        return bar.meter().units() > MAX_COUNT_UNITS
                ? ""
                : CountText.write(bar, counting.get(), Subdivision.AS_WRITTEN);
    }

    /** Puts as many cards in a row as have room. */
    private void arrange() {
        int inARow = Math.max(1, (int) (cards.getWidth() / CARD_WIDTH));
        cards.getColumnConstraints().clear();
        for (int i = 0; i < inARow; i++) {
            ColumnConstraints column = new ColumnConstraints();
            column.setPercentWidth(100.0 / inARow);
            cards.getColumnConstraints().add(column);
        }
        int place = 0;
        for (Node card : cards.getChildren()) {
            GridPane.setConstraints(card, place % inARow, place / inARow);
            place++;
        }
    }

    private ReadingCard.Actions actions(int number, Bar bar) {
        return new ReadingCard.Actions() {
            @Override
            public void group(Reading reading) {
                document.edit(exercise -> exercise.withPhrase(exercise.phrase().regrouped(number, reading.grouping())));
            }

            @Override
            public void write(Reading reading, List<Meter> written) {
                document.edit(exercise -> RewriteEdits.splitBars(
                        exercise.withPhrase(exercise.phrase().regrouped(number, reading.grouping())), number, written));
            }

            @Override
            public void keepInside(Reading reading, List<Meter> inside) {
                document.edit(exercise ->
                        exercise.withPhrase(exercise.phrase().replacing(number, List.of(bar.withInnerBars(inside)))));
            }

            @Override
            public void play(Reading reading) {
                transport.playBeside(
                        AccentedBar.of(bar, transport.tempo(), bar.meter() + "(" + reading.grouping() + ")"));
            }
        };
    }

    @Override
    public void close() {
        readings.close();
    }
}
