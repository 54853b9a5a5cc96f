package nimblestride.core.layer.pattern;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.stroke.Stroke;

/** What a cell is made of: steps, and smaller cells that come several times. */
public sealed interface CellPart {
    /** How deep cells may stand in one another. */
    int DEEPEST = 8;

    /** The strokes and rests of some parts, played out. */
    static List<Optional<Stroke>> steps(List<CellPart> parts) {
        List<Optional<Stroke>> steps = new ArrayList<>();
        parts.forEach(part -> part.playOut(steps));
        return steps;
    }

    /** Puts its strokes and rests after others. */
    void playOut(List<Optional<Stroke>> into);

    /** How many steps it lasts. */
    long length();

    /** How deep cells stand in it. */
    int depth();

    /** The same on a finer grid: each of its steps followed by rests, so many steps in all. */
    List<CellPart> spread(int steps);

    /** Rests one after the other. */
    static List<CellPart> rests(int count) {
        return Collections.nCopies(count, new Step(Optional.empty()));
    }

    /** One step. */
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
     * A smaller cell, so many times.
     *
     * @param parts at least one
     * @param times from 1 to {@value Pattern#MOST_STEPS}
     */
    record Inner(List<CellPart> parts, int times) implements CellPart {
        public Inner {
            parts = List.copyOf(parts);
            if (parts.isEmpty()) {
                throw new InvalidValueException("a cell within a cell has at least one step, as in [x..]x3");
            }
            if (times < 1 || times > Pattern.MOST_STEPS) {
                throw new InvalidValueException(String.format(
                        Locale.ROOT, "a cell within a cell comes from 1 to %,d times", Pattern.MOST_STEPS));
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
