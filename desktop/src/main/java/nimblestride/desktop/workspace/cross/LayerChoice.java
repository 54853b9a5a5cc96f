package nimblestride.desktop.workspace.cross;

import java.util.List;
import java.util.function.IntConsumer;
import java.util.stream.IntStream;
import javafx.scene.control.ComboBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.desktop.ui.control.TitleConverter;

/** Chooses a layer by name. */
final class LayerChoice extends ComboBox<Integer> {
    private List<String> names = List.of();
    private boolean showing;

    /** @param chosen receives the layer when the user chooses another one */
    LayerChoice(String id, IntConsumer chosen) {
        setId(id);
        setAccessibleText("Layer");
        setPrefWidth(132);
        setMinWidth(110);
        setConverter(new TitleConverter<>(layer -> layer < names.size() ? names.get(layer) : ""));
        valueProperty().addListener((property, old, now) -> {
            if (!showing && now != null) {
                chosen.accept(now);
            }
        });
    }

    /** Offers the layers of an exercise; keeps the choice if that layer still exists. */
    void show(Exercise exercise) {
        if (exercise.layerNames().equals(names)) {
            return;
        }
        showing = true;
        Integer was = getValue();
        names = exercise.layerNames();
        getItems().setAll(IntStream.range(0, names.size()).boxed().toList());
        setValue(names.isEmpty() ? null : Integer.valueOf(was == null || was >= names.size() ? 0 : was));
        setDisable(names.isEmpty());
        showing = false;
    }

    /** Returns the number of the chosen layer, from 0; -1 for none. */
    int layer() {
        return getValue() == null ? -1 : getValue();
    }
}
