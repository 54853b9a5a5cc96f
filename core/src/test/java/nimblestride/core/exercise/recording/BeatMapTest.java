package nimblestride.core.exercise.recording;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import nimblestride.core.exercise.recording.BeatMap.Beat;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import org.junit.jupiter.api.Test;

class BeatMapTest {
    private static final BeatMap DRIFTING = new BeatMap(List.of(
            new Beat(NoteValue.ZERO, 0.5, false),
            new Beat(NoteValue.of(7, 8), 2.25, true),
            new Beat(NoteValue.of(7, 4), 4.5, false)));

    @Test
    void timeGoesEvenlyBetweenBeatsAndOnBeyondThem() {
        assertThat(DRIFTING.secondsAt(7 / 16.0)).isCloseTo(1.375, within(1e-9));
        assertThat(DRIFTING.secondsAt(7 / 8.0 + 7 / 16.0)).isCloseTo(3.375, within(1e-9));
        assertThat(DRIFTING.secondsAt(7 / 4.0 + 7 / 8.0)).isCloseTo(6.75, within(1e-9));
        assertThat(BeatMap.steady(1, Tempo.ofQuarters(120)).secondsAt(2.5)).isCloseTo(6, within(1e-9));
        assertThat(DRIFTING.wholesAt(0)).isCloseTo(-0.25, within(1e-9));
    }

    @Property
    void bothWaysAgree(@ForAll @DoubleRange(min = -5, max = 50) double wholes) {
        assertThat(DRIFTING.wholesAt(DRIFTING.secondsAt(wholes))).isCloseTo(wholes, within(1e-6));
    }

    @Test
    void aBeatThatIsSetMovesOthersOutOfTheWay() {
        BeatMap moved = DRIFTING.withBeat(NoteValue.of(7, 8), 4.6);
        assertThat(moved.beats()).extracting(Beat::seconds).containsExactly(0.5, 4.6);
        assertThat(moved.set()).containsExactly(new Beat(NoteValue.of(7, 8), 4.6, true));
        assertThatExceptionOfType(InvalidValueException.class)
                .isThrownBy(() -> DRIFTING.withBeat(NoteValue.of(7, 4), 2.0))
                .withMessageContaining("must come after");
    }

    @Test
    void aMapHasTwoBeatsInOrder() {
        Beat one = new Beat(NoteValue.ZERO, 0, false);
        assertThatExceptionOfType(InvalidValueException.class).isThrownBy(() -> new BeatMap(List.of(one)));
        assertThatExceptionOfType(InvalidValueException.class)
                .isThrownBy(() -> new BeatMap(List.of(one, new Beat(NoteValue.WHOLE, 0, false))));
    }

    @Test
    void notesTwiceAsLongAreHeardWhereTheyWere() {
        BeatMap doubled = DRIFTING.scaled(2, 1);
        assertThat(doubled.secondsAt(7 / 4.0)).isEqualTo(DRIFTING.secondsAt(7 / 8.0));
    }

    @Test
    void marksAreAddedAndRemoved() {
        HitMarks marks = HitMarks.NONE.with(2.5).with(1.25).without(3);
        assertThat(marks.added()).containsExactly(1.25, 2.5);
        assertThat(marks.isRemoved(3.001)).isTrue();
        assertThat(marks.without(2.501).added()).containsExactly(1.25);
        assertThat(marks.without(2.501).removed()).containsExactly(3.0);
        assertThatExceptionOfType(InvalidValueException.class).isThrownBy(() -> HitMarks.NONE.with(-1));
    }
}
