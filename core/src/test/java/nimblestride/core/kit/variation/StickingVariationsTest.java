package nimblestride.core.kit.variation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.math.BigInteger;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.sticking.LeadHand;
import nimblestride.core.kit.sticking.Sticking;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.variation.StickingVariations.Order;
import nimblestride.core.language.text.StickingText;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StickingVariationsTest {
    private static Sticking sticking(String text) {
        return StickingText.read(text);
    }

    private static List<Optional<Stroke>> choices(String text) {
        return sticking(text).steps();
    }

    /** Every list of choices, written out one by one. */
    private static List<List<Optional<Stroke>>> allLists(List<Optional<Stroke>> choices, int length) {
        List<List<Optional<Stroke>>> lists = new ArrayList<>(List.of(List.of()));
        for (int i = 0; i < length; i++) {
            List<List<Optional<Stroke>>> longer = new ArrayList<>();
            for (List<Optional<Stroke>> list : lists) {
                for (Optional<Stroke> choice : choices) {
                    List<Optional<Stroke>> one = new ArrayList<>(list);
                    one.add(choice);
                    longer.add(one);
                }
            }
            lists = longer;
        }
        return lists;
    }

    private static String hands(List<Optional<Stroke>> steps) {
        return steps.stream()
                .map(step -> step.map(stroke ->
                                String.valueOf(stroke.limb().orElseThrow().letter()))
                        .orElse("."))
                .collect(Collectors.joining());
    }

    /** Counted and listed against plain enumeration, with fixed strokes on both sides. */
    @Property(tries = 60)
    void countsAndListsWhatPlainEnumerationFinds(
            @ForAll @IntRange(min = 1, max = 6) int open,
            @ForAll @IntRange(min = 1, max = 3) int most,
            @ForAll @IntRange(max = 3) int which) {
        List<Optional<Stroke>> choices =
                choices(List.of("R L", "R L .", "R L K", "R >R L .").get(which));
        Sticking base = sticking("R " + "L ".repeat(open) + "R L");
        Combinations dealing = new Combinations(base, 1, 1 + open, choices, Math.max(2, most));
        Set<Sticking> expected = new HashSet<>();
        for (List<Optional<Stroke>> list : allLists(choices, open)) {
            List<Optional<Stroke>> steps = new ArrayList<>(base.steps().subList(0, 1));
            steps.addAll(list);
            steps.addAll(base.steps().subList(1 + open, base.length()));
            // It goes round: what is kept at the end stands before what is kept at the beginning.
            String hands = hands(steps) + hands(steps);
            int limit = Math.max(2, most) + 1;
            if (!hands.contains("R".repeat(limit)) && !hands.contains("L".repeat(limit))) {
                expected.add(new Sticking(steps));
            }
        }
        assertThat(dealing.count()).isEqualTo(BigInteger.valueOf(expected.size()));
        for (Order order : Order.values()) {
            Set<Sticking> ticked = new HashSet<>();
            for (int number = 0; number < expected.size(); number++) {
                ticked.add(dealing.deal(order, BigInteger.valueOf(number), 7));
            }
            assertThat(ticked).as(order.title()).isEqualTo(expected);
        }
    }

    @Test
    void theEasiestComesFirst() {
        Combinations dealing = new Combinations(sticking("R L R L R L R L"), 4, 8, choices("R L"), 2);
        assertThat(hands(dealing.easiestFirst(BigInteger.ZERO).steps())).isEqualTo("RLRLRLRL");
        // Ten ways without three in a row, but for the two that begin with two lefts after the kept one, and the two
        // that
        // end with two rights before the kept one.
        assertThat(dealing.count()).isEqualTo(7);
        assertThat(hands(dealing.easiestFirst(BigInteger.valueOf(6)).steps())).startsWith("RLRL");
    }

    /** What drummers find harder comes later (common practice). */
    @ParameterizedTest
    @CsvSource({
        // A ghost note is harder after an accent in its own hand.
        ">R (R) (L) L, >R (L), >R (R)",
        // An accent on the second note of a double is harder than one on the first.
        ">R R, >R R, R >R",
        // An accent is harder in the weaker hand.
        ">R >L R L, >R L, R >L",
    })
    void whatIsHarderComesLater(String choices, String easier, String harder) {
        Combinations all = new Combinations(sticking("R L . ."), 0, 2, choices(choices), 2, LeadHand.RIGHT);
        assertThat(place(all, easier)).isLessThan(place(all, harder));
        // For a left-handed player the mirror image holds.
        Combinations left = new Combinations(
                sticking("L R . ."),
                0,
                2,
                choices(StickingText.write(sticking(choices).mirrored())),
                2,
                LeadHand.LEFT);
        assertThat(place(left, StickingText.write(sticking(easier).mirrored())))
                .isLessThan(place(left, StickingText.write(sticking(harder).mirrored())));
    }

    private static int place(Combinations all, String open) {
        List<Optional<Stroke>> wanted = sticking(open).steps();
        return IntStream.range(0, all.count().intValueExact())
                .filter(number -> all.easiestFirst(BigInteger.valueOf(number))
                        .steps()
                        .subList(0, 2)
                        .equals(wanted))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aFixedLimbAndAMovingOneAreAllSubsets() {
        Combinations kicks = new Combinations(sticking("K . . . . . . ."), 0, 8, choices("K ."), 2);
        assertThat(kicks.count()).isEqualTo(256);
        Combinations huge = new Combinations(
                Sticking.of(sticking("R L").strokes()).then(sticking("R L ".repeat(31))),
                0,
                64,
                choices("R L >R >L ."),
                2);
        assertThat(huge.count().bitLength()).isGreaterThan(100);
        assertThat(huge.easiestFirst(huge.count().subtract(BigInteger.ONE)).length())
                .isEqualTo(64);
    }

    @Test
    void oneNoteIsLeftOutOfEachCell() {
        OneNoteLeftOut dealing = new OneNoteLeftOut(sticking("R L R L R L L R"), List.of(5, 3));
        assertThat(dealing.count()).isEqualTo(15);
        Set<Sticking> ticked = new HashSet<>();
        for (int number = 0; number < 15; number++) {
            Sticking one = dealing.easiestFirst(BigInteger.valueOf(number));
            assertThat(hands(one.steps()).substring(0, 5).replace(".", "")).hasSize(4);
            assertThat(hands(one.steps()).substring(5).replace(".", "")).hasSize(2);
            ticked.add(one);
        }
        assertThat(ticked).hasSize(15);
        assertThat(hands(dealing.easiestFirst(BigInteger.ZERO).steps())).isEqualTo("RLRL.LL.");
    }

    @Test
    void refusesWhatCannotBeDealt() {
        Sticking base = sticking("R L R R");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> new Combinations(base, 2, 2, choices("R L"), 2));
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> new Combinations(base, 0, 5, choices("R L"), 2));
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> new Combinations(base, 0, 4, choices("R R"), 2));
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> new Combinations(base, 0, 4, choices("R L"), 0));
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> new OneNoteLeftOut(base, List.of(3, 2)));
        Combinations dealing = new Combinations(base, 0, 4, choices("R L"), 2);
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> dealing.deal(Order.IN_ORDER, dealing.count(), 1))
                .withMessageContaining("there are 10 variations, numbered from 0; there is no number 10");
    }

    /** The order of easiest first is that of the points that are shown. */
    @Test
    void difficultyIsShownAsItOrders() {
        Combinations all = new Combinations(sticking("R L R L R L R L"), 2, 6, choices("R L >R (L) K ."), 2);
        int before = 0;
        for (int i = 0; i < all.count().intValueExact(); i++) {
            int points = all.difficulty(all.easiestFirst(BigInteger.valueOf(i))).points();
            assertThat(points).isGreaterThanOrEqualTo(before);
            before = points;
        }
        assertThat(all.difficulty(sticking("R L R L R L R L")).words()).isEqualTo("hand to hand");
        assertThat(all.difficulty(sticking("R L R R L L R L")).words())
                .isEqualTo("2 doubles, 1 of it in the weaker hand");
        assertThat(all.difficulty(sticking("R L . K >R (L) R L")).words())
                .isEqualTo("1 foot, 2 accents or ghosts, 1 of it in the weaker hand, 1 rest");
    }

    /** Each variation has its day before any comes again. */
    @Test
    void oneVariationADay() {
        for (Order order : Order.values()) {
            VariationPlan plan = new VariationPlan(
                    sticking("R L R L R L"), new VariationPlan.Free.Steps(2, 6, choices("R L"), 2), order, 5);
            StickingVariations all = plan.variations(LeadHand.RIGHT);
            int count = all.count().intValueExact();
            Set<BigInteger> days = new HashSet<>();
            for (int day = 0; day < count; day++) {
                days.add(plan.numberOn(LocalDate.of(2026, 11, 29).plusDays(day), all));
            }
            assertThat(days).as(order.title()).hasSize(count);
        }
    }

    @Test
    void variationsAreLookedForInOrderUpToALimit() {
        VariationPlan few = new VariationPlan(
                sticking("R L R L R L"), new VariationPlan.Free.Steps(2, 6, choices("R L"), 2), Order.IN_ORDER, 5);
        StickingVariations all = few.variations(LeadHand.RIGHT);
        VariationSearch found =
                VariationSearch.of(all, few, one -> hands(one.steps()).contains("RRL"));
        List<BigInteger> expected = IntStream.range(0, all.count().intValueExact())
                .mapToObj(BigInteger::valueOf)
                .filter(number -> hands(all.inOrder(number).steps()).contains("RRL"))
                .toList();
        assertThat(expected).isNotEmpty();
        assertThat(found).isEqualTo(new VariationSearch(expected, all.count().intValueExact(), true));
        VariationPlan many = new VariationPlan(
                sticking("R L ".repeat(16).strip()),
                new VariationPlan.Free.Steps(0, 32, choices("R L ."), 2),
                Order.AT_RANDOM,
                5);
        VariationSearch some = VariationSearch.of(many.variations(LeadHand.RIGHT), many, one -> false);
        assertThat(some).isEqualTo(new VariationSearch(List.of(), VariationSearch.MOST_LOOKED_AT, false));
    }
}
