package nimblestride.core.notation.score;

import static org.assertj.core.api.Assertions.assertThat;

import nimblestride.core.language.text.Examples;
import nimblestride.core.notation.score.ScoreStyle.Lengths;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Checks how durations are spelled against common practice for drum charts. */
class SpellingTest {
    @ParameterizedTest(name = "{0} with {1}")
    @CsvSource(
            delimiter = ';',
            value = {
                // bars; layer; hands' part
                "4/4; snare every 1/4; 4 4 4 4",
                "4/4; snare every 1/8; (8 8) (8 8) (8 8) (8 8)",
                "4/4; snare every 1/2; 4 r4 4 r4",
                "4/4; snare every 1/1; 4 r4 r2",
                "4/4; snare every 1/4 from 3/4 reset bar; r2 r4 4",
                "7/8(3+2+2); snare every 1/8; (8 8 8) (8 8) (8 8)",
                "7/8(2+2+3); snare every 1/16; (16 16 16 16) (16 16 16 16) (16 16 16 16 16 16)",
                "11/8(3+3+3+2); snare cell X..x.g of 1/16; (8. 8 16) (8. 8 16) (8. 8 16) (8. 16)",
                "4/4; snare every 3/16; (8. 16) r8 8 r16 8. (8. 16)",
                "4/4; snare every 1/12; 3[(8 8 8)] 3[(8 8 8)] 3[(8 8 8)] 3[(8 8 8)]",
                "4/4; snare every 1/6; 3[4 4 4] 3[4 4 4]",
                "5/4(3+2); snare every 1/12; 3[(8 8 8] 3[8 8 8] 3[8 8 8)] 3[(8 8 8] 3[8 8 8)]",
                "4/4; snare 3 over bar; 3[2 2 2]",
                "4/4; snare 5 over bar; 5[4 4 4 4 4]",
                "2/4; snare 7 over bar; 7[(8 8 8 8 8 8 8)]",
                "9/8; snare 5 over bar; 5:3[4. 4. 4. 4. 4.]",
                "3/8; snare 5 over bar; 5:3[(8 8 8 8 8)]",
                "3/8; snare 4 over bar; (16. 16. 16. 16.)",
                "6/8; snare every 3/16; (8. 8.) (8. 8.)",
                "1/4; snare every 1/24; 6[(16 16 16 16 16 16)]",
                "3/20; snare every 1/20; 5[(16 16 16)]",
                "2/4+3/20; snare every 1/20; 5[(16 16 16 16 16)] 5[(16 16 16 16 16)] 5[(16 16 16)]",
                "5/12; snare every 1/12; 3[(8 8 8)] 3[(8 8)]",
                "3/8; snare every 1/24; 3[(16 16 16] 3[16 16 16] 3[16 16 16)]",
                "5/8(3+2); snare cell x..x.x.... of 1/16; (8. 8 16) r4",
                "4/4; snare cell xx.x..x.xx...... of 1/16; (16 8 16) r8 8 (16 8.) r4",
                "4/4(4); snare every 3/8; 4. 8 r4 4",
                "4/4(4); snare every 1/2; 4 r4 4 r4",
                "7/8(4+3); snare every 7/8; 4 r4 r4.",
                "6/8; snare every 3/8; 4. 4.",
                "3/2(1+1+1); snare every 1/2; 2 2 2",
                "7/8(3+2+2); snare every 1/12; 3[(8 8 8] 3[8 16)] 3[r16 (8 8 16)] 3[r16 (8 8 16)]",
                "19/16(5+5+5+4); snare every 1/4; 4 16 r8 r16 8 r8 8. r16 8.",
                "4/4; snare every 2/15; 15[4 4 4 4 4 4 4 8]",
                "4/4; snare cell x...x..... of 1/40; 5[(8 8.)] 5[(8 8.)] 5[(8 8.)] 5[(8 8.)]",
            })
    void spells(String bars, String layer, String expected) {
        String found = Shorthand.hands(ScoreWriter.write(Examples.exercise(bars, layer), ScoreStyle.DEFAULT));
        assertThat(found).as(bars + " " + layer).isEqualTo(expected);
    }

    @Test
    void tiesWhereNotesAreHeld() {
        var held = ScoreStyle.DEFAULT.with(Lengths.HELD);
        assertThat(Shorthand.hands(ScoreWriter.write(Examples.exercise("7/8(3+2+2) x2", "snare every 3/8"), held)))
                .isEqualTo("4. 4 (~8 8) | ~4 8 ~4 4");
    }
}
