package nimblestride.core.transcription.repetition;

import static nimblestride.core.language.text.Examples.bars;
import static nimblestride.core.language.text.Examples.layer;
import static nimblestride.core.language.text.Examples.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.List;
import java.util.NavigableMap;
import java.util.TreeMap;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;

class CycleFinderTest {
    private static final Phrase FOUR = bars("4/4");

    private static NavigableMap<NoteValue, Stroke> strokes(Layer layer, NoteValue length) {
        return Lines.strokes(layer, FOUR, length);
    }

    @Provide
    static Arbitrary<String> layers() {
        return Arbitraries.of(
                "kick every 5/16",
                "kick every 3/16 from 1/16",
                "kick cell X..x.g of 1/16",
                "kick cell x.x..x...x of 1/12 from 1/3",
                "kick cell xx.xxx. of 1/20");
    }

    /** Whatever went round comes back as a layer that strikes just then, and by a cycle that is no longer. */
    @Property(tries = 60)
    void aCycleIsFoundAgain(@ForAll("layers") String typed, @ForAll @IntRange(min = 3, max = 12) int rounds) {
        Layer played = layer(typed);
        NoteValue cycle = LayerTimeline.of(played, FOUR).cycle();
        NoteValue length = played.offset().plus(cycle.times(rounds)).plus(NoteValue.of(1, 48));
        VoiceLine line = new VoiceLine(Kit.KICK, strokes(played, length), length);
        RepeatedCycle found = CycleFinder.exact(line).orElseThrow();
        assertThat(cycle.isMultipleOf(found.length())).isTrue();
        assertThat(strokes(found.layer().orElseThrow(), length)).isEqualTo(line.strokes());
        assertThat(found.isExact()).isTrue();
    }

    @Test
    void whatDoesNotRepeatHasNoCycle() {
        NoteValue length = value("4");
        NavigableMap<NoteValue, Stroke> strokes = strokes(layer("kick every 1/4"), length);
        strokes.put(value("33/16"), Stroke.NORMAL);
        assertThat(CycleFinder.exact(new VoiceLine(Kit.KICK, strokes, length))).isEmpty();
        strokes.remove(value("33/16"));
        assertThat(CycleFinder.exact(new VoiceLine(Kit.KICK, strokes, length)).flatMap(RepeatedCycle::layer))
                .contains(layer("kick every 1/4"));
        strokes.put(value("1"), Stroke.ACCENT);
        assertThat(CycleFinder.exact(new VoiceLine(Kit.KICK, strokes, length))).isEmpty();
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> new VoiceLine(Kit.KICK, new TreeMap<>(), length));
    }

    @Test
    void twiceMightBeChance() {
        NoteValue length = value("2");
        assertThat(CycleFinder.exact(
                        new VoiceLine(Kit.KICK, strokes(layer("kick cell x..x.... of 1/8"), length), length)))
                .isEmpty();
    }

    /** A stroke added in one of the rounds, whichever it is: the cycle is found, and the round is named. */
    @Property(tries = 40)
    void aVariedRoundIsFoundAndNamed(@ForAll @IntRange(min = 0, max = 7) int round) {
        NoteValue cycle = value("7/16");
        NoteValue length = cycle.times(8);
        NavigableMap<NoteValue, Stroke> strokes = strokes(layer("kick cell x..x.x. of 1/16"), length);
        strokes.put(cycle.times(round).plus(value("1/16")), Stroke.NORMAL);
        RepeatedCycle found =
                CycleFinder.nearly(new VoiceLine(Kit.KICK, strokes, length)).orElseThrow();
        assertThat(found.length()).isEqualTo(cycle);
        assertThat(found.variation()).isEqualTo(new VariantRounds(8, List.of(round)));
        assertThat(found.layer()).contains(layer("kick cell x..x.x. of 1/16"));
        assertThat(found.sureness().value()).isBetween(0.8, 0.9);
        assertThat(found.variation().said())
                .isEqualTo(round == 7 ? "the last one differs" : "number " + (round + 1) + " differs");
    }

    /** On a grid too fine for whole numbers of a line's length there is a clear error, or an answer; never a wrong one. */
    @Test
    void manyStrokesOnAFineGridAreFoundToo() {
        NavigableMap<NoteValue, Stroke> strokes = new TreeMap<>();
        for (int i = 0; i < 20_000; i++) {
            strokes.put(NoteValue.of(i * 7L, 960), Stroke.NORMAL);
        }
        VoiceLine line = new VoiceLine(Kit.KICK, strokes, NoteValue.of(20_000 * 7L, 960));
        assertThat(CycleFinder.exact(line).orElseThrow().length()).isEqualTo(value("7/960"));
    }
}
