package nimblestride.core.time.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigInteger;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Grouping;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.partition.Partitions;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReadingsTest {
    private static List<Reading> first(int numerator, int denominator, ReadingApproach approach, int many) {
        return Readings.of(Meter.of(numerator, denominator), approach, ReadingFilter.ANY)
                .limit(many)
                .toList();
    }

    /** Common practice: what each approach proposes first for well-known odd bars. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "11 | 8  | TWOS_THREES | 3+3+3+2    | three 3s, then one 2            | 11/8",
                "7  | 8  | TWOS_THREES | 2+2+3      | two 2s, then one 3              | 7/8",
                "5  | 8  | TWOS_THREES | 3+2        | one 3, then one 2               | 5/8",
                "11 | 8  | PAIRED_BARS | 3+3+3+2    | 6/8 and 5/8: even, then odd | 6/8, 5/8",
                "17 | 16 | FAMILIAR    | 4+4+4+5    | 4/4 with a sixteenth added      | 4/4, 1/16",
                "7  | 8  | FAMILIAR    | 2+2+3      | 3/4 with an eighth added        | 3/4, 1/8",
                "11 | 8  | FAMILIAR    | 3+3+3+2    | 12/8 with an eighth taken off   | 11/8",
                "19 | 16 | FAMILIAR    | 4+4+4+4+3  | 4/4 with a dotted eighth added  | 4/4, 3/16",
                "19 | 16 | CELLS       | 4+4+4+4+3  | four 4s, then one 3 left over   | 4/16, 4/16, 4/16, 4/16, 3/16",
                "10 | 8  | CELLS       | 5+5        | two 5s                          | 5/8, 5/8"
            })
    void saysTheUsualThingFirst(
            int numerator, int denominator, ReadingApproach approach, String grouping, String why, String written) {
        Reading best = first(numerator, denominator, approach, 1).get(0);
        assertThat(best.grouping()).hasToString(grouping);
        assertThat(best.why()).isEqualTo(why);
        assertThat(best.writtenAs().stream().map(Meter::toString).toList()).isEqualTo(List.of(written.split(", ")));
    }

    @Property(tries = 300)
    void everyReadingFillsTheBarAndIsWrittenAsLongAsItIs(
            @ForAll @IntRange(min = 1, max = 70) int numerator, @ForAll @IntRange(min = 0, max = 5) int under) {
        Meter meter = Meter.of(numerator, new int[] {1, 2, 4, 8, 12, 16}[under]);
        for (ReadingApproach approach : ReadingApproach.values()) {
            List<Reading> readings =
                    Readings.of(meter, approach, ReadingFilter.ANY).limit(20).toList();
            assertThat(readings.stream().map(Reading::effort).toList()).isSorted();
            for (Reading reading : readings) {
                assertThat(new Bar(meter, reading.grouping()).length()).isEqualTo(meter.length());
                assertThat(reading.why()).isNotBlank();
                NoteValue written =
                        reading.writtenAs().stream().map(Meter::length).reduce(NoteValue.ZERO, NoteValue::plus);
                assertThat(written).isEqualTo(meter.length());
            }
        }
        assertThat(Readings.of(meter, ReadingFilter.ANY)
                        .limit(60)
                        .map(Reading::effort)
                        .toList())
                .isSorted();
    }

    /** Twos and threes are all there, each once: as many as the partitions count, which another test checks against Padovan's numbers. */
    @Test
    void twosAndThreesLeavesNoneOut() {
        for (int units = 2; units <= 24; units++) {
            assertThat(Readings.of(Meter.of(units, 8), ReadingApproach.TWOS_THREES, ReadingFilter.ANY)
                            .map(Reading::grouping))
                    .doesNotHaveDuplicates()
                    .hasSize(Partitions.of(units, List.of(2, 3)).count().intValueExact());
        }
    }

    @ParameterizedTest
    @CsvSource({
        "3+3+3+2,'three 3s, then one 2'",
        "2+2+2+5,'three 2s, then one 5'",
        "1+10,'one 1, then one 10'",
        "11,one 11"
    })
    void namesWhateverGroupingABarIsFeltIn(String groups, String name) {
        List<Integer> sizes =
                Stream.of(groups.split("\\+", -1)).map(Integer::valueOf).toList();
        assertThat(Readings.nameOf(new Bar(Meter.of(11, 8), new Grouping(sizes))))
                .isEqualTo(name);
    }

    @Test
    void keepsAWish() {
        ReadingFilter wish = new ReadingFilter(OptionalInt.of(2), OptionalInt.of(3), 5, Set.of(2, 3), Optional.empty());
        assertThat(Readings.of(Meter.of(13, 8), wish)).isNotEmpty().allSatisfy(reading -> {
            assertThat(reading.grouping().sizes()).startsWith(2).endsWith(3).hasSizeLessThanOrEqualTo(5);
            assertThat(Set.of(2, 3)).containsAll(reading.grouping().sizes());
        });
    }

    /** A wish that no approach can keep is answered at once, not by building every list only to leave it out. */
    @Test
    void aWishThatCannotBeKeptHasNoReadings() {
        ReadingFilter sixes = new ReadingFilter(
                OptionalInt.empty(), OptionalInt.empty(), Integer.MAX_VALUE, Set.of(6), Optional.empty());
        assertThat(Readings.of(Meter.of(1024, 16), ReadingApproach.TWOS_THREES, sixes))
                .isEmpty();
        assertThat(Readings.of(Meter.of(1024, 16), ReadingApproach.CELLS, sixes))
                .isEmpty();
        ReadingFilter few = new ReadingFilter(OptionalInt.empty(), OptionalInt.empty(), 3, Set.of(), Optional.empty());
        assertThat(Readings.of(Meter.of(1024, 16), ReadingApproach.TWOS_THREES, few))
                .isEmpty();
    }

    @Test
    void aBarOfAThousandUnitsIsReadWithoutBuildingTheRest() {
        Meter long1024 = Meter.of(1024, 16);
        assertThat(Readings.of(long1024, ReadingFilter.ANY).limit(50)).hasSize(50);
        assertThat(Partitions.of(1024, List.of(2, 3)).count()).isGreaterThan(BigInteger.TEN.pow(100));
    }

    /** What is asked for holds for every reading, and nothing that holds is left out: against all readings looked through. */
    @Property(tries = 60)
    void aWishLeavesOutJustWhatItSays(
            @ForAll @IntRange(min = 4, max = 13) int units,
            @ForAll @IntRange(min = 2, max = 4) int first,
            @ForAll @IntRange(min = 2, max = 4) int last,
            @ForAll @IntRange(min = 2, max = 5) int mostGroups,
            @ForAll ReadingApproach approach) {
        Meter meter = Meter.of(units, 8);
        ReadingFilter wish = new ReadingFilter(
                OptionalInt.of(first), OptionalInt.of(last), mostGroups, Set.of(2, 3, 4), Optional.empty());
        List<List<Integer>> asked = Readings.of(meter, approach, wish)
                .map(reading -> reading.grouping().sizes())
                .distinct()
                .toList();
        List<List<Integer>> lookedThrough = Readings.of(meter, approach, ReadingFilter.ANY)
                .map(reading -> reading.grouping().sizes())
                .filter(sizes -> sizes.get(0) == first
                        && sizes.get(sizes.size() - 1) == last
                        && sizes.size() <= mostGroups
                        && Set.of(2, 3, 4).containsAll(sizes))
                .distinct()
                .toList();
        assertThat(asked).containsExactlyInAnyOrderElementsOf(lookedThrough);
    }

    /** Groups of a grouping that is kept are divided or joined with their neighbors; a line between two never moves. */
    @Test
    void aGroupingThatIsKeptIsDividedOrJoined() {
        Grouping kept = new Grouping(List.of(4, 3, 4));
        ReadingFilter wish = new ReadingFilter(
                OptionalInt.empty(), OptionalInt.empty(), Integer.MAX_VALUE, Set.of(), Optional.of(kept));
        List<List<Integer>> found = Readings.of(Meter.of(11, 8), ReadingApproach.TWOS_THREES, wish)
                .map(reading -> reading.grouping().sizes())
                .distinct()
                .toList();
        assertThat(found).contains(List.of(2, 2, 3, 2, 2)).doesNotContain(List.of(3, 3, 3, 2), List.of(2, 3, 2, 2, 2));
    }
}
