package nimblestride.core.layer.pattern;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.stroke.Stroke;

/** A part of a cell: a step, or a smaller cell that repeats. */
public sealed interface CellPart {
    /** How deep cells may be nested. */
    int MAX_DEPTH = 8;

    /** Returns the strokes and rests of several parts, played out. */
    static List<Optional<Stroke>> steps(List<CellPart> parts) {
        List<Optional<Stroke>> steps = new ArrayList<>();
        parts.forEach(part -> part.playOut(steps));
        return steps;
    }

    /** Adds its strokes and rests to a list. */
    void playOut(List<Optional<Stroke>> into);

    /** Returns how many steps it lasts. */
    long length();

    /** Returns how deep cells are nested in it. */
    int depth();

    /** Returns the same part on a finer grid: each step becomes several, with rests after the first. */
    List<CellPart> spread(int steps);

    /** Returns a number of rests. */
    static List<CellPart> rests(int count) {
        return Collections.nCopies(count, new Step(Optional.empty()));
    }

    /**
     * One step.
     *
     * @param stroke empty for a rest
     */
    record Step(Optional<Stroke> stroke) implements CellPart {
        @Override
        public void playOut(List<Optional<Stroke>> into) {
            into.add(stroke);
        }

        @Override
        public long length() {
            return 1;
        }

        @Override
        public int depth() {
            return 0;
        }

        @Override
        public List<CellPart> spread(int steps) {
            List<CellPart> spread = new ArrayList<>(List.of(this));
            spread.addAll(rests(steps - 1));
            return spread;
        }
    }

    /**
     * A smaller cell, repeated.
     *
     * @param parts at least one
     * @param times from 1 to {@value Pattern#MAX_STEPS}
     */
    record Inner(List<CellPart> parts, int times) implements CellPart {
        /** @throws InvalidValueException if there is no part, or {@code times} is out of range */
        public Inner {
            parts = List.copyOf(parts);
            if (parts.isEmpty()) {
                throw new InvalidValueException("brackets need at least one step, such as [x..]x3");
            }
            if (times < 1 || times > Pattern.MAX_STEPS) {
                throw new InvalidValueException(
                        String.format(Locale.ROOT, "brackets repeat 1 to %,d times", Pattern.MAX_STEPS));
            }
        }

        @Override
        public void playOut(List<Optional<Stroke>> into) {
            for (int i = 0; i < times; i++) {
                parts.forEach(part -> part.playOut(into));
            }
        }

        @Override
        public long length() {
            return times * parts.stream().mapToLong(CellPart::length).sum();
        }

        @Override
        public int depth() {
            return 1 + parts.stream().mapToInt(CellPart::depth).max().orElse(0);
        }

        @Override
        public List<CellPart> spread(int steps) {
            return List.of(new Inner(
                    parts.stream().flatMap(part -> part.spread(steps).stream()).toList(), times));
        }
    }
}
