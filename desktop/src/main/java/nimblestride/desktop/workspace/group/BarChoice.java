package nimblestride.desktop.workspace.group;

import java.util.List;
import javafx.beans.value.ObservableValue;
import javafx.scene.control.ComboBox;
import javafx.util.StringConverter;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.time.meter.Bar;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.ui.control.TitleConverter;

/** Which bar of the phrase a question is about. */
final class BarChoice extends ComboBox<Integer> {
    private static final int MAX_LISTED = 500;

    private final ExerciseDocument document;

    BarChoice(ExerciseDocument document) {
        this.document = document;
        setId("break-bar");
        setAccessibleText("The bar to take apart");
        setVisibleRowCount(12);
        setMaxWidth(Double.MAX_VALUE);
        setConverter(names());
    }

    /** Lists the bars as they are written now, and keeps to the one that was chosen where it is still there. */
    void show(Exercise exercise) {
        List<Integer> written = exercise.phrase().writtenBars();
        List<Integer> listed = written.subList(0, Math.min(written.size(), MAX_LISTED));
        Integer chosen = getValue();
        getItems().setAll(listed);
        setValue(listed.contains(chosen) ? chosen : listed.get(0));
        // The names of bars may have changed although their numbers have not.
        setConverter(names());
    }

    ObservableValue<Integer> chosenProperty() {
        return valueProperty();
    }

    /** The number of the bar in the phrase, from 0. */
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
