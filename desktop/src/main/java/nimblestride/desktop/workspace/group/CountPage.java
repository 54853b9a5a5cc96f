package nimblestride.desktop.workspace.group;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javafx.beans.property.ObjectProperty;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.CountText;
import nimblestride.core.language.text.CountWordsText;
import nimblestride.core.time.counting.CountWords;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.CountingSystem;
import nimblestride.core.time.counting.OddBeat;
import nimblestride.core.time.counting.SixNotes;
import nimblestride.core.time.counting.Subdivision;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Grouping;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.ControlTip;
import nimblestride.desktop.ui.control.TitleConverter;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.field.TypedField;
import nimblestride.desktop.ui.page.Page;

/** Shows the count of a bar in every counting system; typing a count regroups the bar. */
final class CountPage extends VBox implements Page {
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");
    private static final String OWN = "the bar's unit";
    private static final String MIXTURE = "a number per group";
    private static final Map<String, Subdivision> DIVISIONS = subdivisions();
    private static final int MAX_LENGTH = 200;
    private static final double OWN_WORDS_WIDTH = 260;
    private static final double SIX_NOTES_WIDTH = 220;

    private final ExerciseDocument document;
    private final BarChoice bars;
    private final ObjectProperty<Counting> counting;
    private final ObjectProperty<Subdivision> subdivision;
    private final TypedField<Bar> count;
    private final ComboBox<String> into = new ComboBox<>();
    private final TextField mixture = new TextField();
    private final GridPane ways = new GridPane();
    private final TypedField<CountWords> words;
    private final ComboBox<SixNotes> sixNotes = new ComboBox<>();

    private static Map<String, Subdivision> subdivisions() {
        Map<String, Subdivision> subdivisions = new LinkedHashMap<>();
        subdivisions.put(OWN, Subdivision.AS_WRITTEN);
        subdivisions.put("quarters", Subdivision.into(NoteValue.of(1, 4)));
        subdivisions.put("eighths", Subdivision.into(NoteValue.of(1, 8)));
        subdivisions.put("eighth triplets", Subdivision.into(NoteValue.of(1, 12)));
        subdivisions.put("sixteenths", Subdivision.into(NoteValue.of(1, 16)));
        subdivisions.put("quintuplets", Subdivision.into(NoteValue.of(1, 20)));
        subdivisions.put("sextuplets", Subdivision.into(NoteValue.of(1, 24)));
        subdivisions.put("septuplets", Subdivision.into(NoteValue.of(1, 28)));
        subdivisions.put("thirty-seconds", Subdivision.into(NoteValue.of(1, 32)));
        return subdivisions;
    }

    CountPage(
            ExerciseDocument document,
            BarChoice bars,
            ObjectProperty<Counting> counting,
            ObjectProperty<Subdivision> subdivision) {
        this.document = document;
        this.bars = bars;
        this.counting = counting;
        this.subdivision = subdivision;
        getStyleClass().add("page");
        count = new TypedField<>(
                text -> CountText.read(bars.bar().meter(), counting.get(), text),
                bar -> CountText.write(bar, counting.get(), Subdivision.AS_WRITTEN),
                bar -> content("count", bar.grouping()),
                document::endBurst);
        count.field().setId("count-text");
        count.field().setAccessibleText("The count, with bars between groups");
        HBox.setHgrow(count, Priority.ALWAYS);
        into.setId("count-into");
        into.getItems().setAll(DIVISIONS.keySet());
        into.getItems().add(MIXTURE);
        into.setValue(OWN);
        into.setMinWidth(150);
        into.setVisibleRowCount(12);
        into.setAccessibleText("What to count");
        mixture.setId("count-mixture");
        mixture.setPromptText("4 3 5 2");
        mixture.setAccessibleText("Notes in each group, such as 4 3 5 2");
        mixture.setPrefWidth(90);
        mixture.setMinWidth(90);
        into.valueProperty().addListener(change -> divide());
        mixture.textProperty().addListener(change -> divide());
        HBox line = new HBox(into, mixture, count);
        line.getStyleClass().add("add-line");
        ways.getStyleClass().add("ways");
        words = new TypedField<>(
                text -> CountWordsText.read(text, counting.get().words().sixNotes()),
                CountWordsText::write,
                typed -> counting.set(counting.get().with(typed)),
                () -> {});
        words.setPrefWidth(OWN_WORDS_WIDTH);
        words.setMinWidth(OWN_WORDS_WIDTH);
        words.field().setId("own-words");
        words.field().setPromptText("ap-ple, ba-na-na, wa-ter-mel-on");
        words.field().setAccessibleText("My own words for groups, with hyphens between syllables");
        ControlTip.on(words.field(), "One word per group size: one syllable per note, joined by hyphens");
        sixNotes.setPrefWidth(SIX_NOTES_WIDTH);
        sixNotes.setMinWidth(SIX_NOTES_WIDTH);
        sixNotes.setId("six-notes");
        sixNotes.getItems().setAll(SixNotes.values());
        sixNotes.setConverter(new TitleConverter<>(SixNotes::title));
        sixNotes.setAccessibleText("How to count six notes in a beat");
        sixNotes.setValue(counting.get().words().sixNotes());
        sixNotes.valueProperty()
                .addListener((property, old, six) -> counting.set(counting.get()
                        .with(new CountWords(six, counting.get().words().own()))));
        getChildren().setAll(line, new VerticalScroll(ways));
        bars.chosenProperty().addListener(change -> refresh());
        counting.addListener(change -> refresh());
        subdivision.addListener(change -> refresh());
        divide();
    }

    private void divide() {
        boolean mixed = MIXTURE.equals(into.getValue());
        mixture.setVisible(mixed);
        mixture.setManaged(mixed);
        if (!mixed) {
            subdivision.set(DIVISIONS.get(into.getValue()));
            return;
        }
        String text = mixture.getText().strip();
        boolean good = text.matches("(1[0-6]|[1-9])([,\\s]+(1[0-6]|[1-9]))*");
        mixture.pseudoClassStateChanged(WRONG, !good && !text.isEmpty());
        if (good) {
            subdivision.set(Subdivision.mixed(Arrays.stream(text.split("[,\\s]+", -1))
                    .map(Integer::valueOf)
                    .toList()));
        }
    }

    @Override
    public void show(Exercise exercise) {
        refresh();
    }

    private void refresh() {
        Bar bar = bars.bar();
        count.setDisable(bar.meter().units() > MAX_LENGTH);
        count.show(bar);
        count.rewrite();
        ways.getChildren().clear();
        if (bar.meter().units() > MAX_LENGTH) {
            ways.add(
                    new Caption("This bar is too long to show here (over " + MAX_LENGTH
                            + " units). Read its count on the Road."),
                    0,
                    0);
            return;
        }
        for (CountingSystem one : CountingSystem.values()) {
            Counting other = counting.get().in(one);
            Button choose = row(one.title(), CountText.write(bar, other, subdivision.get()), () -> choose(one));
            choose.setId("say-" + one.name().toLowerCase(Locale.ROOT));
            mark(choose, one == counting.get().system());
        }
        words.show(counting.get().words());
        ways.addRow(ways.getRowCount(), new Caption("My own words"), words);
        ways.addRow(ways.getRowCount(), new Caption("Six notes in a beat"), sixNotes);
        List<OddBeat> odd = OddBeat.of(bar.meter());
        for (OddBeat way : odd) {
            mark(
                    row(way.why(), way.written(), () -> content("odd beat", way.grouping())),
                    way.grouping().equals(bar.grouping()));
        }
    }

    private void choose(CountingSystem system) {
        counting.set(counting.get().in(system));
    }

    private static void mark(Button button, boolean taken) {
        if (taken) {
            button.getStyleClass().add("taken");
        }
    }

    private Button row(String title, String said, Runnable choose) {
        Button button = new Button(title);
        button.getStyleClass().addAll("small", "way");
        button.setMaxWidth(Double.MAX_VALUE);
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(event -> choose.run());
        Label label = new WrappedLabel(said, "said");
        label.setMinWidth(0);
        GridPane.setHgrow(label, Priority.ALWAYS);
        int row = ways.getRowCount();
        ways.addRow(row, button, label);
        return button;
    }

    private void content(String from, Grouping grouping) {
        int number = bars.number();
        document.edit(from, exercise -> exercise.withPhrase(exercise.phrase().regrouped(number, grouping)));
    }
}
