package nimblestride.core.time.partition;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.assertThatNoException;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import nimblestride.core.foundation.failure.StrideException;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.variables.IntVar;
import org.junit.jupiter.api.Test;

class PartitionsTest {
    /** OEIS A000931, the Padovan sequence, here P(n) = P(n-2) + P(n-3) from P(0) = 1, P(1) = 0, P(2) = 1. */
    @Test
    void twosAndThreesFillALengthInPadovanManyWays() {
        long[] padovan = {1, 0, 1, 1, 1, 2, 2, 3, 4, 5, 7, 9, 12, 16, 21, 28, 37, 49, 65, 86, 114, 151, 200, 265, 351};
        for (int length = 1; length < padovan.length; length++) {
            assertThat(Partitions.of(length, List.of(2, 3)).count()).isEqualTo(BigInteger.valueOf(padovan[length]));
        }
    }

    /** A length of n has 2^(n-1) compositions in all. */
    @Test
    void allSizesGiveAllCompositions() {
        for (int length = 1; length <= 60; length++) {
            List<Integer> all = IntStream.rangeClosed(1, length).boxed().toList();
            assertThat(Partitions.of(length, all).count()).isEqualTo(BigInteger.TWO.pow(length - 1));
        }
    }

    /** Held against choco-solver, an independent constraint solver, listing every solution. */
    @Property(tries = 60)
    void countsAsManyAsAConstraintSolverLists(
            @ForAll @IntRange(min = 1, max = 18) int length,
            @ForAll @Size(min = 1, max = 4) Set<@IntRange(min = 1, max = 7) Integer> sizes,
            @ForAll @IntRange(min = 1, max = 12) int most,
            @ForAll boolean each) {
        Partitions filling = Partitions.of(length, sizes)
                .with(
                        each
                                ? PartitionConstraints.NONE.atMost(most).eachOnce()
                                : PartitionConstraints.NONE.atMost(most));
        Set<List<Integer>> solved = new HashSet<>();
        for (int parts = 1; parts <= Math.min(most, length); parts++) {
            Model model = new Model();
            IntVar[] variables = model.intVarArray(
                    "part",
                    parts,
                    sizes.stream().mapToInt(Integer::intValue).sorted().toArray());
            model.sum(variables, "=", length).post();
            if (each) {
                for (int size : sizes) {
                    model.count(size, variables, model.intVar(1, parts)).post();
                }
            }
            while (model.getSolver().solve()) {
                List<Integer> solution = new ArrayList<>();
                for (IntVar variable : variables) {
                    solution.add(variable.getValue());
                }
                solved.add(solution);
            }
        }
        assertThat(filling.count()).isEqualTo(BigInteger.valueOf(solved.size()));
        // Compared as sets: there are thousands.
        List<List<Integer>> listed =
                filling.bestFirst(PartitionCost.changesThenParts(length)).toList();
        assertThat(new HashSet<>(listed)).isEqualTo(solved).hasSameSizeAs(listed);
    }

    /** On every length up to 24, the lists come in the order of what they cost, none left out and none twice. */
    @Test
    void listsTheBestFirst() {
        for (int length = 1; length <= 24; length++) {
            PartitionCost cost = PartitionCost.changesThenParts(length);
            Partitions filling = Partitions.of(length, List.of(2, 3, 5));
            List<List<Integer>> lists = filling.bestFirst(cost).toList();
            assertThat(lists).doesNotHaveDuplicates();
            assertThat(BigInteger.valueOf(lists.size())).isEqualTo(filling.count());
            assertThat(lists.stream().map(list -> price(list, cost)).toList()).isSorted();
        }
    }

    private static long price(List<Integer> parts, PartitionCost cost) {
        long price = 0;
        for (int i = 0; i < parts.size(); i++) {
            price += cost.ofPart().applyAsLong(parts.get(i));
            if (i > 0 && !parts.get(i).equals(parts.get(i - 1))) {
                boolean loner = i == 1 || !parts.get(i - 1).equals(parts.get(i - 2));
                price += cost.ofChange() + (loner ? cost.ofEarlyLoner() : 0);
            }
        }
        return price;
    }

    @Test
    void repeatsComeFirstAndTheOddOneLast() {
        assertThat(Partitions.of(16, List.of(5, 3))
                        .bestFirst(PartitionCost.changesThenParts(16))
                        .limit(2))
                .containsExactly(List.of(5, 5, 3, 3), List.of(3, 3, 5, 5));
        assertThat(Partitions.of(11, List.of(5, 3))
                        .bestFirst(PartitionCost.changesThenParts(11))
                        .findFirst())
                .contains(List.of(3, 3, 5));
    }

    @Test
    void keepsWhatIsAsked() {
        Partitions filling = Partitions.of(20, List.of(2, 3, 4))
                .with(PartitionConstraints.NONE
                        .startingWith(3)
                        .endingWith(2)
                        .together()
                        .eachOnce());
        assertThat(filling.bestFirst(PartitionCost.changesThenParts(20)))
                .hasSize(filling.count().intValueExact())
                .allSatisfy(parts -> {
                    assertThat(parts).startsWith(3).endsWith(2).contains(4);
                    assertThat(IntStream.range(1, parts.size())
                                    .filter(i -> !parts.get(i).equals(parts.get(i - 1))))
                            .hasSize(2);
                });
        assertThat(Partitions.of(7, List.of(5, 3)).bestFirst(PartitionCost.changesThenParts(7)))
                .isEmpty();
        assertThat(Partitions.of(7, List.of(5, 3)).count()).isZero();
    }

    @Test
    void bringsTheLeadHandBackAndKeepsBounds() {
        Partitions hands = Partitions.of(11, List.of(2, 3)).with(PartitionConstraints.NONE.handBack());
        assertThat(hands.count()).isZero();
        assertThat(hands.ofLength(12).count()).isEqualTo(12);
        Partitions bounds = Partitions.of(11, List.of(2, 3)).with(PartitionConstraints.NONE.with(Set.of(3, 6)));
        assertThat(bounds.bestFirst(PartitionCost.changesThenParts(11)))
                .containsExactly(List.of(3, 3, 3, 2), List.of(3, 3, 2, 3));
        assertThat(bounds.count()).isEqualTo(2);
    }

    /** Checks each condition, and several at once, against a plain trial of all lists. */
    @Property(tries = 300)
    void keepsEveryConditionAndLosesNothing(
            @ForAll @IntRange(min = 1, max = 12) int length,
            @ForAll @Size(min = 1, max = 3) Set<@IntRange(min = 1, max = 5) Integer> sizes,
            @ForAll @IntRange(min = 0, max = 5) int first,
            @ForAll @IntRange(min = 0, max = 5) int last,
            @ForAll @IntRange(min = 1, max = 6) int most,
            @ForAll boolean together,
            @ForAll boolean each) {
        PartitionConstraints asked = PartitionConstraints.NONE.atMost(most);
        asked = first > 0 ? asked.startingWith(first) : asked;
        asked = last > 0 ? asked.endingWith(last) : asked;
        asked = together ? asked.together() : asked;
        asked = each ? asked.eachOnce() : asked;
        List<List<Integer>> wanted = all(length, sizes).stream()
                .filter(parts -> first == 0 || parts.get(0) == first)
                .filter(parts -> last == 0 || parts.get(parts.size() - 1) == last)
                .filter(parts -> parts.size() <= most)
                .filter(parts -> !each || parts.containsAll(sizes))
                .filter(parts -> !together || changes(parts) < Set.copyOf(parts).size())
                .toList();
        Partitions filling = Partitions.of(length, sizes).with(asked);
        assertThat(filling.count()).isEqualTo(wanted.size());
        assertThat(filling.bestFirst(PartitionCost.changesThenParts(length)))
                .containsExactlyInAnyOrderElementsOf(wanted);
    }

    private static List<List<Integer>> all(int length, Set<Integer> sizes) {
        if (length == 0) {
            return List.of(List.of());
        }
        List<List<Integer>> lists = new ArrayList<>();
        for (int size : sizes) {
            if (size <= length) {
                all(length - size, sizes)
                        .forEach(rest -> lists.add(
                                Stream.concat(Stream.of(size), rest.stream()).toList()));
            }
        }
        return lists;
    }

    private static long changes(List<Integer> parts) {
        return IntStream.range(1, parts.size())
                .filter(i -> !parts.get(i).equals(parts.get(i - 1)))
                .count();
    }

    /** Fewer changes come first, then fewer parts, then lists whose odd one is last. */
    @Test
    void theOrderIsOneOfChangesThenPartsThenLoners() {
        assertThat(Partitions.of(12, List.of(2, 3, 4, 6))
                        .bestFirst(PartitionCost.changesThenParts(12))
                        .limit(6))
                .containsExactly(
                        List.of(6, 6),
                        List.of(4, 4, 4),
                        List.of(3, 3, 3, 3),
                        List.of(2, 2, 2, 2, 2, 2),
                        List.of(3, 3, 6),
                        List.of(6, 3, 3));
    }

    @Test
    void tooMuchToSearchIsRefusedBeforeItBegins() {
        List<Integer> many = IntStream.rangeClosed(1, 60).boxed().toList();
        // Twice 60 sizes, times 60 sizes, times 1,666 places beside the longest size: under 12,000,000 steps.
        assertThatNoException().isThrownBy(() -> Partitions.of(1_726, many).requireSearchable());
        int over = 1_727;
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> Partitions.of(over, many).bestFirst(PartitionCost.changesThenParts(over)))
                .withMessageStartingWith("this is too much to search; try fewer sizes");
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> FitResult.of(Partitions.of(over, many)));
    }

    /** Which of 20 sizes have occurred is another place for each set of them: their number is what a count can't hold. */
    @Test
    void tooManyPlacesToCountAreRefused() {
        List<Integer> many = IntStream.rangeClosed(1, 24).boxed().toList();
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> Partitions.of(400, many)
                        .with(PartitionConstraints.NONE.eachOnce())
                        .count())
                .withMessageStartingWith("this is too much to search");
    }

    @Test
    void longLengthsAreCountedAndTheirBestListedWithoutTheRest() {
        assertThat(Partitions.of(10_000, List.of(2, 3)).count().bitLength()).isGreaterThan(4_000);
        assertThat(Partitions.of(1_024, List.of(2, 3))
                        .bestFirst(PartitionCost.changesThenParts(1_024))
                        .limit(20))
                .hasSize(20)
                .first()
                .satisfies(parts -> assertThat(parts).hasSize(512).containsOnly(2));
    }

    @Test
    void refusesWhatCannotBeFilled() {
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> Partitions.of(0, List.of(2)))
                .withMessageContaining("1 to 20,000");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> Partitions.of(8, List.of()))
                .withMessageContaining("sizes");
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> Partitions.of(8, List.of(0, 2)));
    }
}
