package nimblestride.core.time.meter;

import static nimblestride.core.language.text.Examples.bars;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BeatsTest {
    /** What the foot taps (common practice; London, Hearing in Time, on unequal beats), and the pulse that stands for it. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "4/4          | 1/4 1/4 1/4 1/4       | 1/4",
                "4/4(2+2)     | 1/4 1/4 1/4 1/4       | 1/4",
                "3/4(3)       | 1/4 1/4 1/4           | 1/4",
                "3/2          | 1/2 1/2 1/2           | 1/2",
                "6/4(3+3)     | 3/4 3/4               | 3/4",
                "6/4(2+2+2)   | 1/4 1/4 1/4 1/4 1/4 1/4 | 1/4",
                "5/4          | 1/4 1/4 1/4 1/4 1/4   | 1/4",
                "12/8         | 3/8 3/8 3/8 3/8       | 3/8",
                "9/16         | 3/16 3/16 3/16        | 3/16",
                "3/8          | 3/8                   | 3/8",
                "7/8          | 1/4 1/4 3/8           | 1/4",
                "7/8(3+2+2)   | 3/8 1/4 1/4           | 1/4",
                "8/8          | 3/8 3/8 1/4           | 1/4",
                "8/8(4+4)     | 1/4 1/4 1/4 1/4       | 1/4",
                "10/8(5+5)    | 3/8 1/4 3/8 1/4       | 1/4",
                "7/8(7)       | 1/4 1/4 3/8           | 1/4",
                "11/8         | 3/8 3/8 3/8 1/4       | 1/4",
                "13/16        | 1/4 1/4 3/16 1/8      | 1/4",
                "16/16        | 1/4 1/4 1/4 1/4       | 1/4",
                "5/16         | 3/16 1/8              | 1/8",
                "4/4+1/16     | 1/4 1/4 1/4 1/4 1/16  | 1/4",
                "6/8(2+2+2)   | 1/4 1/4 1/4           | 1/4",
                "1/8          | 1/8                   | 1/8"
            })
    void theFootTaps(String typed, String lengths, String pulse) {
        Beats beats = bars(typed).bars().get(0).beats();
        List<String> each = new ArrayList<>();
        for (int beat = 0; beat < beats.count(); beat++) {
            each.add(beats.length(beat).toString());
        }
        assertThat(each).isEqualTo(List.of(lengths.split(" ")));
        assertThat(beats.pulse()).isEqualTo(NoteValue.parse(pulse));
    }

    /** A plain walk over the units finds the same beats. */
    @Property(tries = 300)
    void aPlainWalkFindsTheSame(
            @ForAll @Size(min = 1, max = 9) List<@IntRange(min = 1, max = 9) Integer> groups,
            @ForAll @IntRange(min = 1, max = 4) int power) {
        int units = groups.stream().mapToInt(Integer::intValue).sum();
        Bar bar = new Bar(Meter.of(units, 2 << power), new Grouping(groups));
        Beats beats = bar.beats();
        List<NoteValue> starts = beats.starts();
        int beat = -1;
        for (int unit = 0; unit < units; unit++) {
            NoteValue at = bar.meter().unit().times(unit);
            if (starts.contains(at)) {
                beat++;
            }
            assertThat(beats.at(at)).isEqualTo(beat);
            assertThat(beats.at(at.plus(bar.meter().unit().dividedBy(3)))).isEqualTo(beat);
        }
        assertThat(beat).isEqualTo(beats.count() - 1);
        assertThat(beats.even().isPresent())
                .isEqualTo(beats.sizes().stream().distinct().count() == 1);
        assertThat(bar.length()).isEqualTo(starts.get(beat).plus(beats.length(beat)));
    }

    /** Every group boundary of eighths and shorter units is a beat; none is longer than four sixteenths or three units. */
    @Property(tries = 300)
    void groupsStartOnBeats(
            @ForAll @Size(min = 1, max = 9) List<@IntRange(min = 1, max = 9) Integer> groups,
            @ForAll @IntRange(min = 3, max = 6) int power) {
        int units = groups.stream().mapToInt(Integer::intValue).sum();
        Bar bar = new Bar(Meter.of(units, 1 << power), new Grouping(groups));
        Beats beats = bar.beats();
        assertThat(beats.starts()).containsAll(bar.groupStarts());
        assertThat(beats.sizes()).allMatch(size -> size <= (power == 3 ? 3 : 4));
        assertThat(beats.isLong(beats.count() - 1))
                .isEqualTo(beats.sizes().get(beats.count() - 1)
                        > beats.sizes().stream()
                                .mapToInt(Integer::intValue)
                                .min()
                                .orElseThrow());
        assertThat(beats)
                .hasToString(beats.sizes().stream().map(String::valueOf).collect(Collectors.joining("+")));
    }

    /** How a bar typed without parentheses is grouped (common practice; rhythm as players write it). */
    @ParameterizedTest
    @CsvSource({
        "2/4,1+1",
        "3/4,1+1+1",
        "4/4,1+1+1+1",
        "5/4,3+2",
        "6/4,3+3",
        "7/4,2+2+3",
        "8/4,4+4",
        "9/4,3+3+3",
        "10/4,4+4+2",
        "11/4,4+4+3",
        "12/4,3+3+3+3",
        "13/4,4+4+3+2",
        "5/2,3+2",
        "3/8,3",
        "4/8,2+2",
        "5/8,3+2",
        "6/8,3+3",
        "7/8,2+2+3",
        "8/8,3+3+2",
        "9/8,3+3+3",
        "10/8,3+3+2+2",
        "11/8,3+3+3+2",
        "12/8,3+3+3+3",
        "13/8,3+3+3+2+2",
        "14/8,2+2+3+2+2+3",
        "15/8,3+3+3+3+3",
        "5/16,3+2",
        "6/16,3+3",
        "7/16,2+2+3",
        "8/16,4+4",
        "9/16,3+3+3",
        "10/16,4+4+2",
        "11/16,4+4+3",
        "12/16,3+3+3+3",
        "13/16,4+4+3+2",
        "15/16,4+4+4+3",
        "16/16,4+4+4+4",
        "17/16,4+4+4+3+2",
        "19/16,4+4+4+4+3",
        "29/16,4+4+4+4+4+4+3+2",
        "11/32,4+4+3",
        "6/4+5/4,3+3|3+2",
        "3+3+2/8,3+3+2",
        "4/4+1/16,4+4+4+4+1",
        "4/4+1/12,3+3+3+3+1",
        "5/12,3+2",
        "1/8,1"
    })
    void aBarWithoutParenthesesIsGrouped(String typed, String grouping) {
        assertThat(bars(typed).bars().get(0).grouping()).hasToString(grouping);
    }
}
