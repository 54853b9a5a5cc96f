package nimblestride.desktop.view.road;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.AnyExercise;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.CountingSystem;
import nimblestride.core.time.counting.Subdivision;

/** Everything has room on the Road, as high as it needs and as near as it is seen. */
class RoadLayoutTest {
    /** Around the middle of a lane, where it lands on a bar line. */
    private static final double RING = 10;
    /** From the middle of a lane to the end of what is written under it. */
    private static final double LETTERS = 18;

    /** How high a count is. */
    private static final double COUNT = 11;

    @Property(tries = 60)
    void stridesStayBelowWhatIsWrittenAndLanesAboveTheLowerEdge(
            @ForAll(supplier = AnyExercise.class) Exercise exercise,
            @ForAll @DoubleRange(min = 1, max = 11) double zoom,
            @ForAll @DoubleRange(min = 0, max = 400) double higher,
            @ForAll boolean played) {
        VisibleRange stretch = new VisibleRange(0, 900, Math.pow(2, zoom));
        RoadPicture picture = RoadPicture.of(
                Analysis.of(exercise),
                stretch,
                new CountCache(Counting.of(CountingSystem.BEATS), Subdivision.AS_WRITTEN),
                Exercise.MAX_LAYERS);
        LayerLanes lanes = LayerLanes.of(exercise, played);
        double height = RoadLayout.heightFor(lanes) + higher;
        RoadLayout layout = RoadLayout.of(picture, stretch, lanes, height);
        for (RoadPicture.Stride stride : picture.strides()) {
            double width = (stride.to() - stride.from()) * stretch.scale();
            assertThat(layout.ground() - layout.rise(width)).isGreaterThanOrEqualTo(RoadLayout.ABOVE_STRIDES - 1e-6);
        }
        for (int lane = 0; lane < lanes.count(); lane++) {
            assertThat(layout.lane(lane) - RING)
                    .isGreaterThan(layout.ground()
                            + (played
                                    ? TimingMarksPainter.BELOW + TimingMarksPainter.HALF
                                    : RoadLabels.COUNTS + COUNT / 2));
            assertThat(layout.lane(lane) + LETTERS).isLessThan(height);
            if (lane > 0) {
                double above = layout.lane(lane - 1) + (lanes.lettered() ? LETTERS : RING);
                assertThat(layout.lane(lane) - RING).isGreaterThanOrEqualTo(above);
            }
        }
    }
}
