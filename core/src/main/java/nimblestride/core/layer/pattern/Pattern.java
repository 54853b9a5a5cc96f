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
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.Grid;
import nimblestride.core.time.value.NoteValue;

/** What a layer repeats: a span cut into equal parts, with a stroke on some of them. */
public sealed interface Pattern {
    /** The most notes or steps in one cycle. */
    int MAX_STEPS = 1_024;

    /** Returns how long one cycle lasts. */
    Span span();

    /** Returns how many parts a cycle has; they are equal, except where notes are placed by hand. */
    int parts();

    /**
     * Returns the stroke at the start of a part; empty for a rest.
     *
     * @param part from 0
     */
    default Optional<Stroke> strokeAt(int part) {
        return Optional.of(Stroke.NORMAL);
    }

    /** Returns whether it is placed note by note on the phrase, so that it only repeats with it. */
    default boolean isOnPhrase() {
        return false;
    }

    /** Returns the stroke at the start of each part. */
    default List<Optional<Stroke>> strokes() {
        return IntStream.range(0, parts()).mapToObj(this::strokeAt).toList();
    }

    /**
     * A steady value.
     *
     * @param value from one hit to the next, longer than zero
     */
    record Every(NoteValue value) implements Pattern {
        /** @throws InvalidValueException if the value is zero */
        public Every {
            if (value.isZero()) {
                throw new InvalidValueException("use a value longer than zero, such as every 3/16");
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
     * Even notes over a span, such as 5 over the bar.
     *
     * @param notes from 1 to {@value Pattern#MAX_STEPS}
     */
    record Over(int notes, Span span) implements Pattern {
        /** @throws InvalidValueException if the number of notes is out of range */
        public Over {
            if (notes < 1 || notes > MAX_STEPS) {
                throw new InvalidValueException(
                        String.format(Locale.ROOT, "use 1 to %,d notes over a span, not %,d", MAX_STEPS, notes));
            }
        }

        @Override
        public int parts() {
            return notes;
        }
    }

    /**
     * A rhythm with a length of its own.
     *
     * @param made steps, and smaller cells; played out, at least one stroke and at most {@value Pattern#MAX_STEPS}
     *     steps
     * @param step length of one step, longer than zero
     */
    record Cell(List<CellPart> made, NoteValue step) implements Pattern {
        /** @throws InvalidValueException if there is no stroke, too many steps, or a step without length */
        public Cell {
            made = List.copyOf(made);
            int deepest = made.stream().mapToInt(CellPart::depth).max().orElse(0);
            if (deepest > CellPart.MAX_DEPTH) {
                throw new InvalidValueException("put at most " + CellPart.MAX_DEPTH + " brackets inside each other");
            }
            long length = made.stream().mapToLong(CellPart::length).sum();
            if (length > MAX_STEPS) {
                throw new InvalidValueException(
                        String.format(Locale.ROOT, "a cell holds up to %,d steps, not %,d", MAX_STEPS, length));
            }
            if (CellPart.steps(made).stream().noneMatch(Optional::isPresent)) {
                throw new InvalidValueException("a cell needs at least one hit, such as x.x..");
            }
            if (step.isZero()) {
                throw new InvalidValueException("a cell's step must be longer than zero, such as 1/16");
            }
        }

        /**
         * Returns a cell of strokes and rests.
         *
         * @throws InvalidValueException if there is no stroke, too many steps, or a step without length
         */
        public static Cell of(List<Optional<Stroke>> steps, NoteValue step) {
            return new Cell(steps.stream().<CellPart>map(CellPart.Step::new).toList(), step);
        }

        /**
         * Returns cells one after the other, each with a hit at its start.
         *
         * @throws InvalidValueException if there are too many steps, or a unit has no length
         */
        public static Cell ofCells(List<Integer> cells, NoteValue unit) {
            List<Optional<Stroke>> steps = new ArrayList<>();
            for (int cell : cells) {
                steps.add(Optional.of(Stroke.NORMAL));
                steps.addAll(Collections.nCopies(cell - 1, Optional.empty()));
            }
            return of(steps, unit);
        }

        /** Returns a stroke or a rest for each step, with smaller cells played out. */
        public List<Optional<Stroke>> steps() {
            return CellPart.steps(made);
        }

        /** Returns how long the cell lasts. */
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
     * A sticking that repeats step by step.
     *
     * @param step length of one step, longer than zero
     */
    record Stuck(Sticking sticking, NoteValue step) implements Pattern {
        /** @throws InvalidValueException if a step has no length */
        public Stuck {
            if (step.isZero()) {
                throw new InvalidValueException("a sticking's step must be longer than zero, such as 1/16");
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
     * Notes placed by hand: on the phrase, with which they repeat, or on bars of their own number, which run across the
     * phrase as a riff does. Notes on a bar or a place that is not there are kept and not played.
     *
     * @param placements in order, no two on one place, from one to {@value #MAX_PLACED}
     * @param ownBars after how many bars they repeat, counted on through the rounds of the phrase; 0 to repeat with the
     *     phrase
     */
    record Placed(List<Placement> placements, int ownBars) implements Pattern {
        /** The most notes placed in one layer. */
        public static final int MAX_PLACED = 100_000;

        /**
         * @throws InvalidValueException if there are too few or too many notes, or two on one place, or {@code ownBars}
         *     is out of range
         */
        public Placed {
            if (ownBars < 0 || ownBars > Phrase.MAX_BARS) {
                throw new InvalidValueException(String.format(
                        Locale.ROOT, "a part runs across up to %,d bars, not %,d", Phrase.MAX_BARS, ownBars));
            }
            placements = placements.stream().sorted().toList();
            if (placements.isEmpty() || placements.size() > MAX_PLACED) {
                throw new InvalidValueException(
                        String.format(Locale.ROOT, "put a voice on 1 to %,d counts", MAX_PLACED));
            }
            for (int i = 1; i < placements.size(); i++) {
                if (placements.get(i).isWith(placements.get(i - 1))) {
                    throw new InvalidValueException("put a voice on each count only once");
                }
            }
        }

        /** Creates notes that repeat with the phrase. */
        public Placed(List<Placement> placements) {
            this(placements, 0);
        }

        /** Returns other notes on the same bars. */
        public Placed with(List<Placement> others) {
            return new Placed(others, ownBars);
        }

        /** Returns the bars on which the notes are placed. */
        public Phrase bars(Phrase phrase) {
            return ownBars == 0 ? phrase : phrase.first(ownBars);
        }

        /** Returns the notes on a bar or a place that is not there. */
        public List<Placement> lost(Phrase phrase) {
            List<Bar> bars = bars(phrase).bars();
            List<Placement> lost = new ArrayList<>();
            int bar = -1;
            NoteValue length = NoteValue.ZERO;
            for (Placement placement : placements) {
                if (placement.bar() != bar) {
                    bar = placement.bar();
                    length = bar < bars.size() ? bars.get(bar).length() : NoteValue.ZERO;
                }
                if (placement.position().compareTo(length) >= 0) {
                    lost.add(placement);
                }
            }
            return lost;
        }

        @Override
        public boolean isOnPhrase() {
            return ownBars == 0;
        }

        /**
         * Returns how long after a doubled note its second stroke comes: half of the longest unit that measures the
         * places of the layer and the units of the bars. Among sixteenths that is a thirty-second.
         */
        public NoteValue betweenDoubled(Phrase phrase) {
            List<NoteValue> lengths = new ArrayList<>();
            phrase.kinds().forEach(bar -> lengths.add(bar.meter().unit()));
            placements.forEach(placement -> lengths.add(placement.position()));
            return Grid.of(lengths).unit().dividedBy(2);
        }

        @Override
        public Span span() {
            return ownBars == 0 ? new Span.WholePhrase() : new Span.Bars(ownBars);
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
