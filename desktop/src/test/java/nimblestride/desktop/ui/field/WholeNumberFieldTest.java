package nimblestride.desktop.ui.field;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.function.Function;
import nimblestride.core.foundation.failure.StrideException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class WholeNumberFieldTest {
    private static final Function<String, Integer> MINUTES = WholeNumberField.reader(-5, 240, "minutes");

    @ParameterizedTest
    @CsvSource({"-5, -5", "' 20 ', 20", "240, 240", "\u22123, -3", "007, 7", "+8, 8"})
    void readsANumberWithinItsLimits(String text, int number) {
        assertThat(MINUTES.apply(text)).isEqualTo(number);
    }

    @ParameterizedTest
    @ValueSource(strings = {"-6", "241", "", " ", "2.5", "1e2", "twenty", "99999999999", "5 6"})
    void saysWhatWasReadAndWhatIsExpected(String text) {
        assertThatThrownBy(() -> MINUTES.apply(text))
                .isInstanceOf(StrideException.class)
                .hasMessage("I can't read \"" + text.strip() + "\". Type minutes from -5 to 240");
    }

    @Test
    void largeLimitsAreGroupedAsInPrint() {
        assertThatThrownBy(() -> WholeNumberField.reader(1, 20_000, "bars").apply("0"))
                .hasMessage("I can't read \"0\". Type bars from 1 to 20,000");
    }
}
