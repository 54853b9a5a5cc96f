package nimblestride.core.kit.sticking;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.orchestration.OrchestrationRule;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.language.text.OrchestrationText;
import nimblestride.core.language.text.StickingText;
import nimblestride.core.language.text.TextException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class StickingTest {
    @Provide
    Arbitrary<Sticking> stickings() {
        Arbitrary<Stroke> strokes = Combinators.combine(
                        Arbitraries.of(Dynamic.values()),
                        Arbitraries.of(Ornament.values()),
                        Arbitraries.of(Limb.values()))
                .as((level, ornament, limb) -> new Stroke(level, ornament, Optional.of(limb)));
        return strokes.optional(0.8)
                .list()
                .ofMinSize(1)
                .ofMaxSize(24)
                .filter(steps -> steps.stream().anyMatch(Optional::isPresent))
                .map(Sticking::new);
    }

    @Property(tries = 300)
    void whatIsWrittenIsReadBack(@ForAll("stickings") Sticking sticking) {
        assertThat(StickingText.read(StickingText.write(sticking))).isEqualTo(sticking);
        assertThat(sticking.mirrored().mirrored()).isEqualTo(sticking);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "RLRR|LRLL; R L R R L R L L",
                ">R(L) lR .; >R (L) lR .",
                "F K H -; K K H .",
                "llR rrL lrlR; llR rrL lrlR",
                "R: Lz ^R _L; R: Lz ^R _L",
                "(lR) >rrL; (lR) >rrL"
            })
    void readsAsDrummersWrite(String typed, String written) {
        assertThat(StickingText.write(StickingText.read(typed))).isEqualTo(written);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "R L x R; column 5; Try R or L for a hand",
                "R (L R; column 3; Try one small letter before a stroke",
                "lllllR; column 1; Try one small letter before a stroke",
                "lRz L; column 1; Try one small letter before a stroke",
                ". . -; column 1; at least one stroke",
                "r l; column 1; Try R or L for a hand"
            })
    void saysWhereASignMakesNoSense(String typed, String where, String expected) {
        assertThatThrownBy(() -> StickingText.read(typed))
                .isInstanceOf(TextException.class)
                .hasMessageContaining(where)
                .hasMessageContaining(expected);
    }

    private static String hands(Sticking sticking) {
        return sticking.strokes().stream()
                .map(stroke -> String.valueOf(stroke.limb().orElseThrow().letter()))
                .collect(Collectors.joining());
    }

    static List<Rudiment> rudiments() {
        return Rudiment.all();
    }

    /** Each goes round on its own: what is written can be read, and no hand has more than three strokes in a row. */
    @ParameterizedTest
    @MethodSource("rudiments")
    void everyRudimentCanBePlayed(Rudiment rudiment) {
        Sticking sticking = StickingText.read(rudiment.sticking());
        String once = sticking.steps().stream()
                .map(step -> step.map(stroke ->
                                String.valueOf(stroke.limb().orElseThrow().letter()))
                        .orElse("."))
                .collect(Collectors.joining());
        String round = once + once;
        assertThat(round).doesNotContain("RRRR").doesNotContain("LLLL");
        assertThat(Rudiment.named(rudiment.name())).contains(rudiment);
    }

    @Test
    void makesStickingsFromCellsAndByTurning() {
        assertThat(StickingText.write(Sticking.ofCells(List.of(5, 3), LeadHand.RIGHT)))
                .isEqualTo(">R L R L R >L R L");
        assertThat(StickingText.write(Sticking.alternating(3, LeadHand.LEFT))).isEqualTo("L R L");
        Sticking paradiddle = StickingText.read("R L R R L R L L");
        assertThat(StickingText.write(paradiddle.rotated(1))).isEqualTo("L R R L R L L R");
        assertThat(hands(paradiddle.mirrored())).isEqualTo("LRLLRLRR");
        assertThat(hands(paradiddle.then(paradiddle.mirrored()))).hasSize(16);
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> new Sticking(List.of(Optional.of(Stroke.NORMAL))));
    }

    private static String moved(String sticking, String rules) {
        return OrchestrationRule.voices(StickingText.read(sticking).steps(), Kit.SNARE, OrchestrationText.read(rules))
                .stream()
                .map(voices -> voices.stream().map(Voice::name).collect(Collectors.joining("&")))
                .collect(Collectors.joining(" "));
    }

    @Test
    void rulesMoveNotesRoundTheKit() {
        assertThat(moved("R L R R L R L L", "right singles to floor tom"))
                .isEqualTo("floor tom snare snare snare snare floor tom snare snare");
        assertThat(moved("R L R R", "doubles to ride; accents to crash")).isEqualTo("ride snare ride ride");
        assertThat(moved(">R L R R L L", "notes to ride; doubles to snare; accents to crash and kick"))
                .isEqualTo("crash&kick ride snare snare snare snare");
        assertThat(moved("R L R L R L", "every 3rd note to kick")).isEqualTo("snare snare kick snare snare kick");
        assertThat(moved("R (L) . K H", "ghosts to high tom")).isEqualTo("snare high tom  kick foot hi-hat");
        assertThat(moved("R L", "left notes to cowbell; notes to ride")).isEqualTo("ride ride");
    }

    @Test
    void rulesAreWrittenAndReadBackAndSayWhereTheyMakeNoSense() {
        String rules = "right singles to floor tom; every 12th note to kick; left accents to crash and kick";
        assertThat(OrchestrationText.write(OrchestrationText.read(rules))).isEqualTo(rules);
        assertThat(OrchestrationText.read(" ")).isEmpty();
        assertThatThrownBy(() -> OrchestrationText.read("accents to gong"))
                .hasMessageContaining("column 12")
                .hasMessageContaining("I can't read \"gong\". Try a voice: kick, snare, cross-stick, hi-hat, open");
        assertThatThrownBy(() -> OrchestrationText.read("doubles to snare; triples to ride"))
                .hasMessageContaining("column 19")
                .hasMessageContaining("Try notes, singles");
        assertThatThrownBy(() -> OrchestrationText.read("doubles")).hasMessageContaining("Try \"to\"");
        assertThatThrownBy(() -> OrchestrationText.read("every 1st note to kick"))
                .hasMessageContaining("every 2nd");
    }
}
