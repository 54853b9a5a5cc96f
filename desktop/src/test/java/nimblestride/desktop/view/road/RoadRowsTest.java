package nimblestride.desktop.view.road;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import nimblestride.desktop.view.road.RoadRows.Room;
import org.junit.jupiter.api.Test;

class RoadRowsTest {
    private static final double SCALE = 100;

    /** Returns where a bar of three quarters starts. */
    private static double bar(double moment) {
        return Math.floor(moment / 0.75) * 0.75;
    }

    @Test
    void oneRowShowsWhatFits() {
        RoadRows rows = RoadRows.from(0.3, SCALE, new Room(1, 250, 9), RoadRowsTest::bar);
        assertThat(rows.ranges()).containsExactly(new VisibleRange(0.3, 250, SCALE));
    }

    @Test
    void rowsEndAtBarLinesAndTheLastFillsItsRow() {
        RoadRows rows = RoadRows.from(0, SCALE, new Room(3, 250, 9), RoadRowsTest::bar);
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
        assertThat(RoadRows.from(0, SCALE, new Room(9, 250, 2.5), RoadRowsTest::bar)
                        .ranges())
                .hasSize(1);
        assertThat(RoadRows.from(0, SCALE, new Room(9, 250, 4), RoadRowsTest::bar)
                        .ranges())
                .hasSize(2);
    }

    @Test
    void aBarLongerThanARowIsDividedAnywhere() {
        RoadRows rows = RoadRows.from(0, SCALE, new Room(4, 50, 9), moment -> 0);
        assertThat(rows.ranges()).extracting(VisibleRange::start).containsExactly(0.0, 0.5, 1.0, 1.5);
    }

    @Test
    void theLastRowCanEndWithTheCycle() {
        Room room = new Room(2, 250, 9);
        double start = RoadRows.lastStart(SCALE, room, RoadRowsTest::bar);
        assertThat(start).isCloseTo(4.5, within(1e-9));
        assertThat(RoadRows.from(start, SCALE, room, RoadRowsTest::bar).reaches(9))
                .isTrue();
        assertThat(RoadRows.lastStart(SCALE, new Room(9, 250, 4), RoadRowsTest::bar))
                .isZero();
    }

    @Test
    void theScaleShrinksUntilTheCycleFitsOrCanNoLongerBeRead() {
        Room room = new Room(3, 500, 9);
        double scale = RoadRows.scaleToFit(640, 130, room, RoadRowsTest::bar);
        assertThat(scale).isBetween(130.0, 170.0);
        assertThat(RoadRows.from(0, scale, room, RoadRowsTest::bar).reaches(9)).isTrue();
        assertThat(RoadRows.scaleToFit(640, 130, new Room(3, 500, 90), RoadRowsTest::bar))
                .isEqualTo(130);
        assertThat(RoadRows.scaleToFit(640, 130, new Room(3, 500, 1), RoadRowsTest::bar))
                .isBetween(480.0, 640.0);
    }
}
