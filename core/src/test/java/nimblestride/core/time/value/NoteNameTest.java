package nimblestride.core.time.value;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Names of note values as they are said (common practice). */
class NoteNameTest {
    @ParameterizedTest
    @CsvSource({
        "1/8, an eighth, eighth, eighths",
        "3/16, a dotted eighth, dotted eighth, dotted eighths",
        "1/2, a half, half, halves",
        "3/4, a dotted half, dotted half, dotted halves",
        "1/12, a triplet eighth, triplet eighth, triplet eighths",
        "1/20, a quintuplet sixteenth, quintuplet sixteenth, quintuplet sixteenths",
        "7/16, a double-dotted quarter, double-dotted quarter, double-dotted quarters",
        "5/16, 5 sixteenths, 5/16, notes of 5/16",
        "1, 1 whole note, whole note, whole notes",
        "3, 3 whole notes, 3 whole notes, notes of 3",
    })
    void oneEachAndManyAreSaid(String value, String one, String each, String many) {
        NoteValue length = NoteValue.parse(value);
        assertThat(NoteName.one(length)).isEqualTo(one);
        assertThat(NoteName.each(length)).isEqualTo(each);
        assertThat(NoteName.sayMany(length)).isEqualTo(many);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 4, 8, 16, 32, 64})
    void whatIsSaidIsReadAgain(long under) {
        NoteValue plain = NoteValue.of(1, under);
        for (NoteValue value : new NoteValue[] {
            plain,
            plain.times(3).dividedBy(2),
            plain.times(7).dividedBy(4),
            plain.times(2).dividedBy(3),
            plain.times(4).dividedBy(5),
            plain.times(4).dividedBy(7)
        }) {
            String name = NoteName.of(value).orElseThrow();
            assertThat(NoteName.read(name)).contains(value);
            assertThat(NoteName.read("  " + name.toUpperCase(java.util.Locale.ROOT) + "  NOTE "))
                    .contains(value);
            assertThat(NoteName.read(NoteName.sayMany(value))).contains(value);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "eight", "dotted", "dotted dotted eighth", "thirty third", "notes", "5/16"})
    void whatIsNoNameIsNotRead(String text) {
        assertThat(NoteName.read(text)).isEmpty();
    }
}
