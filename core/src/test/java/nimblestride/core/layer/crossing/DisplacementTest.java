package nimblestride.core.layer.crossing;

import static nimblestride.core.language.text.Examples.bars;
import static nimblestride.core.language.text.Examples.layer;
import static nimblestride.core.language.text.Examples.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.layer.alignment.Alignment;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DisplacementTest {
    private static final Phrase SEVENS = bars("7/8");

    @ParameterizedTest
    @CsvSource({
        "kick every 3/16,1/16",
        "kick every 1/4,1/8",
        "kick cell x..x. of 1/12,1/24",
        "snare 5 over 3/4,1/40",
        "snare 5 over bar,1/8"
    })
    void theUnitMeasuresTheStepsAndTheBar(String typed, String unit) {
        assertThat(Displacement.unit(layer(typed), SEVENS)).isEqualTo(value(unit));
    }

    @ParameterizedTest
    @CsvSource({
        "kick every 3/16,2,1/8",
        "kick every 3/16,0,0",
        "kick every 3/16 from 1/8,-1,1/16",
        "kick every 3/16 from 1/8,-2,0",
        "kick every 3/16 from 1/8,-3,1/8",
        "kick every 3/16,-1,1/8",
        "kick every 3/16,-3,0",
        "kick every 3/16,-7,1/8",
        "snare 5 over bar from 1/8,-2,0"
    })
    void earlierThanThePhraseIsACycleLater(String typed, long units, String offset) {
        Layer layer = layer(typed);
        Layer moved = Displacement.by(layer, SEVENS, units);
        assertThat(moved.offset()).isEqualTo(value(offset));
        assertThat(moved.withOffset(layer.offset())).isEqualTo(layer);
    }

    /** Delayed so, a cycle starts on that line, and no shorter delay does it. */
    @Property(tries = 100)
    void theDelayIsTheShortestThatLands(
            @ForAll @IntRange(min = 1, max = 13) int cell, @ForAll @IntRange(max = 12) int bar) {
        Layer layer = layer("kick every " + cell + "/16");
        NoteValue delay = Displacement.landingOn(layer, SEVENS, bar);
        for (int late = 0; late < cell; late++) {
            Layer tried = layer.withOffset(NoteValue.of(late, 16));
            boolean lands = Alignment.of(tried, SEVENS)
                    .timeline()
                    .cycleStartsBetween(SEVENS.startOf(bar), SEVENS.startOf(bar).plus(NoteValue.of(1, 16)), 1)
                    .contains(SEVENS.startOf(bar));
            boolean isFirst = NoteValue.of(late, 16).equals(delay);
            if (isFirst) {
                assertThat(lands).isTrue();
                return;
            }
            assertThat(lands).isFalse();
        }
        assertThat(delay).isLessThan(NoteValue.of(cell, 16));
    }

    @Test
    void whatCannotLandElsewhereSaysWhy() {
        assertThatExceptionOfType(InvalidValueException.class)
                .isThrownBy(() -> Displacement.landingOn(layer("kick every 3/16 reset bar"), SEVENS, 2))
                .withMessageContaining("set its reset to never first");
        assertThatExceptionOfType(InvalidValueException.class)
                .isThrownBy(() -> Displacement.landingOn(layer("snare 5 over bar"), SEVENS, 2))
                .withMessageContaining("always lands on their 1");
    }
}
