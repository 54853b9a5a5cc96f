package nimblestride.desktop.workspace.place;

import java.util.List;
import javafx.util.StringConverter;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.ui.control.TitleConverter;

/** Returns the name of a numbered sticking layer. */
final class StickingNames {
    private StickingNames() {}

    static StringConverter<Integer> of(ExerciseDocument document) {
        return new TitleConverter<>(index -> {
            List<String> names = document.exerciseProperty().get().layerNames();
            return index < names.size() ? names.get(index) : "";
        });
    }
}
