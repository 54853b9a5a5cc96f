package nimblestride.core.time.value;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CommonNoteTest {
    @ParameterizedTest
    @CsvSource({
        "49/16, 5/16, 49 sixteenths",
        "3/4, 3/2, 3 quarters",
        "1/8, 1/4, 1 eighth",
        "5/6, 1/12, 10 triplet eighths",
        "2, 4, 2 whole notes",
        "7/44, 7/44, 7/44",
        "1/2, 1/2, 1 half",
        "3/2, 1/2, 3 halves"
    })
    void countsALengthInTheLongestNoteThatMeasuresBoth(String length, String other, String said) {
        NoteValue value = NoteValue.parse(length);
        assertThat(CommonNote.of(List.of(value, NoteValue.parse(other))).say(value))
                .isEqualTo(said);
    }

    @ParameterizedTest
    @CsvSource({"22, 3/16, 22 × 3 sixteenths", "4, 1/16, 4 sixteenths", "1, 5/16, 5 sixteenths"})
    void repeatsALength(long times, String length, String said) {
        CommonNote sixteenths = new CommonNote(NoteValue.SIXTEENTH);
        assertThat(sixteenths.times(times, NoteValue.parse(length))).isEqualTo(said);
    }

    /** Whatever the lengths: both are whole numbers of the note, and no longer plain note measures both. */
    @Property
    void theNoteMeasuresEveryLength(
            @ForAll @IntRange(min = 1, max = 200) int one,
            @ForAll @IntRange(min = 1, max = 64) int under,
            @ForAll @IntRange(min = 1, max = 200) int other,
            @ForAll @IntRange(min = 1, max = 64) int otherUnder) {
        NoteValue first = NoteValue.of(one, under);
        NoteValue second = NoteValue.of(other, otherUnder);
        NoteValue note = CommonNote.of(List.of(first, second)).note();
        assertThat(first.isMultipleOf(note)).isTrue();
        assertThat(second.isMultipleOf(note)).isTrue();
        for (long longer = 1; longer < note.denominator(); longer++) {
            NoteValue plain = NoteValue.of(1, longer);
            assertThat(first.isMultipleOf(plain) && second.isMultipleOf(plain)).isFalse();
        }
    }
}
