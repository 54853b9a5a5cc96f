package nimblestride.core.time.meter;

import static nimblestride.core.language.text.Examples.bars;
import static nimblestride.core.language.text.Examples.exercise;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.stream.Collectors;
import nimblestride.core.exercise.edit.RewriteEdits;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.SwingText;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** That swing begins anew with each stride, and a note left over stays straight, is common practice. */
class SwingTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "4/4;        eighths 2:1;    0 1/8 1/4 3/8; 0 1/6 1/4 5/12",
                "4/4;        eighths 75 %;   1/8 7/8; 3/16 15/16",
                "4/4;        sixteenths 60 %; 1/16 1/8 3/16; 3/40 1/8 1/5",
                // A sixteenth between the swung eighths is carried with them; a triplet keeps its place.
                "4/4;        eighths 2:1;    1/16 3/16 1/12 1/6; 1/12 5/24 1/12 1/6",
                "7/8;        eighths 2:1;    1/8 3/8 5/8 3/4; 1/6 5/12 2/3 3/4",
                "7/8(3+2+2); eighths 2:1;    1/8 1/4 3/8 1/2; 1/6 1/4 3/8 13/24",
                "5/16(3+2);  sixteenths 2:1; 1/16 1/8 1/4; 1/12 1/8 13/48",
                // In later rounds as in the first.
                "5/8;        eighths 2:1;    3/4 21/8; 19/24 8/3",
                "4/4;        quarters 2:1;   1/4; 1/4",
            })
    void theSecondOfTwoComesLater(String bars, String swing, String written, String sounding) {
        Phrase phrase = bars(bars);
        Swing uneven = SwingText.read(swing);
        assertThat(Arrays.stream(written.split(" "))
                        .map(NoteValue::parse)
                        .map(at -> uneven.sounding(phrase, at).toString())
                        .collect(Collectors.joining(" ")))
                .isEqualTo(sounding);
        assertThat(SwingText.write(uneven)).isEqualTo(swing);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "67; eighths 67 %",
                "66.5 %; eighths 133:67",
                "2/1; eighths 2:1",
                "1/16 58 %; sixteenths 58 %",
                "Sixteenth 58%; sixteenths 58 %",
                "STRAIGHT; straight",
                "eighths 50 %; straight",
                "1:1; straight",
            })
    void isReadAsPeopleWriteIt(String typed, String written) {
        assertThat(SwingText.write(SwingText.read(typed))).isEqualTo(written);
        assertThat(SwingText.read(SwingText.write(SwingText.read(typed))).share())
                .isEqualTo(SwingText.read(typed).share());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "eighths 80 %; the long note takes 50 to 75 percent of the pair",
                "eighths 40; the long note takes 50 to 75 percent of the pair",
                "1:0; the long note takes 50 to 75 percent of the pair",
                "0:0; the long note takes 50 to 75 percent of the pair",
                "eighths; Try a note and the share",
                "bananas 60 %; I can't read \"bananas\". Try a note value",
                "''; Try a note and the share",
            })
    void whatCannotBeSwungIsNamed(String typed, String reason) {
        assertThatThrownBy(() -> SwingText.read(typed)).hasMessageContaining(reason);
    }

    @Test
    void doubledValuesSwingAsBefore() {
        Exercise swung = exercise("4/4", "ride every 1/8").withSwing(SwingText.read("eighths 2:1"));
        Exercise doubled = RewriteEdits.doubleValues(swung);
        assertThat(doubled.swing()).isEqualTo(SwingText.read("quarters 2:1"));
        assertThat(RewriteEdits.halveValues(doubled)).isEqualTo(swung);
    }
}
