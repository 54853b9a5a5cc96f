package nimblestride.core.practice.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.practice.care.NoiseExposure.Exposure;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CareTest {
    /** NIOSH publication 98-126, table 1-1, in hours, minutes and seconds; quoted from memory. */
    @ParameterizedTest
    @CsvSource({
        "80, 24, 0, 0",
        "82, 16, 0, 0",
        "85, 8, 0, 0",
        "88, 4, 0, 0",
        "91, 2, 0, 0",
        "94, 1, 0, 0",
        "97, 0, 30, 0",
        "100, 0, 15, 0",
        "103, 0, 7, 30",
        "106, 0, 3, 45",
        "109, 0, 1, 53",
        "112, 0, 0, 56",
        "115, 0, 0, 28"
    })
    void theTableIsTheOneThatIsPublished(int decibels, int hours, int minutes, int seconds) {
        double published = hours * 3_600 + minutes * 60 + seconds;
        assertThat(NoiseExposure.at(decibels).seconds()).isEqualTo(published, within(1.0));
    }

    @Test
    void limitsAreSaidAsPeopleSayThem() {
        assertThat(NoiseExposure.table())
                .extracting(NoiseExposure.Limit::said)
                .startsWith("8 h", "4 h", "2 h", "1 h", "30 min", "15 min")
                .contains("7 min 30 s", "3 min 45 s", "1 min 52 s", "56 s", "28 s");
        // A limit that is printed is never longer than it is.
        assertThat(NoiseExposure.at(86).said()).isEqualTo("6 h 20 min 58 s");
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> NoiseExposure.at(141));
        assertThat(Cautions.all()).anyMatch(text -> text.contains("hearing")).anyMatch(text -> text.contains("doctor"));
    }

    /** NIOSH 98-126: the parts of a day's limits add up, and 1 is the limit. */
    @Test
    void dosesAddUp() {
        assertThat(NoiseExposure.dose(List.of(new Exposure(91, 3_600), new Exposure(97, 900))))
                .isEqualTo(1, within(1e-9));
        assertThat(NoiseExposure.dose(
                        List.of(new Exposure(88, 7_200), new Exposure(88, 7_200), new Exposure(100, 450))))
                .isEqualTo(1.5, within(1e-9));
        assertThat(NoiseExposure.dose(List.of())).isZero();
    }

    @Test
    void aRestIsDueOnceEachTimeItsMinutesHaveBeenPlayed() {
        assertThat(BreakSchedule.DEFAULT.isDue(0, 1_799)).isFalse();
        assertThat(BreakSchedule.DEFAULT.isDue(1_799, 1_800)).isTrue();
        assertThat(BreakSchedule.DEFAULT.isDue(1_800, 3_599)).isFalse();
        assertThat(BreakSchedule.NEVER.isDue(0, 100_000)).isFalse();
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> new BreakSchedule(2));
    }
}
