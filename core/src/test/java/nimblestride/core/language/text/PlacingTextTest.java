package nimblestride.core.language.text;

import static nimblestride.core.language.text.Examples.bars;
import static org.assertj.core.api.Assertions.assertThat;
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
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Placement;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlacingTextTest {
    private static String placed(String text, String bars) {
        return PlacingText.read(text, bars(bars)).stream()
                .map(layer ->
                        layer.voice() + " " + PatternText.write(layer.pattern()).substring(3))
                .collect(Collectors.joining("; "));
    }

    /** Worked by hand: the number of the bar, and how far into it. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "kick 1, 4; snare a of 2 | 4/4 | kick 1:0 1:3/4; snare 1:7/16",
                "snare 7&, 3 | 7/8 | snare 1:1/4 1:13/16",
                "ride every third count | 7/8 | ride 1:0 1:3/8 1:3/4",
                "ride every other count from 2 | 7/8 | ride 1:1/8 1:3/8 1:5/8",
                "cowbell even counts in bar 1, odd counts in bar 3 | 3/8, 2/8, 3/8 | cowbell 1:1/8 3:0 3:1/4",
                "hi-hat quarters | 7/8 | hi-hat 1:0 1:1/4 1:1/2 1:3/4",
                "bass drum all e's and a's | 2/4 | kick 1:1/16 1:3/16 1:5/16 1:7/16",
                "tom every third sixteenth | 7/16 | middle tom 1:0 1:3/16 1:3/8",
                "snare the last two | 5/8 | snare 1:3/8 1:1/2",
                "snare the first three sixteenths | 2/4 | snare 1:0 1:1/16 1:1/8",
                "ride all but the 1 and 3 | 4/8 | ride 1:1/8 1:3/8",
                "ride bell 2 to 4 in bar 2 | 4/4 x2 | ride bell 2:1/4 2:1/2 2:3/4",
                "hi-hat triplets | 1/4 | hi-hat 1:0 1:1/12 1:1/6",
                "hi-hat quintuplets | 1/4 | hi-hat 1:0 1:1/20 1:1/10 1:3/20 1:1/5",
                "kick groups | 7/8(2+2+3) | kick 1:0 1:1/4 1:1/2",
                "snare accent 1, 2, ghost 3 and 4 | 4/4 | snare >1:0 >1:1/4 (1:1/2) (1:3/4)",
                "snare flam right 1; floor tom buzz 4 | 4/4 | snare lR1:0; floor tom 1:3/4z",
                "snare 2, 4; snare accent 4 | 4/4 | snare 1:1/4 >1:3/4",
                "kick 2 trip, 3 let | 3/4 | kick 1:1/3 1:2/3",
                "kick 5 | 4/8, 5/8 | kick 2:1/2"
            })
    void placesByNamingCounts(String text, String bars, String expected) {
        assertThat(placed(text, bars)).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "snare & of 8 | 7/8 | column 7 | 7/8 has no & of 8",
                "kick 1; kazoo 2 | 4/4 | column 9 | Try a voice",
                "kick 1, somewhere | 4/4 | column 9 | Try 1, a of 2, 7&, quarters, every third",
                "kick 1 in bar 3 | 4/4 x2 | column 6 | I can't read \"1 in bar 3\". Try a bar from 1 to 2",
                "kick | 4/4 | column 5 | Try 1, a of 2, 7&, quarters, every third",
                "kick every umpteenth count | 4/4 | column 6 | Try a number",
                "kick accent | 4/4 | column 6 | Try a place after",
                "kick 9 | 4/4, 7/8 | column 6 | none of them has 9",
                "kick 1 in bar 0 | 4/4 | column 6 | I can't read \"1 in bar 0\". Try a bar from 1 to 1"
            })
    void errorsPointAtTheWord(String text, String bars, String where, String expected) {
        assertThatThrownBy(() -> PlacingText.read(text, bars(bars)))
                .isInstanceOf(TextException.class)
                .hasMessageContaining(where)
                .hasMessageContaining(expected);
    }

    @Test
    void writesTheRuleWhereOneSaysIt() {
        Phrase phrase = bars("7/8 x2, 4/4");
        for (String text : List.of(
                "kick 1, 4; ride all",
                "snare 3 in bar 2",
                "hi-hat quarters",
                "snare ghost a's, accent 3",
                "cowbell even counts in bar 1, odd counts in bar 3",
                "kick groups",
                "snare 2, 6 in bars 1 to 2")) {
            List<Layer> layers = PlacingText.read(text, phrase);
            String written = PlacingText.write(layers, phrase);
            assertThat(PlacingText.read(written, phrase)).as(written).isEqualTo(layers);
            assertThat(written).isEqualTo(text);
        }
    }

    @Provide
    Arbitrary<List<Placement>> placements() {
        Arbitrary<NoteValue> positions = Combinators.combine(
                        Arbitraries.of(8, 12, 16, 20, 24, 28, 32),
                        Arbitraries.integers().between(0, 31))
                .as((under, over) -> NoteValue.of(over % under, under))
                .filter(position -> position.compareTo(NoteValue.of(5, 8)) < 0);
        Arbitrary<Stroke> strokes = Combinators.combine(
                        Arbitraries.of(Dynamic.values()),
                        Arbitraries.of(Ornament.values()),
                        Arbitraries.of(Limb.RIGHT_HAND, Limb.LEFT_HAND).optional(0.3))
                .as(Stroke::new);
        return Combinators.combine(Arbitraries.integers().between(0, 2), positions, strokes)
                .as(Placement::new)
                .list()
                .ofMinSize(1)
                .ofMaxSize(12)
                .uniqueElements(placement -> List.of(placement.bar(), placement.position()));
    }

    /** Random places in bars of several meters, in every subdivision: what is said is read back as it was. */
    @Property(tries = 300)
    void whatIsPlacedIsReadBack(@ForAll("placements") List<Placement> placements) {
        Phrase phrase = bars("5/8, 3/4, 11/16");
        List<Layer> layers = List.of(Layer.of(Kit.SNARE, new Pattern.Placed(placements)));
        String written = PlacingText.write(layers, phrase);
        assertThat(PlacingText.read(written, phrase)).as(written).isEqualTo(layers);
    }

    @Test
    void anythingElseIsAnError() {
        for (String text : List.of(
                "kick all but", "kick every", "kick 1 to", "kick the last", ";;kick ,", "snare accent accent")) {
            assertThatThrownBy(() -> PlacingText.read(text, bars("4/4")))
                    .as(text)
                    .isInstanceOf(TextException.class);
        }
        assertThat(PlacingText.read(" ; ", bars("4/4"))).isEmpty();
        assertThat(Optional.of(PlacingText.write(List.of(), bars("4/4")))).contains("");
    }
}
