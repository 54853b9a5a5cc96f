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
 * Strokes one after the other with the limb of each written out. It goes round.
 *
 * @param steps a stroke with its limb, or a rest; at least one stroke, at most {@value #MAX_STEPS} steps
 */
public record Sticking(List<Optional<Stroke>> steps) {
    public static final int MAX_STEPS = 1_024;

    public Sticking {
        steps = List.copyOf(steps);
        if (steps.stream().noneMatch(Optional::isPresent)) {
            throw new InvalidValueException("a sticking has at least one stroke, as in R L R R");
        }
        if (steps.size() > MAX_STEPS) {
            throw new InvalidValueException(
                    String.format(Locale.ROOT, "a sticking has at most %,d steps, not %,d", MAX_STEPS, steps.size()));
        }
        if (steps.stream().flatMap(Optional::stream).anyMatch(stroke -> stroke.limb()
                .isEmpty())) {
            throw new InvalidValueException("every stroke of a sticking names its hand or foot");
        }
    }

    /** Strokes and no rests. */
    public static Sticking of(List<Stroke> strokes) {
        return new Sticking(strokes.stream().map(Optional::of).toList());
    }

    /** Hand to hand, one stroke on each of so many units. */
    public static Sticking alternating(int strokes, LeadHand lead) {
        return of(IntStream.range(0, strokes)
                .mapToObj(i ->
                        Stroke.NORMAL.by(i % 2 == 0 ? lead.hand() : lead.hand().other()))
                .toList());
    }

    /** Cells one after the other, hand to hand on every unit, each accented where it begins. */
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

    /** One sticking after another. */
    public Sticking then(Sticking next) {
        List<Optional<Stroke>> both = new ArrayList<>(steps);
        both.addAll(next.steps);
        return new Sticking(both);
    }

    /** The same with right and left exchanged; feet stay. */
    public Sticking mirrored() {
        return new Sticking(
                steps.stream().map(step -> step.map(Stroke::mirrored)).toList());
    }

    /** The same begun so many steps later: an inversion. */
    public Sticking rotated(int step) {
        List<Optional<Stroke>> turned = new ArrayList<>(steps.subList(step, steps.size()));
        turned.addAll(steps.subList(0, step));
        return new Sticking(turned);
    }

    /** The strokes without the rests. */
    public List<Stroke> strokes() {
        return steps.stream().flatMap(Optional::stream).toList();
    }

    public int length() {
        return steps.size();
    }
}
