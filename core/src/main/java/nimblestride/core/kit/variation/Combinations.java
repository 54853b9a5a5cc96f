package nimblestride.core.kit.variation;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.sticking.LeadHand;
import nimblestride.core.kit.sticking.Sticking;
import nimblestride.core.kit.stroke.Stroke;

/**
 * Every way to fill some steps of a sticking with chosen strokes and rests, with a limit on strokes in a row by one
 * hand. Strokes that are kept on both sides count, because the sticking repeats (where all of it is open, its seam is
 * not looked at). Counts the ways step by step, and builds the one with any number without the others.
 */
public final class Combinations implements StickingVariations {
    /** The most choices. */
    public static final int MAX_CHOICES = 16;
    /** The most open steps. */
    public static final int MAX_OPEN = 64;

    private final Sticking base;
    private final int from;
    private final int to;
    private final List<Optional<Stroke>> choices;
    private final int mostInARow;
    private final LeadHand lead;
    /** The ways on from each place. */
    private final Map<Place, Ways> table = new HashMap<>();

    /**
     * Counts the ways.
     *
     * @param base the sticking; what lies outside the open steps is kept
     * @param from first open step, from 0
     * @param to step after the last open one
     * @param choices for an open step, each once, at most {@value #MAX_CHOICES}
     * @param mostInARow strokes in a row by one hand, one or more
     * @param lead the stronger hand
     * @throws InvalidValueException if a number is out of range
     */
    public Combinations(
            Sticking base, int from, int to, List<Optional<Stroke>> choices, int mostInARow, LeadHand lead) {
        this.base = base;
        this.from = from;
        this.to = to;
        this.choices = List.copyOf(choices);
        this.mostInARow = mostInARow;
        this.lead = lead;
        if (from < 0 || to > base.length() || from >= to) {
            throw new InvalidValueException(
                    "choose 1 to " + base.length() + " steps to vary, not " + (from + 1) + " to " + to);
        }
        if (to - from > MAX_OPEN) {
            throw new InvalidValueException("vary up to " + MAX_OPEN + " steps, not " + (to - from));
        }
        if (choices.isEmpty()
                || choices.size() > MAX_CHOICES
                || choices.stream().distinct().count() < choices.size()) {
            throw new InvalidValueException("choose 1 to " + MAX_CHOICES + " different strokes");
        }
        if (mostInARow < 1) {
            throw new InvalidValueException("allow 1 or more strokes in a row, not " + mostInARow);
        }
        waysFrom(new Place(from, before()));
    }

    /** Creates combinations for players whose right hand is the stronger one. */
    public Combinations(Sticking base, int from, int to, List<Optional<Stroke>> choices, int mostInARow) {
        this(base, from, to, choices, mostInARow, LeadHand.RIGHT);
    }

    private record Place(int step, HandRun row) {}

    /**
     * How many ways lead on from a place.
     *
     * @param byCost how many there are of each cost, from 0
     * @param count all of them
     */
    private record Ways(List<BigInteger> byCost, BigInteger count) {
        static final Ways NONE = new Ways(List.of());

        Ways(List<BigInteger> byCost) {
            this(byCost, byCost.stream().reduce(BigInteger.ZERO, BigInteger::add));
        }

        BigInteger ofCost(int cost) {
            return cost < 0 || cost >= byCost.size() ? BigInteger.ZERO : byCost.get(cost);
        }
    }

    private HandRun before() {
        HandRun row = HandRun.NONE;
        for (Optional<Stroke> step : kept()) {
            row = step.map(row::after).orElse(HandRun.NONE);
        }
        return row;
    }

    /** Returns what is kept, from the end of the open steps around to their start. */
    private List<Optional<Stroke>> kept() {
        List<Optional<Stroke>> kept = new ArrayList<>(base.steps().subList(to, base.length()));
        kept.addAll(base.steps().subList(0, from));
        return kept;
    }

    private Ways waysFrom(Place place) {
        Ways known = table.get(place);
        if (known != null) {
            return known;
        }
        List<BigInteger> ways = new ArrayList<>();
        if (place.step == to) {
            if (endsWell(place.row)) {
                ways.add(BigInteger.ONE);
            }
        } else {
            for (Optional<Stroke> choice : choices) {
                HandRun next = choice.map(place.row::after).orElse(HandRun.NONE);
                if (next.strokes() <= mostInARow) {
                    int cost = choice.map(stroke -> Difficulty.points(place.row, stroke, lead))
                            .orElse(Difficulty.REST_POINTS);
                    add(ways, waysFrom(new Place(place.step + 1, next)).byCost, cost);
                }
            }
        }
        Ways all = new Ways(ways);
        table.put(place, all);
        return all;
    }

    private static void add(List<BigInteger> ways, List<BigInteger> more, int cost) {
        for (int i = 0; i < more.size(); i++) {
            while (ways.size() <= i + cost) {
                ways.add(BigInteger.ZERO);
            }
            ways.set(i + cost, ways.get(i + cost).add(more.get(i)));
        }
    }

    /** Returns whether what is kept after the open steps makes no run too long. */
    private boolean endsWell(HandRun row) {
        HandRun now = row;
        for (Optional<Stroke> step : kept()) {
            HandRun next = step.map(now::after).orElse(HandRun.NONE);
            if (next.strokes() <= now.strokes()) {
                return true;
            }
            if (next.strokes() > mostInARow) {
                return false;
            }
            now = next;
        }
        return true;
    }

    @Override
    public Difficulty difficulty(Sticking variation) {
        return Difficulty.of(before(), variation.steps().subList(from, to), lead);
    }

    @Override
    public BigInteger count() {
        return table.get(new Place(from, before())).count;
    }

    /** Returns the ways on from a place; none where it has too many strokes in a row. */
    private Ways ways(Place place) {
        return table.getOrDefault(place, Ways.NONE);
    }

    @Override
    public Sticking inOrder(BigInteger number) {
        List<Optional<Stroke>> ticked = new ArrayList<>();
        Place place = new Place(from, before());
        BigInteger left = number;
        while (place.step < to) {
            for (Optional<Stroke> choice : choices) {
                Place next =
                        new Place(place.step + 1, choice.map(place.row::after).orElse(HandRun.NONE));
                BigInteger ways = ways(next).count;
                if (left.compareTo(ways) < 0) {
                    ticked.add(choice);
                    place = next;
                    break;
                }
                left = left.subtract(ways);
            }
        }
        return with(ticked);
    }

    @Override
    public Sticking easiestFirst(BigInteger number) {
        Place place = new Place(from, before());
        List<BigInteger> all = ways(place).byCost;
        BigInteger left = number;
        int cost = 0;
        while (left.compareTo(all.get(cost)) >= 0) {
            left = left.subtract(all.get(cost++));
        }
        List<Optional<Stroke>> ticked = new ArrayList<>();
        while (place.step < to) {
            for (Optional<Stroke> choice : choices) {
                Place next =
                        new Place(place.step + 1, choice.map(place.row::after).orElse(HandRun.NONE));
                HandRun row = place.row;
                int rest = cost
                        - choice.map(stroke -> Difficulty.points(row, stroke, lead))
                                .orElse(Difficulty.REST_POINTS);
                BigInteger ways = ways(next).ofCost(rest);
                if (left.compareTo(ways) < 0) {
                    ticked.add(choice);
                    place = next;
                    cost = rest;
                    break;
                }
                left = left.subtract(ways);
            }
        }
        return with(ticked);
    }

    private Sticking with(List<Optional<Stroke>> ticked) {
        List<Optional<Stroke>> steps = new ArrayList<>(base.steps().subList(0, from));
        steps.addAll(ticked);
        steps.addAll(base.steps().subList(to, base.length()));
        return steps.stream().anyMatch(Optional::isPresent) ? new Sticking(steps) : base;
    }
}
