package nimblestride.core.kit.variation;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.kit.sticking.LeadHand;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Limb;

/**
 * How hard steps of a sticking are, and why (common practice; the points are a choice of this program).
 *
 * @param reasons what makes them hard, and how often
 */
public record Difficulty(Map<Reason, Integer> reasons) {
    /** What makes a step hard. */
    public enum Reason {
        SAME_HAND("double", "doubles", 1),
        FOOT("foot", "feet", 1),
        LEVEL("accent or ghost", "accents or ghosts", 1),
        ORNAMENT("ornament", "ornaments", 2),
        /** A ghost note after an accent in the same hand, or an accent on the second note of a double. */
        TURN("quick turn between loud and soft", "quick turns between loud and soft", 2),
        /** A double, an accent, or a ghost note in the weaker hand. */
        WEAKER_HAND("of it in the weaker hand", "of them in the weaker hand", 1),
        REST("rest", "rests", 1);

        private final String one;
        private final String many;
        private final int points;

        Reason(String one, String many, int points) {
            this.one = one;
            this.many = many;
            this.points = points;
        }
    }

    public Difficulty {
        reasons = reasons.isEmpty() ? Map.of() : new EnumMap<>(reasons);
    }

    /** The points of a rest. */
    static final int REST_POINTS = Reason.REST.points;

    /** Returns the points of one stroke, after what came before it. */
    static int points(HandRun before, Stroke stroke, LeadHand lead) {
        return reasons(before, stroke, lead).stream()
                .mapToInt(reason -> reason.points)
                .sum();
    }

    /** Returns what makes steps hard, after what came before them. */
    static Difficulty of(HandRun before, List<Optional<Stroke>> steps, LeadHand lead) {
        Map<Reason, Integer> reasons = new EnumMap<>(Reason.class);
        HandRun run = before;
        for (Optional<Stroke> step : steps) {
            HandRun here = run;
            step.map(stroke -> reasons(here, stroke, lead))
                    .orElse(List.of(Reason.REST))
                    .forEach(reason -> reasons.merge(reason, 1, Integer::sum));
            run = step.map(run::after).orElse(HandRun.NONE);
        }
        return new Difficulty(reasons);
    }

    private static List<Reason> reasons(HandRun before, Stroke stroke, LeadHand lead) {
        boolean again =
                before.hand().isPresent() && stroke.limb().filter(Limb::isHand).equals(before.hand());
        boolean plain = stroke.level() == Dynamic.NORMAL;
        boolean drop = again && before.accented() && stroke.level() == Dynamic.GHOST;
        boolean push = again && !before.accented() && stroke.level().isAccent();
        boolean weaker = stroke.limb().equals(Optional.of(lead.hand().other())) && (again || !plain);
        Map<Reason, Boolean> all = new EnumMap<>(Reason.class);
        all.put(Reason.SAME_HAND, again);
        all.put(Reason.FOOT, stroke.limb().filter(limb -> !limb.isHand()).isPresent());
        all.put(Reason.LEVEL, !plain);
        all.put(Reason.ORNAMENT, stroke.ornament() != Ornament.NONE);
        all.put(Reason.TURN, drop || push);
        all.put(Reason.WEAKER_HAND, weaker);
        return all.entrySet().stream()
                .filter(Map.Entry::getValue)
                .map(Map.Entry::getKey)
                .toList();
    }

    /** Returns all points together; 0 for single strokes, hand to hand, equally loud. */
    public int points() {
        return reasons.entrySet().stream()
                .mapToInt(one -> one.getKey().points * one.getValue())
                .sum();
    }

    /** Returns why, in words: {@code 2 doubles, 1 rest}. */
    public String words() {
        return reasons.isEmpty()
                ? "hand to hand"
                : reasons.entrySet().stream()
                        .map(one -> Counted.number(one.getValue()) + " "
                                + (one.getValue() == 1 ? one.getKey().one : one.getKey().many))
                        .collect(Collectors.joining(", "));
    }
}
