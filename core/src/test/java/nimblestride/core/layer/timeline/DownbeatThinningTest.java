package nimblestride.core.layer.timeline;

import static nimblestride.core.language.text.Examples.bars;
import static nimblestride.core.language.text.Examples.layer;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DownbeatThinningTest {
    private static final String[] LAYERS = {
        "kick every 1/8", "snare every 3/16 from 1/4", "ride cell x.g of 1/16 reset bar", "tom 5 over 2 bars"
    };
    private static final String[] BARS = {"4/4", "7/8, 5/8", "3/4, 2/4, 5/16"};

    private static LayerTimeline thinned(String typed, Phrase phrase, int every) {
        Layer one = layer(typed);
        return LayerTimeline.of(one.withDownbeatEvery(every), phrase);
    }

    /** Held against a plain walk: every hit of the layer but those on the 1 of a bar that is not one in so many. */
    @Property(tries = 200)
    void onlyTheOneOfSomeBarsIsLeft(
            @ForAll @IntRange(max = 3) int which,
            @ForAll @IntRange(max = 2) int under,
            @ForAll @IntRange(min = 1, max = 7) int every) {
        Phrase phrase = bars(BARS[under]);
        NoteValue end = phrase.startOf(8L * every);
        List<NoteValue> left = new ArrayList<>();
        for (Hit hit : LayerTimeline.of(layer(LAYERS[which]), phrase).between(NoteValue.ZERO, end, 10_000)) {
            long bar = 0;
            while (phrase.startOf(bar + 1).compareTo(hit.at()) <= 0) {
                bar++;
            }
            if (!phrase.startOf(bar).equals(hit.at()) || bar % every == 0) {
                left.add(hit.at());
            }
        }
        LayerTimeline thinned = thinned(LAYERS[which], phrase, every);
        assertThat(thinned.between(NoteValue.ZERO, end, 10_000))
                .extracting(Hit::at)
                .isEqualTo(left);
        assertThat(thinned.cycleStartsBetween(NoteValue.ZERO, end, 10_000))
                .isEqualTo(
                        LayerTimeline.of(layer(LAYERS[which]), phrase).cycleStartsBetween(NoteValue.ZERO, end, 10_000));
    }

    /** It repeats with the layer, the phrase, and so many bars, and not before. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "4/4; kick every 1/8; 1; 1/8; 1",
                "4/4; kick every 1/8; 4; 4; 32",
                "7/8, 5/8; kick every 1/8; 4; 3; 24",
                "7/8, 5/8; kick every 1/8; 3; 9/2; 36",
                "4/4; kick every 3/8; 2; 6; 16"
            })
    void itRepeatsWhenAllDo(String typedBars, String typed, int every, String period, int cycles) {
        LayerTimeline thinned = thinned(typed, bars(typedBars), every);
        assertThat(thinned.grid().value(thinned.period())).hasToString(period);
        assertThat(thinned.cyclesPerPeriod()).isEqualTo(cycles);
        assertThat(thinned.cycleStarts().count()).isEqualTo(cycles);
    }

    @Test
    void whatTakesTooLongToRepeatIsRefused() {
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> thinned("kick every 1/8", bars("4/4 x1999"), 1_024))
                .withMessage("a downbeat every 1,024 bars in a phrase of 1,999 takes too many bars to repeat");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> thinned("kick every 1/1024", bars("4/4 x2"), 999))
                .withMessageContaining("more than 2,000,000 hits before it repeats; try a downbeat in more bars");
        assertThat(thinned("kick 1 over phrase", bars("4/4 x1953"), 1_024).hitsPerPeriod())
                .isPositive();
    }
}
