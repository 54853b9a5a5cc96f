package nimblestride.core.time.reading;

import static nimblestride.core.language.text.Examples.cell;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Grouping;
import nimblestride.core.time.meter.Meter;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BarListWordsTest {
    private static List<Meter> bars(String text) {
        return Arrays.stream(text.split(" ", -1))
                .map(bar -> bar.split("/", -1))
                .map(bar -> Meter.of(Integer.parseInt(bar[0]), Integer.parseInt(bar[1])))
                .toList();
    }

    /** A fourth of a bar that everybody knows is a little more; anything longer is a bar beside it. */
    @ParameterizedTest
    @CsvSource({
        "4/4 1/4, 4/4 with a quarter added, close to a familiar bar",
        "4/4 4/4 1/8, 2 × 4/4 with an eighth added, close to a familiar bar",
        "12/8 3/8, 12/8 with a dotted quarter added, close to a familiar bar",
        "4/4 5/16, 4/4 + 5/16, bars you know",
        "4/4 3/4 1/8, 4/4 + 3/4 + 1/8, bars you know",
        "7/8 1/8, 7/8 + 1/8, bars you know",
        "3/4 3/4 2/4, 2 × 3/4 + 2/4, bars you know",
        "2/4 3/4 3/4, 2/4 + 2 × 3/4, bars you know"
    })
    void aListIsAFamiliarBarAndMoreOrBarsSideBySide(String list, String words, String approach) {
        assertThat(BarListWords.of(bars(list))).isEqualTo(words);
        assertThat(BarListWords.approach(bars(list)).title()).isEqualTo(approach);
    }

    @Test
    void approachesHaveNamesInAReport() {
        assertThat(Stream.of(ReadingApproach.values()).map(ReadingApproach::key).collect(Collectors.joining(" ")))
                .isEqualTo("twos-threes paired-bars familiar cells");
    }

    /** A bar grouped as an easy reading has that reading's name, and another one that of its groups, six runs at the most. */
    @ParameterizedTest
    @CsvSource({
        "15, 3+2+3+2+3+2, 3 × 5/8",
        "12, 2+4+2+4, 'one 2, then one 4, then one 2, then one 4'",
        "15, 1+2+1+2+1+2+6, 'one 1, then one 2, then one 1, then one 2, then one 1, then one 2, and so on'"
    })
    void aGroupingHasTheNameOfItsReading(int eighths, String groups, String name) {
        assertThat(Readings.nameOf(new Bar(Meter.of(eighths, 8), new Grouping(cell(groups)))))
                .isEqualTo(name);
    }

    /** The ways to write 7/8 as bars, the first and the others; checked by hand. */
    @Test
    void aReadingCanBeWrittenInOtherWays() {
        Reading first =
                Readings.of(Meter.of(7, 8), ReadingFilter.ANY).findFirst().orElseThrow();
        assertThat(first.writtenAs()).isEqualTo(bars("7/8"));
        assertThat(first.alsoWrittenAs()).containsExactly(bars("2/4 3/8"), bars("1/4 5/8"), bars("1/4 1/4 3/8"));
    }
}
