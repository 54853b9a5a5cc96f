package nimblestride.core.exercise.leadin;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Placement;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;

/** One bar that lets its strides be heard: the snare on every unit with the first of each stride accented, the kick on 1. */
public final class AccentedBar {
    /** More units than this are too many to hear; only the first of each stride plays then. */
    private static final int MAX_UNITS = 256;

    private AccentedBar() {}

    /**
     * Returns an exercise that plays a bar over and over.
     *
     * @param name shown while it plays
     */
    public static Exercise of(Bar bar, Tempo tempo, String name) {
        Set<NoteValue> strides = Set.copyOf(bar.groupStarts());
        List<Placement> snare = new ArrayList<>();
        for (int unit = 0; unit < bar.meter().units(); unit++) {
            NoteValue at = bar.meter().unit().times(unit);
            if (strides.contains(at) || bar.meter().units() <= MAX_UNITS) {
                snare.add(new Placement(0, at, strides.contains(at) ? Stroke.ACCENT : Stroke.GHOST));
            }
        }
        Placement one = new Placement(0, NoteValue.ZERO, Stroke.NORMAL);
        return new Exercise(
                name,
                Phrase.of(bar),
                List.of(
                        Layer.of(Kit.SNARE, new Pattern.Placed(snare)),
                        Layer.of(Kit.KICK, new Pattern.Placed(List.of(one)))),
                tempo);
    }
}
