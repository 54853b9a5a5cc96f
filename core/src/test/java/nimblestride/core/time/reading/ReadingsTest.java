package nimblestride.core.time.reading;

import static nimblestride.core.language.text.Examples.bars;
import static nimblestride.core.language.text.Examples.cell;
import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigInteger;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
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
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;

class ReadingsTest {
    private static List<Reading> best(String bars, int many) {
        return Readings.of(bars(bars).bars().get(0).meter(), ReadingFilter.ANY)
                .limit(many)
                .toList();
    }

    /** Finds a reading by its grouping in parentheses, or by bars joined with plus signs in any of its ways. */
    private static boolean isReadSo(Reading reading, String wanted) {
        return Stream.of(wanted.split(" or ", -1))
                .map(String::strip)
                .anyMatch(one -> one.startsWith("(")
                        ? one.equals("(" + reading.grouping() + ")")
                        : reading.ways().stream()
                                .map(way -> way.stream().map(Meter::toString).collect(Collectors.joining("+")))
                                .anyMatch(one::equals));
    }

    private static List<String> missing(List<Reading> readings, String wanted) {
        return Stream.of(wanted.split(";", -1))
                .filter(one -> !one.isBlank())
                .filter(one -> readings.stream().noneMatch(reading -> isReadSo(reading, one)))
                .toList();
    }

    /**
     * Readings that players use, and where they must stand. The first table is the trade's (common practice, with the
     * additive patterns of Brăiloiu 1951, Arom 2004, and Toussaint, The Geometry of Musical Rhythm); the second holds
     * further meters judged by the same model.
     */
    @ParameterizedTest
    @CsvFileSource(resources = "readings.csv", delimiter = '|', numLinesToSkip = 1)
    void playersReadingsComeFirst(String meter, String inSix, String inTwelve) {
        List<Reading> readings = best(meter, 12);
        assertThat(missing(readings.subList(0, Math.min(6, readings.size())), inSix == null ? "" : inSix))
                .isEmpty();
        assertThat(missing(readings, inTwelve == null ? "" : inTwelve)).isEmpty();
    }

    /** The weights of the model, each by what it decides. */
    @ParameterizedTest
    @CsvSource({
        // one odd stride: last, then first, then inside
        "9/8, 2+2+2+3, 3+2+2+2",
        "13/8, 2+2+2+2+2+3, 3+2+2+2+2+2",
        "13/8, 3+2+2+2+2+2, 2+3+2+2+2+2",
        // an easy palindrome before the same strides in another order
        "11/8, 2+2+3+2+2, 2+2+2+3+2",
        // the same bar again before another one
        "21/8, 2+2+3+2+2+3+2+2+3, 3+3+3+2+2+2+2+2+2",
        // known bars before unusual ones, usual strides before unusual ones
        "23/16, 4+4+4+4+2+2+3, 4+4+4+4+3+2+2",
        "13/8, 3+3+2+2+3, 3+3+2+3+2",
        // larger cells first
        "15/8, 8+7, 7+8",
        "13/4, 5+4+4, 4+5+4",
        // fours are a beat in sixteenths and two in eighths
        "11/16, 4+4+3, 3+3+3+2",
        "11/8, 3+3+3+2, 4+4+3"
    })
    void oneComesBeforeTheOther(String meter, String easier, String harder) {
        List<String> groupings = best(meter, 60).stream()
                .map(reading -> reading.grouping().toString())
                .toList();
        assertThat(groupings).contains(easier, harder);
        assertThat(groupings.indexOf(easier)).isLessThan(groupings.indexOf(harder));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "11/8 | 3+3+3+2        | three 3s, then one 2",
                "19/16 | 4+4+4+4+3     | 4/4 with a dotted eighth added",
                "13/8 | 2+2+3+3+3      | 7/8 + 6/8",
                "9/8 | 3+3+3           | three 3s",
                "17/16 | 4+4+4+4+1     | 4/4 with a sixteenth added",
                "21/8 | 2+2+3+2+2+3+2+2+3 | 3 × 7/8",
                "23/16 | 4+4+4+4+2+2+3 | 4/4 + 7/16",
                "10/8 | 5+5            | two 5s",
                "4/4+1/16 | 4+4+4+4+1  | as the signature says",
                "4/4  | 1+1+1+1        | beat by beat"
            })
    void saysWhy(String meter, String grouping, String why) {
        assertThat(best(meter, 12))
                .filteredOn(reading -> reading.grouping().toString().equals(grouping))
                .extracting(Reading::why)
                .containsExactly(why);
    }

    /** A bar that differs by more than a quarter of a familiar one is not close to it. */
    @Test
    void closeToAFamiliarBarMeansWithinAQuarterOfIt() {
        assertThat(best("29/16", 30))
                .filteredOn(reading -> reading.approach() == ReadingApproach.FAMILIAR)
                .allSatisfy(reading -> {
                    List<Meter> bars = reading.writtenAs();
                    NoteValue added = bars.get(bars.size() - 1).length();
                    assertThat(added.times(4)).isLessThanOrEqualTo(bars.get(0).length());
                });
    }

    /** A signature says how it is read, and that comes first. */
    @Test
    void whatTheSignatureSaysComesFirst() {
        assertThat(best("3+2+2/8", 1).get(0).grouping()).hasToString("3+2+2");
        assertThat(best("6/4+5/4", 1).get(0).writtenAs())
                .extracting(Meter::toString)
                .containsExactly("6/4", "5/4");
    }

    /** Bars of one unit and of the most, and units that are no power of two, written as they are. */
    @Test
    void oddSizesAreReadToo() {
        assertThat(best("1/8", 5)).isEmpty();
        assertThat(best("2/8", 5)).isNotEmpty();
        assertThat(best("10000/16", 50)).hasSize(50);
        assertThat(best("7/12", 12)).isNotEmpty().allSatisfy(reading -> assertThat(reading.writtenAs())
                .allSatisfy(bar -> assertThat(bar.unit()).isEqualTo(NoteValue.of(1, 12))));
    }

    @Property(tries = 200)
    void everyReadingFillsTheBarOnceAndIsWrittenAsLongAsItIs(
            @ForAll @IntRange(min = 1, max = 70) int numerator, @ForAll @IntRange(min = 0, max = 5) int under) {
        Meter meter = Meter.of(numerator, new int[] {1, 2, 4, 8, 12, 16}[under]);
        List<Reading> readings = Readings.of(meter, ReadingFilter.ANY).limit(60).toList();
        assertThat(readings.stream().map(Reading::effort).toList()).isSorted();
        assertThat(readings).extracting(Reading::grouping).doesNotHaveDuplicates();
        for (Reading reading : readings) {
            assertThat(new Bar(meter, reading.grouping()).length()).isEqualTo(meter.length());
            assertThat(reading.why()).isNotBlank();
            assertThat(reading.ways()).doesNotHaveDuplicates().allSatisfy(way -> assertThat(
                            way.stream().map(Meter::length).reduce(NoteValue.ZERO, NoteValue::plus))
                    .isEqualTo(meter.length()));
        }
    }

    /** Twos and threes are all there: as many as the partitions count, which another test checks against Padovan's numbers. */
    @Test
    void twosAndThreesLeavesNoneOut() {
        for (int units = 2; units <= 16; units++) {
            assertThat(Readings.of(Meter.of(units, 8), ReadingFilter.ANY)
                            .map(Reading::grouping)
                            .filter(grouping -> Set.of(2, 3).containsAll(grouping.sizes())))
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
        List<Integer> sizes = cell(groups);
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
        assertThat(Readings.of(Meter.of(1024, 16), sixes)).isEmpty();
        ReadingFilter few = new ReadingFilter(OptionalInt.empty(), OptionalInt.empty(), 3, Set.of(), Optional.empty());
        assertThat(Readings.of(Meter.of(1024, 16), few)).isEmpty();
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
            @ForAll @IntRange(min = 2, max = 5) int mostGroups) {
        Meter meter = Meter.of(units, 8);
        ReadingFilter wish = new ReadingFilter(
                OptionalInt.of(first), OptionalInt.of(last), mostGroups, Set.of(2, 3, 4), Optional.empty());
        List<List<Integer>> asked = Readings.of(meter, wish)
                .map(reading -> reading.grouping().sizes())
                .distinct()
                .toList();
        List<List<Integer>> lookedThrough = Readings.of(meter, ReadingFilter.ANY)
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
        List<List<Integer>> found = Readings.of(Meter.of(11, 8), wish)
                .map(reading -> reading.grouping().sizes())
                .distinct()
                .toList();
        assertThat(found).contains(List.of(2, 2, 3, 2, 2)).doesNotContain(List.of(3, 3, 3, 2), List.of(2, 3, 2, 2, 2));
    }
}
