package nimblestride.core.transcription.quantizing;

import static nimblestride.core.language.text.Examples.bars;
import static nimblestride.core.language.text.Examples.layer;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.transcription.quantizing.Quantizer.Beat;
import nimblestride.core.transcription.quantizing.Quantizer.Onset;
import nimblestride.core.transcription.quantizing.Quantizer.Quantized;
import nimblestride.core.transcription.source.ImportedSound;
import nimblestride.core.transcription.source.QuantizingError;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class QuantizerTest {
    private static final Phrase FOUR = bars("4/4");
    /** A quarter lasts half a second. */
    private static final double SECONDS_PER_WHOLE = 2;

    private static final ImportedSound SNARE = ImportedSound.ofKey(38);

    private static List<Beat> quarters(int count) {
        List<Beat> beats = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            beats.add(new Beat(NoteValue.of(i, 4), NoteValue.QUARTER));
        }
        return beats;
    }

    private static List<NoteValue> written(String typed) {
        Layer layer = layer(typed);
        return LayerTimeline.of(layer, FOUR).between(NoteValue.ZERO, NoteValue.of(8, 1), 1_000).stream()
                .map(Hit::at)
                .toList();
    }

    /** @param spread and bias in seconds */
    private static Quantized played(List<NoteValue> written, double spread, double bias, long seed) {
        Random random = new Random(seed);
        List<Onset> onsets = new ArrayList<>();
        double last = 0;
        for (NoteValue at : written) {
            double seconds = Math.max(last, at.toDouble() * SECONDS_PER_WHOLE + bias + random.nextGaussian() * spread);
            last = seconds;
            onsets.add(new Onset(NoteValue.of(Math.round(seconds / SECONDS_PER_WHOLE * 1e6), 1_000_000), SNARE));
        }
        return Quantizer.of(onsets, quarters(36), SECONDS_PER_WHOLE);
    }

    /** How many of 40 are put back just as they were written. */
    private static int right(String typed, double spread, double bias) {
        List<NoteValue> written = written(typed);
        int right = 0;
        for (int seed = 0; seed < 40; seed++) {
            right += played(written, spread, bias, seed).places().equals(written) ? 1 : 0;
        }
        return right;
    }

    @ParameterizedTest
    @CsvSource({
        "snare every 1/8",
        "snare every 1/16",
        "snare every 1/12",
        "snare every 1/20",
        "snare cell x..x..x. of 1/16",
        "snare cell xxxx..... of 1/12",
        "snare cell x..x..x...x...x. of 1/16",
    })
    void whatWasPlayedIsPutBack(String typed) {
        assertThat(right(typed, 0.005, 0)).isGreaterThanOrEqualTo(38);
        assertThat(right(typed, 0.010, -0.012)).isGreaterThanOrEqualTo(34);
    }

    /** Sixteenths with a triplet in every fourth beat. */
    @Test
    void tupletsAreFoundBeatByBeat() {
        String typed = "snare cell x..x..x..x..x..x..x..x..x..x..x..x..x...x...x... of 1/48";
        assertThat(right(typed, 0.005, 0)).isGreaterThanOrEqualTo(38);
    }

    @Test
    void howFarOffItWasIsTold() {
        QuantizingError deviation =
                played(written("snare every 1/8"), 0.008, 0.015, 3).deviation();
        assertThat(deviation.bias()).isCloseTo(15, within(3.0));
        assertThat(deviation.spread()).isCloseTo(8, within(2.5));
        assertThat(deviation.said())
                .contains("Hits were moved to the simplest grid that fits: on average they were 14 ms");
        QuantizingError exact = played(written("snare every 1/8"), 0, 0, 3).deviation();
        assertThat(exact.farthest()).isLessThan(0.01);
        assertThat(exact.said()).contains("on time");
    }
}
