package nimblestride.desktop.view.road;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.function.DoubleUnaryOperator;
import nimblestride.desktop.view.road.RoadRows.Room;
import org.junit.jupiter.api.Test;

class RoadRowsTest {
    /** Bars of three quarters. */
    private static final DoubleUnaryOperator BARS = moment -> Math.floor(moment / 0.75) * 0.75;

    private static final double SCALE = 100;

    @Test
    void oneRowShowsWhatFits() {
        RoadRows rows = RoadRows.from(0.3, SCALE, new Room(1, 250, 9), BARS);
        assertThat(rows.ranges()).containsExactly(new VisibleRange(0.3, 250, SCALE));
    }

    @Test
    void rowsEndAtBarLinesAndTheLastFillsItsRow() {
        RoadRows rows = RoadRows.from(0, SCALE, new Room(3, 250, 9), BARS);
        assertThat(rows.ranges()).extracting(VisibleRange::start).containsExactly(0.0, 2.25, 4.5);
        assertThat(rows.end()).isCloseTo(7, within(1e-9));
        assertThat(rows.reaches(6.9)).isTrue();
        assertThat(rows.reaches(9)).isFalse();
        assertThat(rows.rowOf(2.2)).isZero();
        assertThat(rows.rowOf(2.25)).isEqualTo(1);
        assertThat(rows.rowOf(100)).isEqualTo(2);
        assertThat(rows.all().start()).isZero();
        assertThat(rows.all().end()).isCloseTo(7, within(1e-9));
    }

    @Test
    void thereAreNoMoreRowsThanTheCycleNeeds() {
        assertThat(RoadRows.from(0, SCALE, new Room(9, 250, 2.5), BARS).ranges()).hasSize(1);
        assertThat(RoadRows.from(0, SCALE, new Room(9, 250, 4), BARS).ranges()).hasSize(2);
    }

    @Test
    void aBarLongerThanARowIsDividedAnywhere() {
        RoadRows rows = RoadRows.from(0, SCALE, new Room(4, 50, 9), moment -> 0);
        assertThat(rows.ranges()).extracting(VisibleRange::start).containsExactly(0.0, 0.5, 1.0, 1.5);
    }

    @Test
    void theLastRowCanEndWithTheCycle() {
        Room room = new Room(2, 250, 9);
        double start = RoadRows.lastStart(SCALE, room, BARS);
        assertThat(start).isCloseTo(4.5, within(1e-9));
        assertThat(RoadRows.from(start, SCALE, room, BARS).reaches(9)).isTrue();
        assertThat(RoadRows.lastStart(SCALE, new Room(9, 250, 4), BARS)).isZero();
    }

    @Test
    void theScaleShrinksUntilTheCycleFitsOrCanNoLongerBeRead() {
        Room room = new Room(3, 500, 9);
        double scale = RoadRows.scaleToFit(640, 130, room, BARS);
        assertThat(scale).isBetween(130.0, 170.0);
        assertThat(RoadRows.from(0, scale, room, BARS).reaches(9)).isTrue();
        assertThat(RoadRows.scaleToFit(640, 130, new Room(3, 500, 90), BARS)).isEqualTo(130);
        assertThat(RoadRows.scaleToFit(640, 130, new Room(3, 500, 1), BARS)).isBetween(480.0, 640.0);
    }
}
