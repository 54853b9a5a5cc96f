package nimblestride.core.exercise.edit;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.layer.pattern.Layer;

/** Changes the order in which layers are listed, come in, and sound. */
public final class LayerOrder {
    private LayerOrder() {}

    /**
     * Moves a layer to another place.
     *
     * @param from its place, from 0
     * @param to its new place, from 0
     */
    public static Exercise move(Exercise exercise, int from, int to) {
        List<Layer> layers = new ArrayList<>(exercise.layers());
        layers.add(to, layers.remove(from));
        return exercise.withLayers(layers);
    }
}
