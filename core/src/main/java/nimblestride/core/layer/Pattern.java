package nimblestride.core.layer;

import java.util.List;
import java.util.Optional;
import nimblestride.core.groove.Stroke;
import nimblestride.core.value.NoteValue;

/** What a layer plays over and over: a span cut into equal parts, with a stroke on some of them. */
public sealed interface Pattern {
    /** The most notes or steps one cycle may have. */
    int MOST_STEPS = 1_024;

    /** What one cycle lasts. */
    Span span();

    /** Into how many equal parts a cycle is cut. */
    int parts();

    /** What is played at the start of a part, counted from 0. */
    default Optional<Stroke> strokeAt(int part) {
        return Optional.of(Stroke.NORMAL);
    }

    /**
     * A steady value.
     *
     * @param value from one hit to the next, longer than zero
     */
    record Every(NoteValue value) implements Pattern {
        public Every {
            if (value.isZero()) {
                throw new IllegalArgumentException("a steady value is longer than zero, as in every 3/16");
            }
        }

        @Override
        public Span span() {
            return new Span.Length(value);
        }

        @Override
        public int parts() {
            return 1;
        }
    }

    /**
     * Even notes over a span: a polyrhythm.
     *
     * @param notes from 1 to {@value Pattern#MOST_STEPS}
     */
    record Over(int notes, Span span) implements Pattern {
        public Over {
            if (notes < 1 || notes > MOST_STEPS) {
                throw new IllegalArgumentException(
                        String.format("from 1 to %,d notes go over a span, not %,d", MOST_STEPS, notes));
            }
        }

        @Override
        public int parts() {
            return notes;
        }
    }

    /**
     * A rhythm of its own length: a polymeter where that is not the bar's.
     *
     * @param steps a stroke or a rest each, at least one stroke, at most {@value Pattern#MOST_STEPS}
     * @param step the length of one, longer than zero
     */
    record Cell(List<Optional<Stroke>> steps, NoteValue step) implements Pattern {
        public Cell {
            steps = List.copyOf(steps);
            if (steps.stream().noneMatch(Optional::isPresent)) {
                throw new IllegalArgumentException("a cell has at least one hit, as in x.x..");
            }
            if (steps.size() > MOST_STEPS) {
                throw new IllegalArgumentException(
                        String.format("a cell has at most %,d steps, not %,d", MOST_STEPS, steps.size()));
            }
            if (step.isZero()) {
                throw new IllegalArgumentException("a step of a cell is longer than zero, as in 1/16");
            }
        }

        public NoteValue length() {
            return step.times(steps.size());
        }

        @Override
        public Span span() {
            return new Span.Length(length());
        }

        @Override
        public int parts() {
            return steps.size();
        }

        @Override
        public Optional<Stroke> strokeAt(int part) {
            return steps.get(part);
        }
    }
}
