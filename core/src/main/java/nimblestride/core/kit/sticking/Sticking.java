package nimblestride.core.kit.sticking;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.stroke.Stroke;

/**
 * Strokes one after the other, each with its limb, which repeat.
 *
 * @param steps a stroke with its limb, or a rest; at least one stroke, at most {@value #MAX_STEPS} steps
 */
public record Sticking(List<Optional<Stroke>> steps) {
    /** The most steps. */
    public static final int MAX_STEPS = 1_024;

    /** @throws InvalidValueException if there is no stroke, a stroke has no limb, or there are too many steps */
    public Sticking {
        steps = List.copyOf(steps);
        if (steps.stream().noneMatch(Optional::isPresent)) {
            throw new InvalidValueException("a sticking needs at least one stroke, such as R L R R");
        }
        if (steps.size() > MAX_STEPS) {
            throw new InvalidValueException(
                    String.format(Locale.ROOT, "a sticking holds up to %,d steps, not %,d", MAX_STEPS, steps.size()));
        }
        if (steps.stream().flatMap(Optional::stream).anyMatch(stroke -> stroke.limb()
                .isEmpty())) {
            throw new InvalidValueException("every stroke of a sticking needs a hand or foot");
        }
    }

    /**
     * Returns a sticking without rests.
     *
     * @throws InvalidValueException as the constructor does
     */
    public static Sticking of(List<Stroke> strokes) {
        return new Sticking(strokes.stream().map(Optional::of).toList());
    }

    /** Returns a sticking hand to hand, one stroke on each unit. */
    public static Sticking alternating(int strokes, LeadHand lead) {
        return of(IntStream.range(0, strokes)
                .mapToObj(i ->
                        Stroke.NORMAL.by(i % 2 == 0 ? lead.hand() : lead.hand().other()))
                .toList());
    }

    /** Returns cells hand to hand on every unit, with an accent at the start of each. */
    public static Sticking ofCells(List<Integer> cells, LeadHand lead) {
        List<Optional<Stroke>> steps = new ArrayList<>(
                alternating(cells.stream().mapToInt(Integer::intValue).sum(), lead).steps);
        int at = 0;
        for (int cell : cells) {
            int first = at;
            steps.set(first, steps.get(first).map(stroke -> stroke.at(Dynamic.ACCENT)));
            at += cell;
        }
        return new Sticking(steps);
    }

    /**
     * Returns this sticking with another after it.
     *
     * @throws InvalidValueException if that has too many steps
     */
    public Sticking then(Sticking next) {
        List<Optional<Stroke>> both = new ArrayList<>(steps);
        both.addAll(next.steps);
        return new Sticking(both);
    }

    /** Returns the sticking with right and left exchanged; feet stay. */
    public Sticking mirrored() {
        return new Sticking(
                steps.stream().map(step -> step.map(Stroke::mirrored)).toList());
    }

    /**
     * Returns the sticking with another step first, which drummers call an inversion.
     *
     * @param step that comes first, from 0
     */
    public Sticking rotated(int step) {
        List<Optional<Stroke>> turned = new ArrayList<>(steps.subList(step, steps.size()));
        turned.addAll(steps.subList(0, step));
        return new Sticking(turned);
    }

    /** Returns the strokes without the rests. */
    public List<Stroke> strokes() {
        return steps.stream().flatMap(Optional::stream).toList();
    }

    /** Returns how many steps it has. */
    public int length() {
        return steps.size();
    }
}
