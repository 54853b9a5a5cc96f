package nimblestride.core.notation.score;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Stream;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.exact.ExactOverflowException;
import nimblestride.core.time.value.NoteValue;
import org.apache.commons.numbers.core.ArithmeticUtils;

/**
 * Finds the spelling of a cell that is easiest to read: plain where possible, otherwise with tuplets over the whole of
 * it, over some of its parts, or within a part, whichever leaves the fewest signs and the plainest tuplets.
 */
final class Speller {
    private static final int MAX_RUN_LENGTH = 12;
    private static final int MAX_TUPLET = 256;
    private static final int MAX_DEPTH = 3;
    /** The most notes of a tuplet that has another one within it. */
    private static final int MAX_NESTING = 9;

    private static final double OFF_ITS_PLACE = 1.6;
    private static final double HIDDEN_BEAT = 1.5;
    /**
     * Six notes with hardly one missing are a sextuplet, not a triplet cut in halves, unless a beat falls on the half.
     */
    static final double SEXTUPLET = 0.4;

    /** How much harder to read a tuplet is than its notes, at least: a sextuplet by 1.1, a triplet by 1.35. */
    static final double LEAST_OF_A_TUPLET = 1;

    private static final int SIX = 6;

    private final ScoreOnsets onsets;
    private final NoteValue tick;
    private final PlainSpelling plain;
    private final Map<SpellingCell, Optional<SpelledCell>> found = new HashMap<>();

    /** @param tick value of one tick */
    Speller(ScoreOnsets onsets, NoteValue tick, PlainSpelling plain) {
        this.onsets = onsets;
        this.tick = tick;
        this.plain = plain;
    }

    /**
     * Spells a cell.
     *
     * @throws UnwritableException if there is no spelling
     */
    SpelledCell spell(SpellingCell cell) {
        return find(cell)
                .orElseThrow(() -> new UnwritableException("it would need tuplets of more than " + MAX_TUPLET
                        + " notes, or within each other deeper than " + MAX_DEPTH));
    }

    private Optional<SpelledCell> find(SpellingCell cell) {
        Optional<SpelledCell> before = found.get(cell);
        if (before == null) {
            before = search(cell);
            found.put(cell, before);
        }
        return before;
    }

    private Optional<SpelledCell> search(SpellingCell cell) {
        if (plain.isEnoughFor(cell)) {
            return Optional.of(plain.spell(cell));
        }
        Optional<SpelledCell> inParts = cell.parts() == 1 ? inHalves(cell) : partByPart(cell);
        if (inParts.isPresent() && inParts.get().effort() < leastAsTuplet(cell)) {
            return inParts;
        }
        Optional<SpelledCell> whole = asTuplet(cell, MAX_NESTING);
        return Stream.of(whole, inParts).flatMap(Optional::stream).reduce(SpelledCell::easier);
    }

    private Optional<SpelledCell> inHalves(SpellingCell cell) {
        return cell.length() % 2 == 0 ? partByPart(cell.halved()) : Optional.empty();
    }

    /** Returns the easiest way to cut a cell into runs of parts. */
    private Optional<SpelledCell> partByPart(SpellingCell cell) {
        return EasiestRuns.of(
                cell.parts(),
                MAX_RUN_LENGTH,
                (first, end) -> end - first == cell.parts() && first == 0 ? Optional.empty() : ofRun(cell, first, end),
                (first, end) -> onsets.fewestSigns(cell.from() + first * cell.part(), cell.from() + end * cell.part()));
    }

    private Optional<SpelledCell> ofRun(SpellingCell cell, int first, int end) {
        SpellingCell run = cell.run(first, end);
        if (end - first == 1) {
            return find(run);
        }
        if (plain.isEnoughFor(run)) {
            return Optional.of(plain.spell(run));
        }
        boolean inItsPlace = first % (end - first) == 0 && cell.parts() % (end - first) == 0;
        return asPlainTuplet(run).map(spelled -> inItsPlace ? spelled : spelled.harderBy(OFF_ITS_PLACE));
    }

    /** Returns how much there is to read at least where a tuplet is over a whole cell. */
    private double leastAsTuplet(SpellingCell cell) {
        return onsets.fewestSigns(cell.from(), cell.to()) + LEAST_OF_A_TUPLET;
    }

    /** Returns the cost of hiding beats under one tuplet. */
    private double hiddenBeats(SpellingCell cell) {
        long quarter = NoteValue.QUARTER.isMultipleOf(tick) ? NoteValue.QUARTER.wholePartsOf(tick) : 0;
        if (cell.length() <= quarter || cell.depth() > 0) {
            return 0;
        }
        double cost = 0;
        for (long at = cell.from() + cell.part(); at < cell.to(); at += cell.part()) {
            cost += onsets.isStruck(at) ? HIDDEN_BEAT : 0;
        }
        return cost;
    }

    /** Returns the easiest spelling under one tuplet with none within it. */
    Optional<SpelledCell> asPlainTuplet(SpellingCell cell) {
        return asTuplet(cell, 0);
    }

    /**
     * Returns the easiest spelling under one tuplet.
     *
     * @param mostNesting most notes of a tuplet that has others within it
     */
    private Optional<SpelledCell> asTuplet(SpellingCell cell, int mostNesting) {
        if (cell.depth() >= MAX_DEPTH) {
            return Optional.empty();
        }
        double hidden = hiddenBeats(cell);
        List<SpelledCell> spelled = new ArrayList<>();
        for (int notes : tupletsFor(cell)) {
            Optional<TupletChoice> choice = TupletChoice.of(notes, cell.written(cell.length()));
            if (choice.isPresent()) {
                Tuplet tuplet = choice.get().tuplet();
                if (notes > mostNesting && !plain.isEnoughFor(cell.as(tuplet))) {
                    continue;
                }
                double cost = choice.get().awkwardness()
                        + hidden
                        - (hidden == 0 && isFullSextuplet(cell, notes) ? SEXTUPLET : 0);
                find(cell.as(tuplet))
                        .map(within -> within.under(tuplet, cell.depth(), cost))
                        .ifPresent(spelled::add);
            }
        }
        return spelled.stream().reduce(SpelledCell::easier);
    }

    private boolean isFullSextuplet(SpellingCell cell, int notes) {
        int struck = onsets.firstFrom(cell.to()) - onsets.firstFrom(cell.from());
        return notes == SIX && struck >= SIX - 1;
    }

    /** Returns the numbers of notes that reach some of the onsets that halving does not. */
    private SortedSet<Integer> tupletsFor(SpellingCell cell) {
        SortedSet<Integer> numbers = new TreeSet<>();
        long needed = 1;
        for (int i = onsets.firstFrom(cell.from()); i < onsets.at().length && onsets.at()[i] < cell.to(); i++) {
            long offset = onsets.at()[i] - cell.from();
            long parts = cell.length() / ArithmeticUtils.gcd(cell.length(), offset);
            try {
                needed = ExactMath.lcm(needed, parts);
            } catch (ExactOverflowException e) {
                return numbers;
            }
        }
        long odd = needed >> Long.numberOfTrailingZeros(needed);
        for (int notes = 3; notes <= Math.min(odd, MAX_TUPLET); notes += 2) {
            if (odd % notes == 0) {
                numbers.add(notes);
            }
        }
        if (needed % SIX == 0) {
            numbers.add(SIX);
        }
        return numbers;
    }

    /**
     * Returns the tuplet that everything in a length needs where its denominator is no power of two: a fifth of a
     * whole note is a quarter of which five are played in the time of four.
     */
    static Optional<Tuplet> baseOf(NoteValue length) {
        long denominator = length.denominator();
        int twos = Long.numberOfTrailingZeros(denominator);
        long odd = denominator >> twos;
        if (odd == 1) {
            return Optional.empty();
        }
        long shape = (1L << twos) * Long.highestOneBit(odd);
        if (shape > NoteShape.MIN_LENGTH) {
            throw new UnwritableException("a length of " + length + " needs notes shorter than 1/"
                    + NoteShape.MIN_LENGTH + ", the shortest note available");
        }
        return Optional.of(Tuplet.usual((int) odd, new NoteShape((int) shape, 0)));
    }
}
