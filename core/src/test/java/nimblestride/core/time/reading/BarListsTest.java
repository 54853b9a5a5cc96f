package nimblestride.core.time.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class BarListsTest {
    private static final int UNITS = 12;
    private static final List<BarToken> TOKENS = BarToken.in(NoteValue.EIGHTH, UNITS);

    private static List<BarLists.Found> found(ReadingFilter filter) {
        List<BarLists.Found> all = new ArrayList<>();
        new BarLists(TOKENS, UNITS, filter).forEachRemaining(all::add);
        return all;
    }

    private static List<Integer> groups(BarLists.Found found) {
        return found.bars().stream().flatMap(bar -> bar.groups().stream()).toList();
    }

    private static Set<List<Integer>> allGroups(Stream<BarLists.Found> found) {
        return found.map(BarListsTest::groups).collect(Collectors.toSet());
    }

    private static ReadingFilter filter(int first, int last, int most, Integer... sizes) {
        return new ReadingFilter(
                first == 0 ? OptionalInt.empty() : OptionalInt.of(first),
                last == 0 ? OptionalInt.empty() : OptionalInt.of(last),
                most,
                Set.of(sizes),
                ReadingFilter.ANY.kept());
    }

    static Stream<ReadingFilter> filters() {
        return Stream.of(
                filter(3, 0, UNITS),
                filter(0, 2, UNITS),
                filter(0, 0, 5),
                filter(0, 0, 4),
                filter(0, 0, UNITS, 2, 3),
                filter(0, 0, UNITS, 3),
                filter(2, 3, 5, 2, 3));
    }

    /** What a filter leaves is all that it allows, and nothing else: no way is cut off early that would have led there. */
    @ParameterizedTest
    @MethodSource("filters")
    void aFilterLeavesWhatItAllows(ReadingFilter filter) {
        Set<List<Integer>> left = allGroups(found(filter).stream());
        assertThat(left)
                .isNotEmpty()
                .isEqualTo(allGroups(found(ReadingFilter.ANY).stream().filter(one -> filter.allows(groups(one)))));
    }

    /** Each list fills the bar with at least two bars, and the efforts of its bars are summed up, the easiest first. */
    @Test
    void listsComeEasiestFirst() {
        List<BarLists.Found> all = found(ReadingFilter.ANY);
        long last = 0;
        for (BarLists.Found one : all) {
            List<BarToken> bars = one.bars();
            assertThat(bars).hasSizeGreaterThan(1);
            assertThat(bars.stream().mapToInt(BarToken::units).sum()).isEqualTo(UNITS);
            long effort = bars.get(0).effortFirst();
            for (int i = 1; i < bars.size(); i++) {
                effort += bars.get(i).effortAfter(bars.get(i - 1));
                assertThat(bars.get(i - 1).isOneUnit()).isFalse();
            }
            assertThat(one.effort()).isEqualTo(effort).isGreaterThanOrEqualTo(last);
            last = effort;
        }
        assertThat(groups(all.get(0))).containsExactly(3, 3, 3, 3);
    }
}
