package nimblestride.core.practice.ear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import nimblestride.core.time.meter.Grouping;
import nimblestride.core.time.meter.Meter;
import org.junit.jupiter.api.Test;

class EarDrillTest {
    @Test
    void theFirstAnswerCountsAndTheNextQuestionIsAnother() {
        EarDrill drill = EarDrill.on(Meter.of(7, 8), new Random(7));
        assertThat(drill.choices()).contains(Grouping.of(2, 2, 3), Grouping.of(3, 2, 2), Grouping.of(2, 3, 2));
        assertThat(drill.choices()).contains(drill.hidden());
        EarDrill right = drill.answered(drill.hidden());
        assertThat(right.isRight()).isTrue();
        assertThat(right.answered(drill.choices().get(0))).isEqualTo(right);
        EarDrill second = right.next(new Random(1));
        assertThat(second.hidden()).isNotEqualTo(right.hidden());
        Grouping wrong = second.choices().stream()
                .filter(choice -> !choice.equals(second.hidden()))
                .findFirst()
                .orElseThrow();
        EarDrill after = second.answered(wrong);
        assertThat(after.isRight()).isFalse();
        assertThat(after.score()).isEqualTo("ear: 1 of 2 groupings of 7/8");
    }

    @Test
    void quartersAreHeardInEighthsAndAShortBarIsRefused() {
        EarDrill drill = EarDrill.on(Meter.of(4, 4), new Random(7));
        assertThat(drill.meter()).isEqualTo(Meter.of(8, 8));
        assertThat(drill.choices()).contains(Grouping.of(3, 3, 2));
        assertThat(EarDrill.on(Meter.of(11, 4), new Random(7)).choices()).contains(Grouping.of(4, 4, 3));
        assertThatThrownBy(() -> EarDrill.on(Meter.of(1, 4), new Random(7)))
                .hasMessageContaining("a bar of 1/4 has only one grouping");
    }

    /** Tapped once around and on to the next 1, up to 10 % of a unit off, it is the grouping that was meant. */
    @Property
    void tapsNameTheGrouping(
            @ForAll @IntRange(min = 0, max = 5) int choice,
            @ForAll @IntRange(min = 80, max = 400) int unitMillis,
            @ForAll long seed) {
        EarDrill drill = EarDrill.on(Meter.of(11, 8), new Random(3));
        Grouping meant = drill.choices().get(choice % drill.choices().size());
        Random random = new Random(seed);
        List<Long> taps = new ArrayList<>();
        double at = 5_000_000;
        taps.add((long) at);
        for (int size : meant.sizes()) {
            at += size * unitMillis * 1_000.0;
            taps.add((long) (at + (random.nextDouble() - 0.5) * 0.2 * unitMillis * 1_000));
        }
        assertThat(TappedGrouping.nearest(drill.choices(), taps)).contains(meant);
        assertThat(TappedGrouping.nearest(drill.choices(), taps.subList(0, 2))).isEmpty();
    }
}
