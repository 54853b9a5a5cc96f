package nimblestride.core.layer.pattern;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.sticking.Sticking;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.time.value.NoteValue;

/**
 * A pattern with a length of its own, as steps that can be repeated, lengthened, cut, and joined.
 *
 * @param parts steps, and smaller cells
 * @param step length of one step, longer than zero
 * @param stuck whether every stroke names its hand or foot
 */
public record Riff(List<CellPart> parts, NoteValue step, boolean stuck) {
    public Riff {
        parts = List.copyOf(parts);
    }

    /** Returns the riff of a pattern; empty if its length depends on the bars beneath it. */
    public static Optional<Riff> of(Pattern pattern) {
        if (pattern instanceof Pattern.Cell cell) {
            return Optional.of(new Riff(cell.made(), cell.step(), false));
        }
        if (!(pattern.span() instanceof Span.Length length)) {
            return Optional.empty();
        }
        List<CellPart> steps =
                pattern.strokes().stream().<CellPart>map(CellPart.Step::new).toList();
        return Optional.of(
                new Riff(steps, length.value().dividedBy(pattern.parts()), pattern instanceof Pattern.Stuck));
    }

    /** Returns how many steps it has. */
    public long steps() {
        return parts.stream().mapToLong(CellPart::length).sum();
    }

    /** Returns how long it lasts. */
    public NoteValue length() {
        return step.times(steps());
    }

    /**
     * Returns the riff on a finer grid.
     *
     * @param unit that measures a step exactly
     * @throws InvalidValueException if it would have more steps than a pattern holds
     */
    public Riff on(NoteValue unit) {
        requireRoom(length().wholePartsOf(unit));
        int factor = ExactMath.toInt(step.wholePartsOf(unit));
        return factor == 1
                ? this
                : new Riff(
                        parts.stream()
                                .flatMap(part -> part.spread(factor).stream())
                                .toList(),
                        unit,
                        stuck);
    }

    /**
     * Repeats the riff.
     *
     * @throws InvalidValueException if it would have more steps than a pattern holds
     */
    public Riff times(int times) {
        requireRoom(ExactMath.multiply(steps(), (long) times));
        List<CellPart> repeated = times == 1
                ? parts
                : stuck
                        ? Collections.nCopies(times, parts).stream()
                                .flatMap(List::stream)
                                .toList()
                        : List.of(new CellPart.Inner(parts, times));
        return new Riff(repeated, step, stuck);
    }

    /** Returns the riff with more parts after it, on the same grid. */
    public Riff then(List<CellPart> others) {
        List<CellPart> longer = new ArrayList<>(parts);
        longer.addAll(others);
        return new Riff(longer, step, stuck);
    }

    /** Returns the first steps of the riff. */
    public Riff first(int steps) {
        return new Riff(
                playedOut().subList(0, steps).stream()
                        .<CellPart>map(CellPart.Step::new)
                        .toList(),
                step,
                stuck);
    }

    /** Changes each stroke; one that becomes empty becomes a rest. */
    public Riff each(UnaryOperator<Optional<Stroke>> change) {
        return new Riff(
                playedOut().stream()
                        .map(change)
                        .<CellPart>map(CellPart.Step::new)
                        .toList(),
                step,
                stuck);
    }

    /** Returns strokes and rests, with smaller cells played out. */
    public List<Optional<Stroke>> playedOut() {
        return CellPart.steps(parts);
    }

    /** Returns how its first stroke is played. */
    public Stroke firstStroke() {
        return playedOut().stream().flatMap(Optional::stream).findFirst().orElse(Stroke.NORMAL);
    }

    /**
     * Returns the riff as a pattern.
     *
     * @throws InvalidValueException if it has more steps than a pattern holds, or no stroke
     */
    public Pattern pattern() {
        requireRoom(steps());
        if (stuck) {
            return new Pattern.Stuck(new Sticking(playedOut()), step);
        }
        return steps() == 1 ? new Pattern.Every(step) : new Pattern.Cell(parts, step);
    }

    private static void requireRoom(long steps) {
        if (steps > Pattern.MAX_STEPS) {
            throw new InvalidValueException(
                    String.format(Locale.ROOT, "a pattern has at most %,d steps, not %,d", Pattern.MAX_STEPS, steps));
        }
    }
}
