package nimblestride.core.layer.modulation;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.layer.modulation.TempoRoute.Regrouping;
import nimblestride.core.time.value.Tempo;
import org.apache.commons.numbers.core.ArithmeticUtils;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * Finds routes from one tempo to another by simple regroupings: the fewest steps first, and of those the least to
 * count. It knows every pair of regroupings, and looks up only the second half of a longer route.
 */
public final class TempoRoutes {
    /** The most notes per beat, and the largest groups, that are tried. */
    public static final int MAX_SIZE = 9;

    /** The most steps in a route. */
    public static final int MAX_STEPS = 4;

    private static final Comparator<List<Regrouping>> SIMPLEST = Comparator.comparingInt((List<Regrouping> steps) ->
                    steps.stream().mapToInt(Regrouping::effort).sum())
            .thenComparing(steps -> steps.toString());

    private final List<Regrouping> regroupings;
    private final Map<BigFraction, List<Regrouping>> one = new HashMap<>();
    private final TreeMap<BigFraction, List<Regrouping>> two = new TreeMap<>();

    /**
     * @param largest the most notes per beat, and the largest groups, from 2 to {@value #MAX_SIZE}
     * @throws nimblestride.core.foundation.failure.InvalidValueException if it is out of range
     */
    public TempoRoutes(int largest) {
        if (largest < 2 || largest > MAX_SIZE) {
            throw new InvalidValueException("groups of 2 to " + MAX_SIZE + " notes are tried, not of " + largest);
        }
        regroupings = new ArrayList<>();
        for (int notes = 1; notes <= largest; notes++) {
            for (int group = 1; group <= largest; group++) {
                if (notes != group && ArithmeticUtils.gcd(notes, group) == 1) {
                    regroupings.add(new Regrouping(notes, group));
                }
            }
        }
        regroupings.forEach(step -> one.put(ratio(step), List.of(step)));
        for (Regrouping first : regroupings) {
            for (Regrouping second : regroupings) {
                BigFraction ratio = ratio(first).multiply(ratio(second));
                two.merge(ratio, List.of(first, second), TempoRoutes::simpler);
            }
        }
    }

    private static BigFraction ratio(Regrouping step) {
        return BigFraction.of(step.notes(), step.group());
    }

    private static List<Regrouping> simpler(List<Regrouping> a, List<Regrouping> b) {
        return SIMPLEST.compare(a, b) <= 0 ? a : b;
    }

    /**
     * Returns the simplest route with the fewest steps to a tempo, with every tempo on the way playable; empty if
     * {@value #MAX_STEPS} steps do not lead there.
     */
    public Optional<TempoRoute> exactly(Tempo from, Tempo to) {
        BigFraction ratio = to.quartersPerMinute().divide(from.quartersPerMinute());
        if (ratio.compareTo(BigFraction.ONE) == 0) {
            return Optional.of(new TempoRoute(List.of(), to, true));
        }
        for (int steps = 1; steps <= MAX_STEPS; steps++) {
            Optional<List<Regrouping>> best = candidates(ratio, steps).stream()
                    .flatMap(route -> playable(from, route).stream())
                    .min(SIMPLEST);
            if (best.isPresent()) {
                return Optional.of(route(from, best.get(), true));
            }
        }
        return Optional.empty();
    }

    /** Returns ways to multiply by a ratio in a number of steps, the simplest for each way to cut it in two. */
    private Collection<List<Regrouping>> candidates(BigFraction ratio, int steps) {
        return switch (steps) {
            case 1 -> Optional.ofNullable(one.get(ratio)).stream().toList();
            case 2 -> Optional.ofNullable(two.get(ratio)).stream().toList();
            case 3 -> joined(one, ratio);
            default -> joined(two, ratio);
        };
    }

    private List<List<Regrouping>> joined(Map<BigFraction, List<Regrouping>> firsts, BigFraction ratio) {
        List<List<Regrouping>> joined = new ArrayList<>();
        firsts.forEach((first, steps) -> {
            List<Regrouping> rest = two.get(ratio.divide(first));
            if (rest != null) {
                joined.add(joined(steps, rest));
            }
        });
        return joined;
    }

    private static List<Regrouping> joined(List<Regrouping> steps, List<Regrouping> rest) {
        List<Regrouping> all = new ArrayList<>(steps);
        all.addAll(rest);
        return List.copyOf(all);
    }

    /**
     * Returns the route to the tempo nearest another one, within a tolerance: exact where possible, otherwise with the
     * fewest steps that come near enough.
     *
     * @param tolerance in beats per minute of the tempo asked for, zero or more
     */
    public Optional<TempoRoute> within(Tempo from, Tempo to, BigFraction tolerance) {
        Optional<TempoRoute> exact = exactly(from, to);
        if (exact.isPresent()) {
            return exact;
        }
        BigFraction start = from.quartersPerMinute();
        BigFraction beat = to.quartersPerMinute().divide(to.perMinute());
        BigFraction low = to.perMinute().subtract(tolerance).multiply(beat).divide(start);
        BigFraction high = to.perMinute().add(tolerance).multiply(beat).divide(start);
        BigFraction wanted = to.quartersPerMinute().divide(start);
        for (int steps = 1; steps <= 2; steps++) {
            Optional<List<Regrouping>> near = near(steps, low, high, wanted).flatMap(route -> playable(from, route));
            if (near.isPresent()) {
                return Optional.of(route(from, near.get(), false));
            }
        }
        return Optional.empty();
    }

    private Optional<List<Regrouping>> near(int steps, BigFraction low, BigFraction high, BigFraction wanted) {
        Comparator<BigFraction> nearest =
                Comparator.comparing(ratio -> ratio.subtract(wanted).abs());
        if (steps == 1) {
            return one.keySet().stream()
                    .filter(ratio -> ratio.compareTo(low) >= 0 && ratio.compareTo(high) <= 0)
                    .min(nearest)
                    .map(one::get);
        }
        return two.subMap(low, true, high, true).keySet().stream().min(nearest).map(two::get);
    }

    /** Returns the steps in an order in which every tempo on the way can be played; empty if there is none. */
    private static Optional<List<Regrouping>> playable(Tempo from, List<Regrouping> steps) {
        return orders(steps).stream().filter(order -> isPlayable(from, order)).findFirst();
    }

    private static boolean isPlayable(Tempo from, List<Regrouping> steps) {
        BigFraction tempo = from.perMinute();
        for (Regrouping step : steps) {
            tempo = tempo.multiply(ratio(step));
            if (tempo.compareTo(BigFraction.of(Tempo.MIN)) < 0 || tempo.compareTo(BigFraction.of(Tempo.MAX)) > 0) {
                return false;
            }
        }
        return true;
    }

    private static List<List<Regrouping>> orders(List<Regrouping> steps) {
        if (steps.size() <= 1) {
            return List.of(steps);
        }
        List<List<Regrouping>> orders = new ArrayList<>();
        for (int first = 0; first < steps.size(); first++) {
            List<Regrouping> others = new ArrayList<>(steps);
            Regrouping step = others.remove(first);
            for (List<Regrouping> rest : orders(others)) {
                orders.add(joined(List.of(step), rest));
            }
        }
        return orders;
    }

    private static TempoRoute route(Tempo from, List<Regrouping> steps, boolean exact) {
        ModulationChain chain =
                new ModulationChain(from, steps.stream().map(Regrouping::pivot).toList());
        return new TempoRoute(steps, chain.tempos().get(steps.size()), exact);
    }
}
