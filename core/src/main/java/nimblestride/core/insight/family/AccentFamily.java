package nimblestride.core.insight.family;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.layer.pattern.CellPart;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Riff;
import nimblestride.core.time.value.NoteValue;

/** A figure with its accents, then without them: you know it when it is still there without (common practice). */
public final class AccentFamily {
    private AccentFamily() {}

    /**
     * Makes the family of a layer. A layer without accents gets one at the start of its cycle; a single note first
     * gets running notes in the bar's unit.
     *
     * @throws InvalidValueException if the layer is as long as its bars and has no figure of its own
     */
    public static Family of(Exercise exercise, int index) {
        Layer layer = exercise.layers().get(index);
        Riff riff = accented(Riff.of(layer.pattern())
                .map(one -> running(one, exercise))
                .orElseThrow(() -> new InvalidValueException(
                        exercise.layerNames().get(index) + " has no fixed length to accent")));
        List<Family.Member> members = new ArrayList<>();
        add(members, exercise, index, "accents played", "every note, the accents loud", riff, step -> step);
        add(
                members,
                exercise,
                index,
                "ghosts between",
                "every note, all but the accents soft",
                riff,
                step -> step.map(stroke -> stroke.level().isAccent() ? stroke : stroke.at(Dynamic.GHOST)));
        add(
                members,
                exercise,
                index,
                "accents only",
                "count the rest",
                riff,
                step -> step.filter(stroke -> stroke.level().isAccent()));
        add(
                members,
                exercise,
                index,
                "accents left out",
                "the gaps mark them",
                riff,
                step -> step.filter(stroke -> !stroke.level().isAccent()));
        return new Family(
                "Accents, then without",
                "The figure as it is, then only its accents, then everything but its accents.",
                members);
    }

    private static Riff running(Riff riff, Exercise exercise) {
        if (riff.steps() > 1) {
            return riff;
        }
        NoteValue unit = riff.step()
                .greatestCommonDivisor(exercise.phrase().bar(0).meter().unit());
        Stroke stroke = riff.firstStroke();
        return riff.on(unit).each(step -> Optional.of(stroke));
    }

    private static Riff accented(Riff riff) {
        List<Optional<Stroke>> steps = riff.playedOut();
        boolean has = steps.stream().flatMap(Optional::stream).anyMatch(stroke -> stroke.level()
                .isAccent());
        if (has) {
            return riff;
        }
        List<CellPart> changed = new ArrayList<>();
        boolean first = true;
        for (Optional<Stroke> step : steps) {
            boolean accents = first && step.isPresent();
            changed.add(new CellPart.Step(accents ? step.map(stroke -> stroke.at(Dynamic.ACCENT)) : step));
            first &= !accents;
        }
        return new Riff(changed, riff.step(), riff.stuck());
    }

    private static void add(
            List<Family.Member> members,
            Exercise exercise,
            int index,
            String label,
            String why,
            Riff riff,
            UnaryOperator<Optional<Stroke>> change) {
        try {
            Layer layer =
                    exercise.layers().get(index).withPattern(riff.each(change).pattern());
            members.add(Family.member(exercise, label, why, exercise.withLayer(index, layer)));
        } catch (StrideException e) {
            // A figure of accents only has nothing left without them.
        }
    }
}
