package nimblestride.core.practice.students;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import nimblestride.core.foundation.failure.InvalidValueException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LessonTimeTest {
    @ParameterizedTest
    @CsvSource({
        "Tue 4:30 PM, Tuesday 4:30 PM",
        "tuesdays 16:30, Tuesday 4:30 PM",
        "' wed. 9 am', Wednesday 9:00 AM",
        "Sun 12:05 AM, Sunday 12:05 AM",
        "Sun 12 p.m., Sunday 12:00 PM",
        "thu 0:00, Thursday 12:00 AM",
        "Fri 23.59, Friday 11:59 PM"
    })
    void aDayAndATimeAreReadAsPeopleWriteThem(String typed, String said) {
        LessonTime time = LessonTime.parse(typed);
        assertThat(time).hasToString(said);
        assertThat(LessonTime.parse(time.toString())).isEqualTo(time);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"", "Tue", "4:30 PM", "Someday 4:30", "Tue 24:00", "Tue 13 PM", "Tue 0 AM", "Tue 4:60", "Tu 4"})
    void whatIsNoDayAndTimeIsRefused(String typed) {
        assertThatThrownBy(() -> LessonTime.parse(typed))
                .isInstanceOf(InvalidValueException.class)
                .hasMessageContaining("I can't read \"" + typed + "\"")
                .hasMessageContaining("Try a day and a time, such as Tue 4:30 PM");
    }

    @Test
    void lessonsAreInTheOrderOfTheWeek() {
        LessonTime early = LessonTime.parse("Mon 9:00");
        LessonTime late = LessonTime.parse("Mon 17:00");
        assertThat(early).isLessThan(late);
        assertThat(LessonTime.parse("Tue 8:00")).isGreaterThan(late);
        assertThat(late.clock()).isEqualTo("5:00 PM");
        assertThat(late.isOn(LocalDate.of(2026, 11, 30))).isTrue();
        assertThat(late.isOn(LocalDate.of(2026, 12, 1))).isFalse();
    }
}
