package nimblestride.core.language.search;

import static nimblestride.core.language.text.Examples.exercise;
import static nimblestride.core.language.text.Examples.then;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class KeywordsTest {
    @Test
    void anExerciseIsFoundByItsMetersGroupingsVoicesAndTechniques() {
        assertThat(Keywords.of(exercise(
                        "11/8(3+3+3+2), 9/16",
                        "kick every 5/16",
                        "snare 4 over bar",
                        "hi-hat cell X.gz of 1/16".replace("z", "."))))
                .contains(
                        "11/8",
                        "elevens",
                        "3+3+3+2",
                        "threes",
                        "9/16",
                        "nines",
                        "mixed",
                        "kick",
                        "polymeter",
                        "polyrhythm",
                        "accents",
                        "ghost notes");
        assertThat(Keywords.of(exercise("4/4", "snare sticking lR rrL of 1/8")))
                .contains("fours", "sticking", "flams", "drags");
        assertThat(Keywords.of(then(exercise("4/4"), "dotted quarter = half", 1, "7/8")))
                .contains("modulation", "sevens");
    }
}
