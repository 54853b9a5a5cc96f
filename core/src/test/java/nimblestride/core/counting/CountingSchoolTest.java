package nimblestride.core.counting;

import static nimblestride.core.text.Examples.bars;
import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import nimblestride.core.meter.Bar;
import nimblestride.core.meter.Meter;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CountingSchoolTest {
    /** Common practice for each school. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "BEATS           | 9/16        | 1 e & a 2 e & a 3",
                "BEATS           | 7/8         | 1 2 3 4 5 6 7",
                "BEATS           | 4/4+1/12    | 1 trip let 2 trip let 3 trip let 4 trip let 5",
                "STRAIGHT        | 9/16        | 1 2 3 4 5 6 7 8 9",
                "GROUPS          | 11/8(3+3+3+2) | 1 2 3 1 2 3 1 2 3 1 2",
                "GROUP_SYLLABLES | 7/8(2+2+3)  | 1 & 2 & 3 la li",
                "GROUP_SYLLABLES | 9/16(4+5)   | 1 e & a 2 2 3 4 5",
                "SPOKEN          | 7/8(2+2+3)  | ta ka ta ka ta ki ta",
                "SPOKEN          | 5/8(5)      | ta di gi na tom",
                "SPOKEN          | 13/16(13)   | ta ka di mi ta ka di mi ta di gi na tom"
            })
    void countsABar(CountingSchool school, String bar, String count) {
        assertThat(String.join(" ", school.count(bars(bar).bars().get(0)))).isEqualTo(count);
    }

    @Property
    void everySchoolHasASyllableForEveryUnit(
            @ForAll CountingSchool school,
            @ForAll @IntRange(min = 1, max = 200) int numerator,
            @ForAll @IntRange(min = 1, max = 40) int denominator) {
        Bar bar = Bar.of(Meter.of(numerator, denominator));
        assertThat(school.count(bar)).hasSize(bar.meter().units()).noneMatch(String::isBlank);
    }
}
