package nimblestride.core.exercise.analysis;

import java.util.Set;
import java.util.TreeSet;
import java.util.function.BiFunction;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.value.NoteValue;

/** Every stroke of an exercise played through, to be compared with those of another. */
public final class Sounding {
    private static final int MAX = 100_000;

    private Sounding() {}

    /**
     * @param end up to where its phrase is played again and again; one with sections is played through once
     * @param said what is compared of a stroke beside its moment
     */
    public static Set<String> of(Exercise exercise, NoteValue end, BiFunction<Layer, Hit, String> said) {
        Set<String> sounding = new TreeSet<>();
        for (Playthrough.Passage passage : Playthrough.of(exercise).passages()) {
            NoteValue to = exercise.hasSections() ? passage.length() : end;
            for (Layer layer : passage.content().layers()) {
                for (Hit hit :
                        LayerTimeline.of(layer, passage.content().phrase()).between(NoteValue.ZERO, to, MAX)) {
                    sounding.add(passage.starts().plus(hit.at()) + " " + said.apply(layer, hit));
                }
            }
        }
        return sounding;
    }
}
