package nimblestride.desktop.workspace.place;

import java.util.List;
import javafx.util.StringConverter;
import nimblestride.desktop.document.exercise.Desk;
import nimblestride.desktop.ui.control.Titles;

/** The name of a layer, from its number. */
final class StickingNames {
    private StickingNames() {}

    static StringConverter<Integer> of(Desk desk) {
        return new Titles<>(index -> {
            List<String> names = desk.exercise().get().layerNames();
            return index < names.size() ? names.get(index) : "";
        });
    }
}
