package nimblestride.core.kit.sticking;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.language.text.StickingText;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * The Percussive Arts Society's International Drum Rudiments (1984), quoted from memory: hands, how long each stroke
 * lasts until the next one, and grace notes (f for a flam, d for a drag, : for a double in time, z for a buzz). Decision 26
 * says what is not certain.
 */
class RudimentTest {
    /** Lengths are in the note value after the slash, separated by spaces where they differ. */
    @ParameterizedTest
    @CsvSource({
        "single stroke roll,       RLRLRLRL,   1 1 1 1 1 1 1 1, 16",
        "single stroke four,       RLRLLRLR,   1 1 1 3 1 1 1 3, 24",
        "single stroke seven,      RLRLRLRLRLRLRL, 1 1 1 1 1 1 6 1 1 1 1 1 1 6, 24",
        "multiple bounce roll,     RzLzRzLz,   1 1 1 1, 8",
        "triple stroke roll,       RRRLLL,     1 1 1 1 1 1, 12",
        "double stroke open roll,  RRLLRRLL,   1 1 1 1 1 1 1 1, 32",
        "five stroke roll,         RRLLRLLRRL, 1 1 1 1 4 1 1 1 1 4, 32",
        "six stroke roll,          RLLRRL,     4 1 1 1 1 4, 32",
        "seven stroke roll,        RRLLRRL,    1 1 1 1 1 1 2, 32",
        "nine stroke roll,         RRLLRRLLRLLRRLLRRL, 1 1 1 1 1 1 1 1 8 1 1 1 1 1 1 1 1 8, 32",
        "ten stroke roll,          RRLLRRLLRL, 1 1 1 1 1 1 1 1 4 4, 32",
        "eleven stroke roll,       RRLLRRLLRRL, 1 1 1 1 1 1 1 1 1 1 6, 32",
        "fifteen stroke roll,      RRLLRRLLRRLLRRL, 1 1 1 1 1 1 1 1 1 1 1 1 1 1 2, 32",
        "paradiddle,               RLRRLRLL,   1 1 1 1 1 1 1 1, 16",
        "double paradiddle,        RLRLRRLRLRLL, 1 1 1 1 1 1 1 1 1 1 1 1, 16",
        "triple paradiddle,        RLRLRLRRLRLRLRLL, 1 1 1 1 1 1 1 1 1 1 1 1 1 1 1 1, 16",
        "single paradiddle-diddle, RLRRLL,     1 1 1 1 1 1, 16",
        "flam,                     fRfL,       1 1, 4",
        "flam accent,              fRLRfLRL,   1 1 1 1 1 1, 8",
        "Flam Tap,                 fRRfLL,     1 1 1 1, 16",
        "flamacue,                 fRLRLfRfLRLRfL, 1 1 1 1 4 1 1 1 1 4, 16",
        "flam paradiddle,          fRLRRfLRLL, 1 1 1 1 1 1 1 1, 16",
        "flammed mill,             fRRLRfLLRL, 1 1 1 1 1 1 1 1, 16",
        "flam paradiddle-diddle,   fRLRRLLfLRLLRR, 1 1 1 1 1 1 1 1 1 1 1 1, 16",
        "pataflafla,               fRLRfL,     1 1 1 1, 16",
        "swiss army triplet,       fRRL,       1 1 1, 12",
        "inverted flam tap,        fRLfLR,     1 1 1 1, 16",
        "flam drag,                fRL:RfLR:L, 1 1 1 1 1 1, 8",
        "drag,                     dRdL,       1 1, 4",
        "single drag tap,          dRLdLR,     1 1 1 1, 8",
        "double drag tap,          dRdRLdLdLR, 1 1 1 1 1 1, 8",
        "lesson 25,                dRLR,       1 1 2, 16",
        "single dragadiddle,       R:LRRL:RLL, 1 1 1 1 1 1 1 1, 16",
        "drag paradiddle 1,        RdRLRRLdLRLL, 2 1 1 1 1 2 1 1 1 1, 16",
        "drag paradiddle 2,        RdRdRLRRLdLdLRLL, 2 2 1 1 1 1 2 2 1 1 1 1, 16",
        "single ratamacue,         dRLRLdLRLR, 1 1 1 3 1 1 1 3, 12",
        "double ratamacue,         dRdRLRLdLdLRLR, 3 1 1 1 3 3 1 1 1 3, 12",
        "triple ratamacue,         dRdRdRLRLdLdLdLRLR, 3 3 1 1 1 3 3 3 1 1 1 3, 12",
    })
    void eachHasItsHandsAndItsRhythm(String name, String hands, String lengths, int step) {
        Rudiment rudiment = Rudiment.named(name).orElseThrow();
        Sticking sticking = StickingText.read(rudiment.sticking());
        assertThat(sticking.strokes().stream().map(RudimentTest::sign).collect(Collectors.joining()))
                .isEqualTo(hands);
        assertThat(lengths(sticking)).isEqualTo(lengths);
        assertThat(rudiment.step()).isEqualTo(NoteValue.of(1, step));
    }

    private static String sign(Stroke stroke) {
        String hand = String.valueOf(stroke.limb().orElseThrow().letter());
        return switch (stroke.ornament()) {
            case FLAM -> "f" + hand;
            case DRAG -> "d" + hand;
            case DOUBLED -> hand + ":";
            case BUZZ -> hand + "z";
            default -> hand;
        };
    }

    private static String lengths(Sticking sticking) {
        List<Integer> lengths = new ArrayList<>();
        for (Optional<Stroke> step : sticking.steps()) {
            if (step.isPresent()) {
                lengths.add(1);
            } else {
                lengths.set(lengths.size() - 1, lengths.get(lengths.size() - 1) + 1);
            }
        }
        return lengths.stream().map(String::valueOf).collect(Collectors.joining(" "));
    }

    /** Strokes are counted by their names. */
    @ParameterizedTest
    @CsvSource({
        "five, 5",
        "six, 6",
        "seven, 7",
        "nine, 9",
        "ten, 10",
        "eleven, 11",
        "thirteen, 13",
        "fifteen, 15",
        "seventeen, 17"
    })
    void aRollHasAsManyStrokesAsItsNameSaysAndEndsOnAnAccentedTap(String number, int strokes) {
        Sticking sticking = StickingText.read(
                Rudiment.named(number + " stroke roll").orElseThrow().sticking());
        List<Stroke> all = sticking.strokes();
        assertThat(all.get(strokes - 1).level().isAccent()).isTrue();
        assertThat(all).allMatch(stroke -> stroke.ornament() == Ornament.NONE);
        // It is written with both leads where it ends on the hand that led.
        boolean endsOnLead = all.get(strokes - 1).limb().equals(all.get(0).limb());
        assertThat(all).hasSize(endsOnLead ? 2 * strokes : strokes);
    }

    @Test
    void thereAreFortyAndEachFillsWholeBeats() {
        assertThat(Rudiment.all()).hasSize(40);
        assertThat(Rudiment.all().stream().map(Rudiment::name)).doesNotHaveDuplicates();
        assertThat(Rudiment.all()).allSatisfy(rudiment -> {
            int steps = StickingText.read(rudiment.sticking()).length();
            for (NoteValue beat : List.of(NoteValue.QUARTER, NoteValue.of(3, 8))) {
                NoteValue placed = rudiment.step().times(steps).times(rudiment.timesToFill(steps, beat));
                assertThat(placed.isMultipleOf(beat)).isTrue();
                // No more often than it takes.
                assertThat(rudiment.timesToFill(steps, beat)).isBetween(1, 3);
            }
        });
    }
}
