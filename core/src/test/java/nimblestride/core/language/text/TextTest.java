package nimblestride.core.language.text;

import static nimblestride.core.language.text.Examples.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.Tempo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TextTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "10/8(3+3+2+2) x2, 9/16        | 10/8 x2, 9/16",
                "11/8 ( 3 + 3 + 2 + 3 )×2,9/16 | 11/8(3+3+2+3) x2, 9/16",
                "[7/16, 5/8] x3                | [7/16, 5/8] x3",
                "[7/16 x2] X3, [4/4]           | 7/16 x2 x3, 4/4",
                "3+3+2/8, 4/4+1/12(3+3+3+3+1)  | 3+3+2/8, 4/4+1/12",
                "[4/4, [7/8, 5/8] x2] x2       | [4/4, [7/8, 5/8] x2] x2",
                "4/4 x1                        | 4/4"
            })
    void barsAreWrittenAsTheyWouldBeTyped(String typed, String written) {
        Phrase phrase = BarsText.read(typed);
        assertThat(BarsText.write(phrase).replace("[7/16 x2] x3", "7/16 x2 x3")).isEqualTo(written);
    }

    @Provide
    Arbitrary<String> barsText() {
        Arbitrary<String> bar = Combinators.combine(
                        Arbitraries.integers().between(1, 40), Arbitraries.of(1, 2, 4, 8, 12, 16, 20))
                .as((n, d) -> n + "/" + d);
        Arbitrary<String> sum = Combinators.combine(bar, bar).as((a, b) -> a + "+" + b);
        Arbitrary<String> additive = Combinators.combine(
                        Arbitraries.integers().between(1, 5).list().ofMinSize(1).ofMaxSize(5), Arbitraries.of(4, 8, 16))
                .as((ns, d) -> String.join("+", ns.stream().map(String::valueOf).toList()) + "/" + d);
        Arbitrary<String> one = Arbitraries.oneOf(bar, sum, additive);
        Arbitrary<String> repeated =
                Combinators.combine(one, Arbitraries.integers().between(2, 5)).as((b, k) -> b + " x" + k);
        Arbitrary<String> bracketed = Combinators.combine(
                        Arbitraries.oneOf(one, repeated).list().ofMinSize(1).ofMaxSize(3),
                        Arbitraries.integers().between(1, 4))
                .as((bs, k) -> "[" + String.join(", ", bs) + "] x" + k);
        return Arbitraries.oneOf(one, repeated, bracketed)
                .list()
                .ofMinSize(1)
                .ofMaxSize(5)
                .map(parts -> String.join(",", parts));
    }

    @Property
    void readingWhatWasWrittenGivesTheSamePhrase(@ForAll("barsText") String typed) {
        Phrase phrase = BarsText.read(typed);
        assertThat(BarsText.read(BarsText.write(phrase))).isEqualTo(phrase);
    }

    @Property(tries = 3000)
    void anyOtherTextIsAnErrorThatNamesItsPlace(@ForAll("nearlyBars") String typed) {
        try {
            BarsText.read(typed);
        } catch (TextException e) {
            assertThat(e.from()).isBetween(0, typed.length());
            assertThat(e.to()).isGreaterThanOrEqualTo(e.from());
            assertThat(e).hasMessageMatching("(?s)column \\d+: .*[.;].*");
        }
    }

    @Provide
    Arbitrary<String> nearlyBars() {
        return Arbitraries.strings().withChars("0123456789/+()[]x, -kévery").ofMaxLength(24);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "''                | column 1: Nothing typed yet. Try a bar",
                "0/4               | column 1: I can't use \"0/4\": the top number must be 1 or more, as in 7/8",
                "7/0               | column 1: I can't use \"7/0\": the bottom number must be from 1 to 1,000,000, as in 7/8",
                "-7/8              | column 1: I can't read \"-7/8\". Try a bar",
                "7/8, -3/4         | column 6: I can't read \"-3/4\". Try a bar",
                "99999999999/8     | column 1: I can't read \"99999999999\". Try a smaller number, up to 2,147,483,647",
                "20000/8           | column 1: I can't use \"20000/8\": a bar holds up to 10,000 units; this one has 20,000",
                "11/8(3+3)         | column 5: I can't use \"(3+3)\": the groups add up to 6; 11/8 needs 11",
                "11/8(3+0+8)       | column 5: I can't use \"(3+0+8)\": every group needs at least 1 unit",
                "11                | column 3: Something is missing at the end. Try / and the note value",
                "11/8,             | column 6: Something is missing at the end. Try a bar",
                "[7/8              | column 5: Something is missing at the end. Try a comma and another bar, or the closing",
                "7/8 y             | column 5: I can't read \"y\". Try a comma and another bar, or the end",
                "7/8 x0            | column 1: I can't use \"7/8 x0\": repeat 2 or more times, not 0"
            })
    void saysWhereBarsStopMakingSense(String typed, String message) {
        assertThatExceptionOfType(TextException.class)
                .isThrownBy(() -> BarsText.read(typed))
                .withMessageStartingWith(message);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "bass drum every 5/16                | kick every 5/16",
                "Kick every dotted eighth from 1/16  | kick every 3/16 from 1/16",
                "snare 4 over bar reset bar          | snare 4 over bar reset bar",
                "snare 3 OVER 2 bars                 | snare 3 over 2 bars",
                "ride bell 5 over phrase             | ride bell 5 over phrase",
                "cowbell 5 over 9/8 from 1/8 reset phrase | cowbell 5 over 9/8 from 1/8 reset phrase",
                "tom 1 cell x.X g of 1/16 reset never | high tom cell x.Xg of 1/16",
                "kick every 4 triplet eighths        | kick every 1/3",
                "kick cell [x. .x.] x3 X of 1/16     | kick cell [x..x.]x3 X of 1/16",
                "kick cell [[x.]x2 g]x12 of 1/32     | kick cell [[x.]x2 g]x12 of 1/32",
                "kick every 3/16 reset bars 7, 3     | kick every 3/16 reset bars 3 7",
                "kick every 3/16 one every 4 bars from 1/16 | kick every 3/16 from 1/16 one every 4 bars",
                "snare cell x.xx of 1/8 moving note 2 to kick and crash | snare cell x.xx of 1/8 moving note 2 to kick and crash"
            })
    void layersAreWrittenAsTheyWouldBeTyped(String typed, String written) {
        Layer layer = LayerText.read(typed);
        assertThat(LayerText.write(layer)).isEqualTo(written);
        assertThat(LayerText.read(written)).isEqualTo(layer);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "''                       | column 1: Nothing typed yet. Try a voice first",
                "kazoo every 3/16         | column 1: I can't read \"kazoo\". Try a voice: kick, snare, cross-stick, hi-hat, open",
                "kick                     | column 5: Something is missing at the end. Try \"every\" and a value",
                "kick evry 3/16           | column 6: I can't read \"evry\". Try \"every\" and a value",
                "every 3/16               | column 1: I can't read \"every\". Try a voice first",
                "kick every               | column 11: Something is missing at the end. Try a note value",
                "kick every 0             | column 6: I can't use \"every 0\": use a value longer than zero, such as every 3/16",
                "kick every 1/0           | column 12: I can't use \"1/0\": the bottom number must be 1 or more, not 1/0",
                "kick every soon          | column 12: I can't read \"soon\". Try a note value",
                "kick every 99999999999999999999/4 | column 12: I can't read \"99999999999999999999/4\". Try a smaller number",
                "snare -4 over bar        | column 7: I can't use \"-4 over bar\": use 1 to 1,024 notes over a span, not -4",
                "snare 4 ovr bar          | column 9: I can't read \"ovr\". Try \"over\" and a span. For example: snare 4 over bar",
                "snare 4                  | column 7: I can't read \"4\". Try \"every\" and a value, \"4 over bar\"",
                "snare 4 over             | column 13: Something is missing at the end. Try bar, 2 bars, phrase or a value",
                "snare 4 over 0 bars      | column 14: I can't use \"0 bars\": spread notes over 1 bar or more, not 0",
                "kick cell x.q of 1/16    | column 13: I can't read \"q\". Try x (hit), X (accent), g (ghost note), . (rest), or a",
                "kick cell ... of 1/16    | column 6: I can't use \"cell ... of 1/16\": a cell needs at least one hit, such as",
                "kick cell x..            | column 14: Something is missing at the end. Try \"of\"",
                "kick cell [x..]x of 1/16 | column 16: I can't read \"x\". Try x and a repeat count, such as [x..]x4",
                "kick cell [x.. of 1/16   | column 15: I can't read \" \". Try ] and a repeat count, such as [x..]x4",
                "kick cell x]x2 of 1/16   | column 12: I can't read \"]\". Try x (hit), X (accent), g (ghost note), . (rest), or a",
                "kick cell [x]x2000 of 1/16 | column 11: I can't use \"[x]x2000\": brackets repeat 1 to 1,024 times",
                "kick cell [[[x]x99]x99]x99 of 1/16 | column",
                "kick cell [[[[[[[[[x]x1]x1]x1]x1]x1]x1]x1]x1]x1 of 1/16 | column 19: I can't read \"[\". Try at most 8 brackets inside each other",
                "kick every 3/16 reset bars | column 23: I can't use \"bars\": a layer resets at 1 to 1,000 bars of your choice",
                "kick every 3/16 reset bars 0 | column 28: I can't read \"0\". Try a bar number from 1 up",
                "kick every 3/16 one every bars | column 17: I can't read \"one\". Try \"every\" and a number of bars",
                "kick every 3/16 one every 2000 bars | column 17: I can't use \"one every 2000 bars\": play a downbeat every 1 to 1,024 bars,",
                "kick every 3/16 reset now | column 23: I can't read \"now\". Try bar, phrase, never, or bars",
                "kick every 3/16 from 1/8 from 1/4 | column 26: I can't read \"from\". Try \"from\" and an offset"
            })
    void saysWhereALayerStopsMakingSense(String typed, String message) {
        assertThatExceptionOfType(TextException.class)
                .isThrownBy(() -> LayerText.read(typed))
                .withMessageStartingWith(message);
    }

    @Test
    void readsTemposAsPeopleWriteThem() {
        assertThat(TempoText.read("96")).isEqualTo(Tempo.ofQuarters(96));
        assertThat(TempoText.read(" 1/8 = 210 ")).hasToString("1/8=210");
        assertThat(TempoText.read("dotted quarter=84").beat()).isEqualTo(value("3/8"));
        assertThat(TempoText.read("96.5")).hasToString("193/2");
        assertThat(TempoText.read("289/3")).hasToString("289/3");
        assertThat(TempoText.read("1/8=210").quartersPerMinute().intValue()).isEqualTo(105);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "0", "1000", "fast", "-5", "1/8=", "=120", "0=120", "1/0", "1e3", "12345678901"})
    void refusesATempoItCannotKeep(String typed) {
        assertThatExceptionOfType(TextException.class)
                .isThrownBy(() -> TempoText.read(typed))
                .withMessageContaining("For example: ");
    }
}
