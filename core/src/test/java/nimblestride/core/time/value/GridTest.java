package nimblestride.core.time.value;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.List;
import nimblestride.core.foundation.failure.InvalidValueException;
import org.junit.jupiter.api.Test;

class GridTest {
    private static final NoteValue DOTTED_EIGHTH = NoteValue.of(3, 16);

    /** Quarters and dotted eighths lie on sixteenths, whether or not something of no length is among them. */
    @Test
    void itsUnitIsTheLongestThatMeasuresAllLengths() {
        assertThat(Grid.of(NoteValue.QUARTER, DOTTED_EIGHTH).unit()).isEqualTo(NoteValue.SIXTEENTH);
        assertThat(Grid.of(List.of(NoteValue.ZERO, DOTTED_EIGHTH)).unit()).isEqualTo(DOTTED_EIGHTH);
        assertThat(Grid.of(NoteValue.QUARTER).and(Grid.of(DOTTED_EIGHTH)).unit())
                .isEqualTo(NoteValue.SIXTEENTH);
        assertThatExceptionOfType(InvalidValueException.class)
                .isThrownBy(() -> Grid.of(NoteValue.ZERO))
                .withMessage("a grid needs a length longer than zero");
    }

    @Test
    void lengthsAreCountedInItAndBack() {
        Grid grid = Grid.of(NoteValue.SIXTEENTH);
        assertThat(grid.count(NoteValue.of(3, 8))).isEqualTo(6);
        assertThat(grid.value(5)).isEqualTo(NoteValue.of(5, 16));
        assertThatExceptionOfType(InvalidValueException.class)
                .isThrownBy(() -> grid.count(NoteValue.of(1, 24)))
                .withMessage("1/24 is not a whole number of 1/16");
    }

    /** An eighth and a triplet eighth have the twenty-fourth in common. */
    @Test
    void theCommonNoteMeasuresMoreLengthsAsWell() {
        CommonNote eighths = CommonNote.of(List.of(NoteValue.ZERO, NoteValue.QUARTER, NoteValue.of(3, 8)));
        assertThat(eighths.count(NoteValue.WHOLE)).isEqualTo(8);
        assertThat(eighths.and(NoteValue.of(1, 12)).count(NoteValue.EIGHTH)).isEqualTo(3);
    }
}
