package nimblestride.core.time.reading;

import static nimblestride.core.language.text.Examples.cell;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReadingEffortTest {
    /** Halves are like quarters, what lies between quarters and eighths like eighths, and twelfths go in threes as those do. */
    @ParameterizedTest
    @CsvSource({
        "1/2, 4 2 2 2 7 7 9 12 15",
        "1/4, 4 2 2 2 7 7 9 12 15",
        "3/16, 7 2 2 5 8 8 10 13 16",
        "1/8, 7 2 2 5 8 8 10 13 16",
        "1/12, 7 2 2 5 8 8 10 13 16",
        "1/16, 5 3 2 2 8 4 10 6 9",
        "1/32, 5 3 2 2 8 4 10 6 9"
    })
    void aStrideCostsByItsSizeAndUnit(String unit, String costs) {
        ReadingEffort effort = ReadingEffort.in(NoteValue.parse(unit));
        assertThat(List.of(1, 2, 3, 4, 5, 6, 7, 8, 9).stream()
                        .map(size -> String.valueOf(effort.ofGroup(size)))
                        .collect(Collectors.joining(" ")))
                .isEqualTo(costs);
    }

    /** A change costs, and an odd one that does not come last costs more. */
    @ParameterizedTest
    @CsvSource({"2+2+2, 6", "2+2+3, 12", "3+2+2, 16", "2+3+2, 26", "2+2+3+3, 14"})
    void stridesCostWhereTheyChange(String groups, long effort) {
        assertThat(ReadingEffort.in(NoteValue.EIGHTH).inOrder(cell(groups))).isEqualTo(effort);
    }

    @ParameterizedTest
    @CsvSource({"4+4, 10", "4+4+4, 12", "5+4, 16", "4+5, 18", "5+4+5, 20", "4+5+5, 22"})
    void cellsCostMoreWhereTheyDifferAndTheLongOneComesLater(String cells, long effort) {
        assertThat(ReadingEffort.ofCells(cell(cells))).isEqualTo(effort);
    }

    @ParameterizedTest
    @CsvSource({"3+2+3, true", "2+3+3+2, true", "2+2+2, false", "2+2+3, false", "3+2, false"})
    void aPalindromeReadsTheSameFromBothEndsAndIsNotAllAlike(String groups, boolean palindrome) {
        assertThat(ReadingEffort.isPalindrome(cell(groups))).isEqualTo(palindrome);
    }
}
