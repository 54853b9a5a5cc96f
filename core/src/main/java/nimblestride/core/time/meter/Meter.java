package nimblestride.core.time.meter;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.exact.ExactOverflowException;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.time.value.NoteValue;

/**
 * A time signature: a sum of terms such as {@code 11/8}, {@code 3+3+2/8} (additive), or {@code 4/4+1/16}.
 *
 * <p>The unit of a meter is one over the least common multiple of the denominators: {@code 4/4+1/16} is counted in
 * sixteenths and holds 17.
 *
 * <p>What follows from the terms is worked out once: every layer asks for it in every bar.
 */
public final class Meter {
    /** The most units in one bar. */
    public static final int MAX_UNITS = 10_000;

    /** The most numbers above the lines of one signature: {@code 3+3+2/8} has three. */
    public static final int MAX_NUMERATORS = 1_000;

    /** The largest number under a line of a signature. */
    public static final int MAX_DENOMINATOR = 1_000_000;

    /**
     * One term of a signature: {@code 3+3+2} over {@code 8}.
     *
     * @param numerators each one or more
     * @param denominator from 1 to {@value Meter#MAX_DENOMINATOR}; 12 means twelfths of a whole note
     */
    public record Term(List<Integer> numerators, int denominator) {
        /** @throws InvalidValueException if a number is out of range */
        public Term {
            numerators = List.copyOf(numerators);
            if (numerators.isEmpty() || numerators.stream().anyMatch(n -> n < 1)) {
                throw new InvalidValueException("the top number must be 1 or more, as in 7/8");
            }
            if (denominator < 1 || denominator > MAX_DENOMINATOR) {
                throw new InvalidValueException(String.format(
                        Locale.ROOT, "the bottom number must be from 1 to %,d, as in 7/8", MAX_DENOMINATOR));
            }
        }

        @Override
        public boolean equals(Object other) {
            return other instanceof Term term && numerators.equals(term.numerators) && denominator == term.denominator;
        }

        @Override
        public int hashCode() {
            return 31 * numerators.hashCode() + denominator;
        }

        /** Returns the sum of the numerators. */
        public long count() {
            return numerators.stream().mapToLong(Integer::longValue).sum();
        }

        @Override
        public String toString() {
            return numerators.stream().map(String::valueOf).collect(Collectors.joining("+")) + "/" + denominator;
        }
    }

    private final List<Term> terms;
    private final NoteValue unit;
    private final NoteValue length;
    private final int units;
    /** Worked out when it is first asked for. Threads that ask at once work out the same. */
    private Bar usualBar;

    /**
     * Creates a signature.
     *
     * @param terms at least one
     * @throws InvalidValueException if there is no term, too many numbers, or too many units
     */
    public Meter(List<Term> terms) {
        this.terms = List.copyOf(terms);
        if (terms.isEmpty()) {
            throw new InvalidValueException("a meter needs at least one term, such as 7/8");
        }
        if (terms.stream().mapToInt(term -> term.numerators().size()).sum() > MAX_NUMERATORS) {
            throw new InvalidValueException(
                    "a signature holds up to " + MAX_NUMERATORS + " top numbers; write several bars instead");
        }
        long denominator = commonDenominator(terms);
        double count = terms.stream()
                .mapToDouble(term -> (double) term.count() * denominator / term.denominator())
                .sum();
        if (count > MAX_UNITS) {
            throw new InvalidValueException(String.format(
                    Locale.ROOT,
                    "a bar holds up to %,d units; this one has %,.0f of 1/%d",
                    MAX_UNITS,
                    count,
                    denominator));
        }
        this.unit = NoteValue.of(1, denominator);
        this.length = terms.stream()
                .map(term -> NoteValue.of(term.count(), term.denominator()))
                .reduce(NoteValue.ZERO, NoteValue::plus);
        this.units = ExactMath.toInt(length.wholePartsOf(unit));
    }

    /** Returns the terms of the sum, one or more. */
    public List<Term> terms() {
        return terms;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Meter meter && terms.equals(meter.terms);
    }

    @Override
    public int hashCode() {
        return terms.hashCode();
    }

    /**
     * Returns a signature of one term.
     *
     * @throws InvalidValueException if a number is out of range
     */
    public static Meter of(int numerator, int denominator) {
        return new Meter(List.of(new Term(List.of(numerator), denominator)));
    }

    /**
     * Returns a signature of one term that lasts a length, in quarters or shorter units; empty if no signature can say
     * it.
     */
    public static Optional<Meter> lasting(NoteValue length) {
        long under = Math.max(length.denominator(), 4);
        boolean multiple = under % length.denominator() == 0;
        long denominator = multiple ? under : length.denominator() * 4;
        try {
            int numerator = ExactMath.toInt(length.times(denominator).wholePartsOf(NoteValue.WHOLE));
            return Optional.of(of(numerator, ExactMath.toInt(denominator)));
        } catch (StrideException e) {
            return Optional.empty();
        }
    }

    private static long commonDenominator(List<Term> terms) {
        try {
            return terms.stream().mapToLong(Term::denominator).reduce(1, ExactMath::lcm);
        } catch (ExactOverflowException e) {
            throw new ExactOverflowException(
                    "the bottom numbers of this sum have no common unit small enough to count");
        }
    }

    /** Returns the value of one unit. */
    public NoteValue unit() {
        return unit;
    }

    /** Returns how long a bar lasts. */
    public NoteValue length() {
        return length;
    }

    /** Returns how many units fill a bar. */
    public int units() {
        return units;
    }

    /**
     * Returns the value counted with whole numbers (common practice): the note under the signature in halves,
     * quarters, and eighths; the quarter in sixteenths; the eighth in thirty-seconds. A denominator that is no power
     * of two follows the power of two it is built on: twelfths are counted in quarters. A sum follows its first term.
     */
    public NoteValue beat() {
        int powerOfTwo = Integer.lowestOneBit(terms.get(0).denominator());
        return powerOfTwo <= 8 ? NoteValue.of(1, powerOfTwo) : NoteValue.of(4, powerOfTwo);
    }

    /**
     * Returns the grouping of a bar typed without parentheses. An additive signature and a sum state their own. The terms
     * of a sum are inner bars where each lasts a quarter or longer: {@code 6/4+5/4}, but not {@code 4/4+1/16}.
     */
    public Grouping defaultGrouping() {
        return usualBar().grouping();
    }

    /** Returns a bar in the default grouping. */
    Bar usualBar() {
        Bar usual = usualBar;
        if (usual == null) {
            usual = new Bar(this, groupByDefault());
            usualBar = usual;
        }
        return usual;
    }

    private Grouping groupByDefault() {
        List<List<Integer>> inner = new ArrayList<>();
        for (Term term : terms) {
            int factor = ExactMath.toInt(unit.denominator() / term.denominator());
            inner.add(
                    DefaultGrouping.of(term).stream().map(size -> size * factor).toList());
        }
        boolean bars = terms.stream().allMatch(term -> 4 * term.count() >= term.denominator());
        return bars
                ? Grouping.ofInnerBars(inner)
                : new Grouping(inner.stream().flatMap(List::stream).toList());
    }

    /** Returns the signature as a user types it: {@code 3+3+2/8}, {@code 4/4+1/16}. */
    @Override
    public String toString() {
        return terms.stream().map(Term::toString).collect(Collectors.joining("+"));
    }
}
