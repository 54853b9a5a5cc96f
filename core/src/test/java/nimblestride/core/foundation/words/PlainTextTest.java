package nimblestride.core.foundation.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import nimblestride.core.foundation.failure.InvalidValueException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlainTextTest {
    @ParameterizedTest
    @CsvSource({
        "Weir Steps, Weir Steps",
        "'a\u001b[31mb', 'a [31mb'",
        "'c1\u009b5m', 'c1 5m'",
        "'no\ufffecharacter', 'no character'",
        "'drum \ud83e\udd41', 'drum \ud83e\udd41'",
        "'two\nlines', 'two\nlines'"
    })
    void signsThatNobodySeesBecomeSpaces(String given, String plain) {
        assertThat(PlainText.of(given)).isEqualTo(plain);
    }

    @Test
    void halfAPairIsNoCharacter() {
        assertThat(PlainText.of("a" + (char) 0xD83E + "b")).isEqualTo("a b");
    }

    @Test
    void aNameIsSeenOrTheProgramSaysUnnamed() {
        assertThat(PlainText.name("a student", "Wren", 5)).isEqualTo("Wren");
        assertThat(PlainText.name("a student", "A\nB", 5)).isEqualTo("A B");
        assertThat(PlainText.name("a student", "\u00a0\u00a0", 5)).isEqualTo("Unnamed");
        assertThat(PlainText.name("a student", "\u200b", 5)).isEqualTo("Unnamed");
        for (String none : new String[] {"", "   ", "123456"}) {
            assertThatExceptionOfType(InvalidValueException.class)
                    .isThrownBy(() -> PlainText.name("a student", none, 5))
                    .withMessage("a student needs a name of 1 to 5 characters");
        }
    }
}
