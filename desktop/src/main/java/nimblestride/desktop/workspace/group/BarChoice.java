package nimblestride.desktop.workspace.group;

import java.util.List;
import javafx.beans.value.ObservableValue;
import javafx.scene.control.ComboBox;
import javafx.util.StringConverter;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.time.meter.Bar;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.ui.control.TitleConverter;

/** Chooses a bar of the phrase. */
final class BarChoice extends ComboBox<Integer> {
    private static final int MAX_LISTED = 500;

    private final ExerciseDocument document;

    BarChoice(ExerciseDocument document) {
        this.document = document;
        setId("break-bar");
        setAccessibleText("Bar to group");
        setVisibleRowCount(12);
        setMaxWidth(Double.MAX_VALUE);
        setConverter(names());
    }

    /** Lists the bars of an exercise; keeps the choice if that bar still exists. */
    void show(Exercise exercise) {
        List<Integer> written = exercise.phrase().writtenBars();
        List<Integer> listed = written.subList(0, Math.min(written.size(), MAX_LISTED));
        Integer chosen = getValue();
        getItems().setAll(listed);
        setValue(listed.contains(chosen) ? chosen : listed.get(0));
        // The names of bars may change while their numbers stay.
        setConverter(names());
    }

    ObservableValue<Integer> chosenProperty() {
        return valueProperty();
    }

    /** Returns the number of the bar in the phrase, from 0. */
    int number() {
        Integer number = getValue();
        int bars = document.exerciseProperty().get().phrase().bars().size();
        return number == null || number >= bars ? 0 : number;
    }

    Bar bar() {
        return document.exerciseProperty().get().phrase().bars().get(number());
    }

    private StringConverter<Integer> names() {
        return new TitleConverter<>(number -> {
            List<Bar> all = document.exerciseProperty().get().phrase().bars();
            return number < all.size()
                    ? "Bar " + (number + 1) + ": " + all.get(number).meter()
                    : "";
        });
    }
}
