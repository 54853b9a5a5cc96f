package nimblestride.core.time.listening;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.IntStream;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.value.Grid;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;

/** Finds what a repeating pattern may be: its unit, its cycle, its bars, and its tempo. */
public final class Listening {
    /** The most guesses that are returned. */
    public static final int MAX_PROPOSED = 4;

    private static final int MAX_CELL_LENGTH = 64;
    private static final int MAX_SHORTEST = 8;
    /** How many rounds are needed; the shortest pattern that repeats has two lengths. */
    private static final int ROUNDS = 3;

    private static final int MIN_GAPS = 2 * ROUNDS;
    private static final double TOO_WILD = 0.13;
    private static final double MIN_SURENESS = 0.02;

    /** Note values a unit may be, the most common in odd meters first (common practice). */
    private static final List<Integer> UNITS = List.of(8, 16, 4);

    private static final double SLOW_QUARTERS = 60;
    private static final double FAST_QUARTERS = 220;

    private Listening() {}

    /**
     * Guesses what was tapped, likeliest first.
     *
     * @throws InvalidValueException if there are too few taps, or they are too uneven, or all alike
     */
    public static List<PatternGuess> to(Taps taps) {
        List<Double> gaps = taps.gaps();
        if (gaps.size() < MIN_GAPS) {
            throw new InvalidValueException((gaps.isEmpty() ? "" : gaps.size() + 1 + " taps are too few: ")
                    + "tap the pattern at least three times, then once more on the 1");
        }
        List<CellHypothesis> guesses = guesses(gaps);
        CellHypothesis best = guesses.get(0);
        if (best.spread() > TOO_WILD) {
            throw new InvalidValueException(String.format(
                    Locale.ROOT,
                    "these taps are too uneven (about %.0f %% off); keep tapping, a little slower",
                    100 * best.spread()));
        }
        if (best.cell().size() == 1) {
            throw new InvalidValueException("this is an even pulse, so nothing marks the 1; tap only the accents");
        }
        return proposed(guesses, gaps.size());
    }

    private static List<CellHypothesis> guesses(List<Double> gaps) {
        Map<List<Integer>, CellHypothesis> guesses = new HashMap<>();
        for (int size = 1; size <= Math.min(MAX_CELL_LENGTH, gaps.size() / ROUNDS); size++) {
            List<Double> means = means(gaps, size);
            double shortest =
                    means.stream().mapToDouble(Double::doubleValue).min().orElseThrow();
            for (int units = 1; units <= MAX_SHORTEST; units++) {
                CellHypothesis guess =
                        CellHypothesis.rounded(means, shortest / units, gaps).improved(gaps);
                guesses.putIfAbsent(guess.cell(), guess);
            }
        }
        return guesses.values().stream()
                .sorted(Comparator.comparingDouble(CellHypothesis::cost))
                .toList();
    }

    private static List<Double> means(List<Double> gaps, int size) {
        return IntStream.range(0, size)
                .mapToObj(place -> IntStream.iterate(place, i -> i < gaps.size(), i -> i + size)
                        .mapToDouble(gaps::get)
                        .average()
                        .orElseThrow())
                .toList();
    }

    private static List<PatternGuess> proposed(List<CellHypothesis> guesses, int gaps) {
        double least = guesses.get(0).cost();
        double all = guesses.stream()
                .mapToDouble(guess -> Math.exp(least - guess.cost()))
                .sum();
        List<PatternGuess> proposed = new ArrayList<>();
        for (CellHypothesis guess : guesses.subList(0, Math.min(MAX_PROPOSED, guesses.size()))) {
            double sureness = Math.exp(least - guess.cost()) / all;
            if (proposed.isEmpty() || sureness >= MIN_SURENESS) {
                String why = String.format(
                        Locale.ROOT,
                        "%s through, each gap within about %.0f %%",
                        times(gaps / guess.cell().size()),
                        Math.max(1, 100 * guess.spread()));
                NoteValue unit = unitFor(guess.unit());
                proposed.add(new PatternGuess(
                        guess.cell(),
                        unit,
                        BarSplitter.bars(guess.cell(), unit),
                        tempo(unit, guess.unit()),
                        sureness,
                        why));
            }
        }
        return proposed;
    }

    private static String times(int count) {
        return count == 1 ? "once" : count == 2 ? "twice" : count + " times";
    }

    /**
     * Returns the first value that gives the quarter an ordinary tempo: sixteenths for anything faster, quarters for
     * anything slower.
     */
    private static NoteValue unitFor(double seconds) {
        return NoteValue.of(
                1,
                UNITS.stream()
                        .filter(under ->
                                quarters(under, seconds) >= SLOW_QUARTERS && quarters(under, seconds) <= FAST_QUARTERS)
                        .findFirst()
                        .orElse(quarters(4, seconds) < SLOW_QUARTERS ? 4 : 16));
    }

    private static double quarters(double denominator, double seconds) {
        return 60 / (seconds * denominator / 4);
    }

    private static Tempo tempo(NoteValue unit, double seconds) {
        long tempo = Math.round(quarters((double) unit.denominator(), seconds));
        return Tempo.ofQuarters(Math.max(Tempo.MIN, Math.min(Tempo.MAX, tempo)));
    }

    /**
     * Guesses what typed lengths between accents are. Rounds that repeat are taken once; without repeats, all lengths
     * are one cycle.
     *
     * @param lengths at least two, each longer than zero
     * @param tempo of the exercise they are for
     * @throws InvalidValueException if there are too few lengths, or they can't be bars
     */
    public static PatternGuess to(List<NoteValue> lengths, Tempo tempo) {
        if (lengths.size() < 2) {
            throw new InvalidValueException("type at least two gaps between accents, such as 3 3 2 of 1/8");
        }
        Grid units = new Grid(NoteValue.of(1, Grid.of(lengths).unit().denominator()));
        List<Integer> counts = lengths.stream()
                .map(length -> ExactMath.toInt(units.count(length)))
                .toList();
        List<Integer> cell = RepeatingPrefix.brokenOff(counts);
        int rounds = counts.size() / cell.size();
        String why = (rounds == 1 ? "once through" : times(rounds) + " through")
                + (counts.size() % cell.size() == 0 ? "" : ", then it starts again");
        return new PatternGuess(cell, units.unit(), BarSplitter.bars(cell, units.unit()), tempo, 1, why);
    }
}
