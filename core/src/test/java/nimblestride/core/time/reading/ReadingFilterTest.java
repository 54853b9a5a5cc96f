package nimblestride.core.time.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import nimblestride.core.time.meter.Grouping;
import nimblestride.core.time.meter.Meter;

/** Wishes for a grouping, each against what it says, for every composition of a bar. */
class ReadingFilterTest {
    private static final int UNITS = 11;

    /** A composition of 11: bit i of a number says whether a group ends after unit i + 1. */
    private static List<Integer> composition(int bits) {
        List<Integer> groups = new ArrayList<>();
        int size = 0;
        for (int unit = 0; unit < UNITS; unit++) {
            size++;
            if (unit == UNITS - 1 || (bits >> unit & 1) == 1) {
                groups.add(size);
                size = 0;
            }
        }
        return groups;
    }

    private static List<List<Integer>> compositions() {
        return IntStream.range(0, 1 << (UNITS - 1))
                .mapToObj(ReadingFilterTest::composition)
                .toList();
    }

    /** That lines between groups stay where they are: all of one are among those of the other. */
    private static boolean keeps(int kept, int bits) {
        return (kept & bits) == kept || (kept & bits) == bits;
    }

    @Provide
    static Arbitrary<ReadingFilter> wishes() {
        Arbitrary<OptionalInt> size = Arbitraries.integers()
                .between(1, 6)
                .optional(0.3)
                .map(one -> one.map(OptionalInt::of).orElseGet(OptionalInt::empty));
        return Combinators.combine(
                        size,
                        size,
                        Arbitraries.integers().between(1, 7),
                        Arbitraries.of(Set.<Integer>of(), Set.of(2, 3), Set.of(2, 3, 4), Set.of(5, 6)),
                        Arbitraries.integers()
                                .between(0, (1 << (UNITS - 1)) - 1)
                                .optional(0.4))
                .as((first, last, most, sizes, kept) ->
                        new ReadingFilter(first, last, most, sizes, kept.map(bits -> new Grouping(composition(bits)))));
    }

    /** Every composition is allowed that has what is wished, and no other; which is said here by the bits of both. */
    @Property(tries = 60)
    void allowsWhatHasWhatIsWished(@ForAll("wishes") ReadingFilter wish) {
        Optional<Integer> kept = wish.kept().map(grouping -> IntStream.range(0, 1 << (UNITS - 1))
                .filter(bits -> composition(bits).equals(grouping.sizes()))
                .findFirst()
                .orElseThrow());
        for (int bits = 0; bits < 1 << (UNITS - 1); bits++) {
            List<Integer> groups = composition(bits);
            int tried = bits;
            boolean wished = (wish.first().isEmpty() || wish.first().getAsInt() == groups.get(0))
                    && (wish.last().isEmpty() || wish.last().getAsInt() == groups.get(groups.size() - 1))
                    && groups.size() <= wish.mostGroups()
                    && (wish.sizes().isEmpty() || groups.stream().allMatch(wish.sizes()::contains))
                    && kept.map(one -> keeps(one, tried)).orElse(true);
            assertThat(wish.allows(groups)).as("%s for %s", groups, wish).isEqualTo(wished);
        }
    }

    /**
     * The readings in twos and threes are those compositions of twos and threes that are allowed, each once.
     */
    @Property(tries = 60)
    void readingsInTwosAndThreesAreAllThatAreAllowed(@ForAll("wishes") ReadingFilter wish) {
        Set<List<Integer>> allowed = compositions().stream()
                .filter(groups -> Set.of(2, 3).containsAll(groups))
                .filter(wish::allows)
                .collect(Collectors.toSet());
        List<List<Integer>> found = Readings.of(Meter.of(UNITS, 8), wish)
                .map(reading -> reading.grouping().sizes())
                .filter(groups -> Set.of(2, 3).containsAll(groups))
                .toList();
        assertThat(found).doesNotHaveDuplicates().containsExactlyInAnyOrderElementsOf(allowed);
    }
}
