package nimblestride.core.layer.pattern;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.sticking.Sticking;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.Grid;
import nimblestride.core.time.value.NoteValue;

/** What a layer plays over and over: a span cut into equal parts, with a stroke on some of them. */
public sealed interface Pattern {
    /** The most notes or steps one cycle may have. */
    int MOST_STEPS = 1_024;

    /** What one cycle lasts. */
    Span span();

    /** Into how many parts a cycle is cut; they are equal, but for notes that are placed by hand. */
    int parts();

    /** What is played at the start of a part, counted from 0. */
    default Optional<Stroke> strokeAt(int part) {
        return Optional.of(Stroke.NORMAL);
    }

    /** What is played at the start of each part. */
    default List<Optional<Stroke>> strokes() {
        return IntStream.range(0, parts()).mapToObj(this::strokeAt).toList();
    }

    /**
     * A steady value.
     *
     * @param value from one hit to the next, longer than zero
     */
    record Every(NoteValue value) implements Pattern {
        public Every {
            if (value.isZero()) {
                throw new InvalidValueException("a steady value is longer than zero, as in every 3/16");
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
                throw new InvalidValueException(
                        String.format(Locale.ROOT, "from 1 to %,d notes go over a span, not %,d", MOST_STEPS, notes));
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
     * @param made steps, and smaller cells within it; played out, at least one stroke and at most
     *     {@value Pattern#MOST_STEPS} steps
     * @param step the length of one, longer than zero
     */
    record Cell(List<CellPart> made, NoteValue step) implements Pattern {
        public Cell {
            made = List.copyOf(made);
            int deepest = made.stream().mapToInt(CellPart::depth).max().orElse(0);
            if (deepest > CellPart.DEEPEST) {
                throw new InvalidValueException("cells stand at most " + CellPart.DEEPEST + " deep in one another");
            }
            long length = made.stream().mapToLong(CellPart::length).sum();
            if (length > MOST_STEPS) {
                throw new InvalidValueException(
                        String.format(Locale.ROOT, "a cell has at most %,d steps, not %,d", MOST_STEPS, length));
            }
            if (CellPart.steps(made).stream().noneMatch(Optional::isPresent)) {
                throw new InvalidValueException("a cell has at least one hit, as in x.x..");
            }
            if (step.isZero()) {
                throw new InvalidValueException("a step of a cell is longer than zero, as in 1/16");
            }
        }

        /** A cell of strokes and rests. */
        public static Cell of(List<Optional<Stroke>> steps, NoteValue step) {
            return new Cell(steps.stream().<CellPart>map(CellPart.Step::new).toList(), step);
        }

        /** Cells one after the other, each with a hit where it begins. */
        public static Cell ofCells(List<Integer> cells, NoteValue unit) {
            List<Optional<Stroke>> steps = new ArrayList<>();
            for (int cell : cells) {
                steps.add(Optional.of(Stroke.NORMAL));
                steps.addAll(Collections.nCopies(cell - 1, Optional.empty()));
            }
            return of(steps, unit);
        }

        /** A stroke or a rest each, smaller cells played out. */
        public List<Optional<Stroke>> steps() {
            return CellPart.steps(made);
        }

        public NoteValue length() {
            return step.times(parts());
        }

        @Override
        public Span span() {
            return new Span.Length(length());
        }

        @Override
        public int parts() {
            return ExactMath.toInt(made.stream().mapToLong(CellPart::length).sum());
        }

        @Override
        public Optional<Stroke> strokeAt(int part) {
            return steps().get(part);
        }

        @Override
        public List<Optional<Stroke>> strokes() {
            return steps();
        }
    }

    /**
     * A sticking that goes round, one step after the other.
     *
     * @param step the length of one, longer than zero
     */
    record Stuck(Sticking sticking, NoteValue step) implements Pattern {
        public Stuck {
            if (step.isZero()) {
                throw new InvalidValueException("a step of a sticking is longer than zero, as in 1/16");
            }
        }

        @Override
        public Span span() {
            return new Span.Length(step.times(sticking.length()));
        }

        @Override
        public int parts() {
            return sticking.length();
        }

        @Override
        public Optional<Stroke> strokeAt(int part) {
            return sticking.steps().get(part);
        }
    }

    /**
     * Notes put on places of the phrase by hand; each phrase has them again. Those on a bar or a place that the phrase
     * does not have are kept, and not played.
     *
     * @param placements in order, no two on one place, from one to {@value #MAX_PLACED}
     */
    record Placed(List<Placement> placements) implements Pattern {
        /** The most notes one layer may have placed. */
        public static final int MAX_PLACED = 100_000;

        public Placed {
            placements = placements.stream().sorted().toList();
            if (placements.isEmpty() || placements.size() > MAX_PLACED) {
                throw new InvalidValueException(
                        String.format(Locale.ROOT, "a voice is placed on 1 to %,d counts", MAX_PLACED));
            }
            for (int i = 1; i < placements.size(); i++) {
                if (placements.get(i).isWith(placements.get(i - 1))) {
                    throw new InvalidValueException("one voice is placed on a count only once");
                }
            }
        }

        /**
         * How long after it a doubled note is struck again: half of the longest unit in which the places of the layer and the
         * units of the bars can all be counted. Among sixteenths that is a thirty-second.
         */
        public NoteValue betweenDoubled(Phrase phrase) {
            List<NoteValue> lengths = new ArrayList<>();
            phrase.kinds().forEach(bar -> lengths.add(bar.meter().unit()));
            placements.forEach(placement -> lengths.add(placement.position()));
            return Grid.of(lengths).unit().dividedBy(2);
        }

        @Override
        public Span span() {
            return new Span.WholePhrase();
        }

        @Override
        public int parts() {
            return placements.size();
        }

        @Override
        public Optional<Stroke> strokeAt(int part) {
            return Optional.of(placements.get(part).stroke());
        }
    }
}
