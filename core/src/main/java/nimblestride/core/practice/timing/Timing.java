package nimblestride.core.practice.timing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import nimblestride.core.kit.voice.Limb;

/**
 * How somebody played, in milliseconds: positive for late, negative for early.
 *
 * @param matching which hit was meant for which place
 * @param overall all hits together
 * @param rush how hits go between bar lines: {@link LinearTrend#slope} is how much later hits come just after a bar
 *     line than at the bar's end, so it is negative for somebody who rushes there; empty where there are too few
 * @param drift how much later hits come with each bar in which the click is silent; empty where it never was for long
 *     enough
 */
public record Timing(
        HitMatching matching, TimingSpread overall, Optional<LinearTrend> rush, Optional<LinearTrend> drift) {
    private static final int MIN_COUNT = 6;

    /** Returns the timing of matched hits; empty where none was matched. */
    public static Optional<Timing> of(HitMatching matching) {
        if (matching.pairs().isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Timing(
                matching,
                TimingSpread.of(
                        matching.pairs().stream().map(HitMatching.Pair::late).toList()),
                afterTheLine(matching.pairs()),
                inSilence(matching.pairs())));
    }

    /** Nobody can rush after the 1 on the 1 itself. */
    private static Optional<LinearTrend> afterTheLine(List<HitMatching.Pair> pairs) {
        return trend(pairs.stream()
                .filter(pair -> pair.expected().within() > 0)
                .map(pair -> new LinearTrend.Point(1 - pair.expected().within(), pair.late()))
                .toList());
    }

    private static Optional<LinearTrend> inSilence(List<HitMatching.Pair> pairs) {
        List<LinearTrend.Point> points = pairs.stream()
                .filter(pair -> pair.expected().silent() != ExpectedHit.CLICKED)
                .map(pair -> new LinearTrend.Point(
                        pair.expected().silent() + pair.expected().within(), pair.late()))
                .toList();
        return trend(points);
    }

    private static Optional<LinearTrend> trend(List<LinearTrend.Point> points) {
        return points.size() < MIN_COUNT ? Optional.empty() : LinearTrend.through(points);
    }

    /** Returns the spread at each place of the phrase that was played, in order. */
    public Map<ExpectedHit.Spot, TimingSpread> bySpot() {
        return spreads(ExpectedHit::spot, () -> new TreeMap<>(Comparator.comparing(ExpectedHit.Spot::at)));
    }

    /** Returns the spread of each limb that played. */
    public Map<Limb, TimingSpread> byLimb() {
        return spreads(ExpectedHit::limb, () -> new EnumMap<>(Limb.class));
    }

    /** Returns the spread of each beat of each bar, in order; those of bar 1 start with 1.1. */
    public Map<String, TimingSpread> byBeat() {
        return spreads(
                expected -> expected.spot().bar() + 1 + "." + (expected.spot().beat() + 1), LinkedHashMap::new);
    }

    private <K> Map<K, TimingSpread> spreads(Function<ExpectedHit, K> key, Supplier<Map<K, TimingSpread>> map) {
        Map<K, List<Double>> late = matching.pairs().stream()
                .collect(Collectors.groupingBy(
                        pair -> key.apply(pair.expected()),
                        LinkedHashMap::new,
                        Collectors.mapping(HitMatching.Pair::late, Collectors.toCollection(ArrayList::new))));
        Map<K, TimingSpread> spreads = map.get();
        late.forEach((one, values) -> spreads.put(one, TimingSpread.of(values)));
        return spreads;
    }

    /** Returns how far hits scatter once what depends on the place in the bar is taken off. */
    public double scatter() {
        return rush.filter(LinearTrend::isSure).map(LinearTrend::scatter).orElse(overall.deviation());
    }

    /** Returns the mean time from one place to the next, in milliseconds. */
    public double gap() {
        List<HitMatching.Pair> pairs = matching.pairs();
        double first = pairs.get(0).expected().at();
        double last = pairs.get(pairs.size() - 1).expected().at();
        return pairs.size() < 2 ? 0 : (last - first) / (pairs.size() - 1);
    }
}
