package nimblestride.core.foundation.words;

import static org.assertj.core.api.Assertions.assertThat;

import org.apache.commons.numbers.fraction.BigFraction;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpokenDurationTest {
    @ParameterizedTest
    @CsvSource({
        "14, 5, 2.8 s",
        "10, 1, 10 s",
        "9, 1, 9 s",
        "341, 10, 34 s",
        "120, 1, 2 min",
        "125, 1, 2 min 5 s",
        "7200, 1, about 2 hours",
        "86400, 1, about 1 day",
        "315576000, 1, about 10 years",
        "1000000000000000, 1, 'about 31,688,088 years'"
    })
    void saysADurationAsAPlayerDoes(long seconds, long parts, String said) {
        assertThat(SpokenDuration.of(BigFraction.of(seconds, parts))).isEqualTo(said);
    }
}
