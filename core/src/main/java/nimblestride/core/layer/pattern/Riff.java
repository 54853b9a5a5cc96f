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
 * A pattern of a length of its own, taken apart into steps, so that it can be played several times, lengthened, cut and
 * put together again.
 *
 * @param parts steps, and smaller cells within it
 * @param step the length of one step, longer than zero
 * @param stuck whether every stroke names its hand or foot
 */
public record Riff(List<CellPart> parts, NoteValue step, boolean stuck) {
    public Riff {
        parts = List.copyOf(parts);
    }

    /** The riff of a pattern; empty where its length depends on the bars it lies over. */
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

    /** How many steps it has. */
    public long steps() {
        return parts.stream().mapToLong(CellPart::length).sum();
    }

    public NoteValue length() {
        return step.times(steps());
    }

    /**
     * The same on a finer grid.
     *
     * @param unit of which a step is a whole number
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
     * So many times over, with nothing after it.
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

    /** Something on the same grid after it. */
    public Riff then(List<CellPart> others) {
        List<CellPart> longer = new ArrayList<>(parts);
        longer.addAll(others);
        return new Riff(longer, step, stuck);
    }

    /** The first so many of its steps. */
    public Riff first(int steps) {
        return new Riff(
                playedOut().subList(0, steps).stream()
                        .<CellPart>map(CellPart.Step::new)
                        .toList(),
                step,
                stuck);
    }

    /** The same steps with each stroke changed, or left out where nothing comes of it. */
    public Riff each(UnaryOperator<Optional<Stroke>> change) {
        return new Riff(
                playedOut().stream()
                        .map(change)
                        .<CellPart>map(CellPart.Step::new)
                        .toList(),
                step,
                stuck);
    }

    /** Strokes and rests, smaller cells played out. */
    public List<Optional<Stroke>> playedOut() {
        return CellPart.steps(parts);
    }

    /** How its first stroke is played. */
    public Stroke firstStroke() {
        return playedOut().stream().flatMap(Optional::stream).findFirst().orElse(Stroke.NORMAL);
    }

    /**
     * The pattern it makes.
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
        if (steps > Pattern.MOST_STEPS) {
            throw new InvalidValueException(
                    String.format(Locale.ROOT, "a pattern has at most %,d steps, not %,d", Pattern.MOST_STEPS, steps));
        }
    }
}
