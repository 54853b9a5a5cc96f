package nimblestride.core.language.text;

import static nimblestride.core.language.text.Examples.bars;
import static nimblestride.core.language.text.Examples.layer;
import static nimblestride.core.language.text.Examples.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.CountingSystem;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.partition.FitQuestion;
import nimblestride.core.time.partition.PartitionConstraints;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The small languages of single fields: what fits, lengths between accents, patterns held against a bar, stickings. */
class SmallLanguagesTest {
    @Test
    void readsWhatIsAskedOfCellsThatFit() {
        FitQuestion asked = FitText.read("5, 3 into 4/4 of 1/16 with each at least once, at most 4,"
                + " starting with 5, ending with 3, alike together, lead hand back");
        assertThat(asked.unit()).isEqualTo(value("1/16"));
        assertThat(asked.filling().length()).isEqualTo(16);
        assertThat(asked.filling().demands())
                .isEqualTo(PartitionConstraints.NONE
                        .eachOnce()
                        .atMost(4)
                        .startingWith(5)
                        .endingWith(3)
                        .together()
                        .handBack());
        assertThat(asked.filling().count()).isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "5,3; Try \"into\"",
                "5,3 into 4/4; Try \"of\"",
                "five into 4/4 of 1/16; column 1",
                "5 into 4/4 of 1/12 with; Try a note value",
                "5 into 7/16 of 1/8; column 13",
                "5 into 9999/1 of 1/16; I can't read \" 9999/1 \". Try a length of up to 20,000 units; this is",
                "5 into 4/4 of 1/16 with luck; column 25",
                "5 into 4/4 of 1/16 with at most 0; 1 or more",
                "0 into 4/4 of 1/16; sizes"
            })
    void saysWhereAQuestionOfCellsMakesNoSense(String text, String expected) {
        assertThatThrownBy(() -> FitText.read(text))
                .isInstanceOf(TextException.class)
                .hasMessageContaining(expected);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "3 3 2; 3/8 3/8 1/4",
                "3+3+2 of 1/16; 3/16 3/16 1/8",
                "3, 3, 2 of triplet eighth; 1/4 1/4 1/6",
                "3/16 1/8; 3/16 1/8",
                "3 1/8 of 1/4; 3/4 1/8"
            })
    void readsLengthsBetweenAccents(String text, String lengths) {
        assertThat(GapsText.read(text).stream().map(NoteValue::toString).collect(Collectors.joining(" ")))
                .isEqualTo(lengths);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "3 two 2; column 3",
                "3 0 2; longer than zero",
                ", of 1/8; I can't read \",\". Try the gaps between accents",
                "3 of; I can't read \"of\". Try a gap: a number of units, or a value such as 3/16",
                "3/0 2; column 1",
                "3 2 of nothing; Try a note value",
                "99999999999999999999 2; I can't read \"99999999999999999999\". Try a smaller number"
            })
    void saysWhichLengthMakesNoSense(String text, String expected) {
        assertThatThrownBy(() -> GapsText.read(text))
                .isInstanceOf(TextException.class)
                .hasMessageContaining(expected);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "14 x 1/16; 14/16",
                "22 × 1/16; 22/16",
                "5+5+3+3 of 1/16; 1",
                "x..x..x. of 1/16; 1/2",
                "X.g x.. of 1/8; 3/4",
                "R L R R | L R L L of 1/16; 1/2",
                "lR (L) >R K of 1/12; 1/3"
            })
    void readsPatternsByTheirLength(String text, String length) {
        assertThat(PatternLengthText.read(text, NoteValue.WHOLE).length()).isEqualTo(value(length));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"", "14", "14 x", "of 1/16", "R L Q of 1/16", "x..x of", "5+five of 1/16", "0 x 1/16", "3 of 0"})
    void otherPatternsAreErrorsThatNameTheirPlace(String text) {
        assertThatThrownBy(() -> PatternLengthText.read(text, NoteValue.WHOLE))
                .isInstanceOf(TextException.class)
                .hasMessageContaining("column ");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "snare sticking >R L llR (L) . K of 1/16",
                "kick at 1:0 >1:3/8 (2:1/12)",
                "snare sticking R L of 1/12 from 1/16 reset bar moving every 3rd note to kick",
                "ride every 1/8 moving notes to ride and foot hi-hat",
                "snare at R1:0 rL1:1/4 _2:0z"
            })
    void layersOfEveryKindAreWrittenAsTheyAreRead(String text) {
        assertThat(LayerText.write(layer(text))).isEqualTo(text);
        assertThat(PatternText.read(PatternText.write(layer(text).pattern())))
                .isEqualTo(layer(text).pattern());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "snare sticking R L; Try \"of\"",
                "snare sticking of 1/16; at least one stroke",
                "kick at; 1 to 100,000 counts",
                "kick at 1; column 9",
                "kick at 0:0; numbered from 0",
                "kick at 1:0 1:0; only once",
                "kick every 1/8 moving dust to ride; Try notes, singles"
            })
    void layersThatMakeNoSenseSaySo(String text, String expected) {
        assertThatThrownBy(() -> LayerText.read(text))
                .isInstanceOf(TextException.class)
                .hasMessageContaining(expected);
    }

    @Provide
    Arbitrary<String> scraps() {
        return Arbitraries.of(
                        "kick",
                        "snare",
                        "1",
                        "0",
                        "7&",
                        "a of 2",
                        "in bar",
                        "in bars",
                        "to",
                        "-",
                        "and",
                        "all but",
                        "every",
                        "third",
                        "umpteenth",
                        "count",
                        "the last",
                        "first",
                        "of",
                        "with",
                        "into",
                        "at most",
                        "each at least once",
                        ",",
                        ";",
                        "(",
                        ")",
                        "R",
                        "L",
                        "l",
                        "K",
                        ">",
                        "^",
                        "_",
                        ":",
                        "z",
                        ".",
                        "|",
                        "x",
                        "X",
                        "g",
                        "1/16",
                        "3/0",
                        "99999999999",
                        "triplets",
                        "e's",
                        "accent",
                        "flam",
                        "right",
                        "singles",
                        "moving",
                        "from",
                        "reset",
                        "bar",
                        "every 2nd note",
                        "sticking",
                        "cell",
                        "at",
                        "1:0",
                        "1:1/8",
                        "dotted",
                        "quarters",
                        "groups",
                        "é",
                        "\t")
                .list()
                .ofMaxSize(10)
                .map(scraps -> String.join(" ", scraps));
    }

    /** Whatever is typed, half or mangled, is read or refused with its place; nothing else escapes, and nothing hangs. */
    @Property(tries = 4000)
    void anyScrapsAreReadOrRefusedWithTheirPlace(@ForAll("scraps") String text) {
        Phrase phrase = bars("7/8(2+2+3), 5/16");
        for (Consumer<String> reader : List.<Consumer<String>>of(
                typed -> PlacingText.read(typed, phrase),
                StickingText::read,
                OrchestrationText::read,
                GapsText::read,
                FitText::read,
                PatternText::read,
                PatternText::readSticking,
                LayerText::read,
                typed -> PatternLengthText.read(typed, NoteValue.WHOLE),
                typed -> CountText.read(Meter.of(7, 8), Counting.of(CountingSystem.GROUPS), typed))) {
            try {
                reader.accept(text);
            } catch (TextException e) {
                assertThat(e).hasMessageStartingWith("column ");
                assertThat(e.from()).isBetween(0, text.length());
            }
        }
    }
}
