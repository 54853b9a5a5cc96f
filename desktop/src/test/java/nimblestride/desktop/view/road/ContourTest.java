package nimblestride.desktop.view.road;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import nimblestride.core.exercise.analysis.Reckoning;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.AnyExercise;
import nimblestride.core.time.counting.CountingSchool;
import nimblestride.core.time.counting.Division;

/** Everything has room on the Road, as high as it needs and as near as it is seen. */
class ContourTest {
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
        Stretch stretch = new Stretch(0, 900, Math.pow(2, zoom));
        RoadPicture picture = RoadPicture.of(
                Reckoning.of(exercise),
                stretch,
                new Counts(CountingSchool.BEATS, Division.AS_WRITTEN),
                Exercise.MOST_LAYERS);
        Lanes lanes = Lanes.of(exercise, played);
        double height = Contour.heightFor(lanes) + higher;
        Contour contour = Contour.of(picture, stretch, lanes, height);
        for (RoadPicture.Stride stride : picture.strides()) {
            double width = (stride.to() - stride.from()) * stretch.scale();
            assertThat(contour.ground() - contour.rise(width)).isGreaterThanOrEqualTo(Contour.ABOVE_STRIDES - 1e-6);
        }
        for (int lane = 0; lane < lanes.count(); lane++) {
            assertThat(contour.lane(lane) - RING)
                    .isGreaterThan(contour.ground()
                            + (played ? PlayedPainter.BELOW + PlayedPainter.HALF : RoadWriting.COUNTS + COUNT / 2));
            assertThat(contour.lane(lane) + LETTERS).isLessThan(height);
            if (lane > 0) {
                double above = contour.lane(lane - 1) + (lanes.lettered() ? LETTERS : RING);
                assertThat(contour.lane(lane) - RING).isGreaterThanOrEqualTo(above);
            }
        }
    }
}
