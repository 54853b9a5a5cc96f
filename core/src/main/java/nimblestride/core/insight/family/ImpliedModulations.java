package nimblestride.core.insight.family;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.pattern.CellPart;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Riff;
import nimblestride.core.time.value.NoteValue;

/**
 * A backbeat on a pulse of its own, while the written bars stay: kick on its 1 and 3, snare on its 2 and 4. One limb
 * on the written pulse keeps the way back open; with all limbs moved, the band may lose the 1 (common practice).
 */
public final class ImpliedModulations {
    /** A caution for every implied modulation. */
    public static final String CAUTION = "The others may lose the 1, so start with a small dose.";

    private ImpliedModulations() {}

    /** How far apart the backbeats are. */
    public enum BackBeat {
        USUAL("backbeat", 2),
        HALF_TIME("half-time backbeat", 4);

        private final String title;
        private final int pulses;

        BackBeat(String title, int pulses) {
            this.title = title;
            this.pulses = pulses;
        }

        /** Returns its name for people. */
        public String title() {
            return title;
        }
    }

    /** What stays on the written pulse. */
    public enum Keeping {
        LEFT_FOOT("the left foot on the written pulse", "easiest: one limb keeps the old pulse."),
        HI_HAT("the hi-hat accents the written pulse", "the hand keeps the old pulse. "),
        NOTHING("all limbs on the new pulse", CAUTION);

        private final String title;
        private final String why;

        Keeping(String title, String why) {
            this.title = title;
            this.why = why;
        }

        /** Returns its name for people. */
        public String title() {
            return title;
        }
    }

    /**
     * Returns the layers of an implied modulation.
     *
     * @param pulse the implied pulse, which runs on over the bar lines
     * @param late how long after the beginning it starts
     * @param written the pulse of the written bars
     */
    public static List<Layer> layers(
            NoteValue pulse, NoteValue late, NoteValue written, BackBeat backBeat, Keeping keeping) {
        NoteValue apart = pulse.times(backBeat.pulses);
        NoteValue subdivision = pulse.greatestCommonDivisor(written);
        List<Layer> layers = new ArrayList<>();
        layers.add(
                keeping == Keeping.HI_HAT
                        ? subdivided(written, subdivision, NoteValue.ZERO)
                        : subdivided(pulse, subdivision, late));
        if (keeping == Keeping.LEFT_FOOT) {
            layers.add(every(Kit.FOOT_HI_HAT, written, NoteValue.ZERO));
        }
        layers.add(every(Kit.KICK, apart, late));
        layers.add(every(Kit.SNARE, apart, late.plus(apart.dividedBy(2))));
        return layers;
    }

    /**
     * Plays the subdivision that both pulses share on the hi-hat, and accents one of them. Without it the ear hears only
     * a slower line (common practice).
     */
    private static Layer subdivided(NoteValue pulse, NoteValue subdivision, NoteValue late) {
        long notes = pulse.wholePartsOf(subdivision);
        if (notes == 1 || notes > Pattern.MAX_STEPS) {
            return every(Kit.HI_HAT, pulse, late);
        }
        List<CellPart> steps = new ArrayList<>();
        steps.add(new CellPart.Step(Optional.of(Stroke.ACCENT)));
        for (long note = 1; note < notes; note++) {
            steps.add(new CellPart.Step(Optional.of(Stroke.NORMAL)));
        }
        return Layer.of(Kit.HI_HAT, new Pattern.Cell(steps, subdivision)).withOffset(late);
    }

    private static Layer every(Voice voice, NoteValue value, NoteValue late) {
        return Layer.of(voice, new Pattern.Every(value)).withOffset(late);
    }

    /** @throws InvalidValueException if the layer has no pulse of its own */
    public static Family of(Exercise exercise, int index) {
        NoteValue pulse = Riff.of(exercise.layers().get(index).pattern())
                .map(Riff::length)
                .orElseThrow(() -> new InvalidValueException(
                        exercise.layerNames().get(index) + " has no pulse of its own to put a backbeat on"));
        NoteValue written = exercise.phrase().bars().get(0).beats().pulse();
        NoteValue late = exercise.layers().get(index).offset();
        List<Family.Member> members = new ArrayList<>();
        for (BackBeat backBeat : BackBeat.values()) {
            for (Keeping keeping : Keeping.values()) {
                members.add(Family.member(
                        exercise,
                        backBeat.title + ", " + keeping.title,
                        keeping.why,
                        exercise.withLayers(layers(pulse, late, written, backBeat, keeping))));
            }
        }
        return new Family(
                "Implied modulations",
                "Feel the layer's pulse as the beat, with its own backbeat over the written bars. " + CAUTION,
                members);
    }
}
