package nimblestride.core.family;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.crossing.Beat;
import nimblestride.core.exercise.Exercise;
import nimblestride.core.groove.Kit;
import nimblestride.core.groove.Voice;
import nimblestride.core.layer.Layer;
import nimblestride.core.layer.Pattern;
import nimblestride.core.layer.Riff;
import nimblestride.core.value.NoteValue;

/**
 * A back-beat on a layer's own pulse, while the written bars stay: kick on its 1 and 3, snare on its 2 and 4. One limb on
 * the written pulse keeps the way back open; with all limbs moved, fellow players may lose the 1 (common practice).
 */
public final class ImpliedFeels {
    private static final String CAUTION = "Fellow players may lose the 1: begin with a small dose.";

    private ImpliedFeels() {}

    /** @throws IllegalArgumentException if the layer has no pulse of its own */
    public static Family of(Exercise exercise, int index) {
        NoteValue pulse = Riff.of(exercise.layers().get(index).pattern())
                .map(Riff::length)
                .orElseThrow(() -> new IllegalArgumentException(
                        exercise.layerNames().get(index) + " has no pulse of its own to feel a back-beat on"));
        NoteValue written = Beat.of(exercise.phrase().bars().get(0));
        NoteValue late = exercise.layers().get(index).offset();
        List<Family.Member> members = new ArrayList<>();
        for (Feel feel : Feel.values()) {
            Voice foot = Kit.FOOT_HI_HAT;
            add(
                    members,
                    exercise,
                    feel,
                    "the left foot on the written pulse",
                    "easiest: one limb keeps the old pulse.",
                    List.of(every(Kit.HI_HAT, pulse, late), every(foot, written, NoteValue.ZERO)),
                    pulse,
                    late);
            add(
                    members,
                    exercise,
                    feel,
                    "the hi-hat on the written pulse",
                    "the hand keeps the old pulse. ",
                    List.of(every(Kit.HI_HAT, written, NoteValue.ZERO)),
                    pulse,
                    late);
            add(
                    members,
                    exercise,
                    feel,
                    "all limbs moved",
                    CAUTION,
                    List.of(every(Kit.HI_HAT, pulse, late)),
                    pulse,
                    late);
        }
        return new Family(
                "Implied feels",
                "The layer's pulse felt as the beat, with a back-beat of its own over the written bars. " + CAUTION,
                members);
    }

    /** How far apart the back-beats are. */
    private enum Feel {
        BACK_BEAT("back-beat", 2),
        HALF_TIME("half-time back-beat", 4);

        private final String title;
        private final int pulses;

        Feel(String title, int pulses) {
            this.title = title;
            this.pulses = pulses;
        }
    }

    private static Layer every(Voice voice, NoteValue value, NoteValue late) {
        return Layer.of(voice, new Pattern.Every(value)).from(late);
    }

    private static void add(
            List<Family.Member> members,
            Exercise exercise,
            Feel feel,
            String who,
            String why,
            List<Layer> keeping,
            NoteValue pulse,
            NoteValue late) {
        NoteValue apart = pulse.times(feel.pulses);
        List<Layer> layers = new ArrayList<>(keeping);
        layers.add(every(Kit.KICK, apart, late));
        layers.add(every(Kit.SNARE, apart, late.plus(apart.dividedBy(2))));
        members.add(Family.member(exercise, feel.title + ", " + who, why, exercise.withLayers(layers)));
    }
}
