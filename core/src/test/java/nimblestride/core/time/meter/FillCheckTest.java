package nimblestride.core.time.meter;

import static nimblestride.core.language.text.Examples.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FillCheckTest {
    /** The slip that is made most: the right number over the wrong value. Worked by hand. */
    @ParameterizedTest
    @CsvSource({
        "22, 1/16, 11/4, false, 11/8, 2, 1/8",
        "14, 1/16, 7/8, true, 7/8, 1, 1/16",
        "7, 1/8, 7/4, false, 7/8, 2, 1/4",
        "10, 1/12, 5/4, false, 10/12, -1, 1/8",
        "12, 1/16, 6/8, true, 3/4, 1, 1/16",
        "16, 1/4, 4/4, false, 16/4, -1, 1/16"
    })
    void saysWhatAPatternFills(
            int count, String unit, String named, boolean fills, String filled, long times, String meant) {
        FillCheck check = new FillCheck(count, value(unit), value(named));
        assertThat(check.fills()).isEqualTo(fills);
        assertThat(check.filled().map(Meter::length)).contains(check.length());
        assertThat(check.filled().map(Meter::length)).contains(value(filled));
        assertThat(check.timesIntoBar().orElse(-1)).isEqualTo(times);
        assertThat(check.unitMeant()).isEqualTo(value(meant));
    }

    @Property
    void theBarItFillsIsAlwaysAsLongAsThePattern(
            @ForAll @IntRange(min = 1, max = 400) int count,
            @ForAll @IntRange(min = 1, max = 96) int under,
            @ForAll @IntRange(min = 1, max = 40) int named) {
        FillCheck check = new FillCheck(count, NoteValue.of(1, under), NoteValue.of(named, 8));
        assertThat(check.filled()).map(Meter::length).contains(check.length());
        assertThat(check.unitMeant().times(count)).isEqualTo(NoteValue.of(named, 8));
        check.timesIntoBar()
                .ifPresent(times -> assertThat(check.length().times(times)).isEqualTo(NoteValue.of(named, 8)));
    }

    @Test
    void refusesWhatHasNoLength() {
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> new FillCheck(0, value("1/16"), value("1")));
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> new FillCheck(1, NoteValue.ZERO, value("1")));
    }
}
