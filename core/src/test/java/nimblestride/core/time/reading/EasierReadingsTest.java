package nimblestride.core.time.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.stream.Collectors;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is easier than its parts: rows with the odd one last, patterns in print, palindromes, and bars that come twice. */
class EasierReadingsTest {
    private static List<ProposedReading> ofStrides(int units, int denominator) {
        return all(new StrideSource(Meter.of(units, denominator)).easierOnes());
    }

    private static List<ProposedReading> ofBars(int eighths) {
        return all(new BarListSource(BarToken.in(NoteValue.EIGHTH, eighths), eighths).easierOnes());
    }

    private static List<ProposedReading> all(Iterator<ProposedReading> readings) {
        List<ProposedReading> all = new ArrayList<>();
        readings.forEachRemaining(all::add);
        return all;
    }

    private static String joined(List<?> parts) {
        return parts.stream().map(String::valueOf).collect(Collectors.joining("+"));
    }

    /**
     * Worked out by hand: a row costs 6 and 1 for each stride, a pattern in print 4 and 2 for each, and a palindrome 7 less
     * than its strides. After fours, one sixteenth may be left over.
     */
    @ParameterizedTest
    @CsvSource({
        "3, 8, ''",
        "4, 8, ''",
        "6, 8, ''",
        "7, 8, 2+2+3=9 2+2+3=10 3+2+2=10 2+3+2=10 2+3+2=19",
        "12, 8, 3+2+3+2+2=14 3+2+2+2+3=19 2+3+2+3+2=43",
        "14, 8, 3+3+3+3+2=11 3+3+2+3+3=19",
        "5, 16, 2+3=8 3+2=8 2+3=8 3+2=8 4+1=8",
        "13, 16, 4+4+4+1=10 2+2+2+2+2+3=12 2+2+2+3+2+2=16 2+2+2+2+2+3=16 2+3+3+3+2=21 3+2+3+2+3=45",
        "41, 8, 3+3+3+3+3+3+3+3+3+3+3+3+3+2=20 2+2+2+2+2+2+2+2+2+2+2+2+2+2+2+2+2+2+2+3=26",
        "42, 8, ''"
    })
    void stridesInAnOrderThatIsEasy(int units, int denominator, String expected) {
        assertThat(ofStrides(units, denominator).stream()
                        .map(one -> joined(one.groups()) + "=" + one.effort())
                        .collect(Collectors.joining(" ")))
                .isEqualTo(expected);
    }

    @Test
    void twelvePalindromesAtTheMost() {
        assertThat(ofStrides(40, 8)).hasSize(12).allMatch(one -> ReadingEffort.isPalindrome(one.groups()));
    }

    /**
     * Worked out by hand: a bar costs 1 for each stride and 2 for each step down from the best known, another bar 4, a change
     * of stride at the bar line 1, and the same bar again 1 only. A frame makes it 3 less; what comes twice costs 1 more.
     */
    @ParameterizedTest
    @CsvSource({
        "6, 1/4+1/4+1/4=8",
        "8, 1/4+1/4+1/4+1/4=19 1/4+2/4+1/4=23 3/8+1/4+3/8=28 3/8+1/8+3/8+1/8=43",
    })
    void barsThatStandAtBothEndsOrComeTwice(int eighths, String expected) {
        assertThat(ofBars(eighths).stream()
                        .map(one -> joined(one.bars()) + "=" + one.effort())
                        .collect(Collectors.joining(" ")))
                .isEqualTo(expected);
    }

    /** Of long lists, six halves come twice; of an odd length none do, nor of one that is too long. */
    @ParameterizedTest
    @CsvSource({"512, 6", "514, 0", "15, 0", "14, 6"})
    void halvesComeTwice(int eighths, int twice) {
        assertThat(ofBars(eighths).stream().map(ProposedReading::bars).filter(bars -> bars.subList(0, bars.size() / 2)
                        .equals(bars.subList(bars.size() / 2, bars.size()))))
                .hasSize(twice);
    }
}
