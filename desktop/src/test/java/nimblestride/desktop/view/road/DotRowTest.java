package nimblestride.desktop.view.road;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Random;
import javafx.scene.Parent;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import nimblestride.desktop.OnStage;
import org.junit.jupiter.api.Test;

/** The outline of many dots against the dots drawn one by one. */
class DotRowTest extends OnStage {
    private static final int WIDTH = 400;
    private static final int HEIGHT = 40;
    private static final double LINE = 20;

    private Canvas canvas;

    @Override
    protected Parent content() {
        canvas = new Canvas(WIDTH, HEIGHT);
        return new Pane(canvas);
    }

    private interface Painting {
        void paint(GraphicsContext g);
    }

    private WritableImage painted(Painting painting) {
        WritableImage image = new WritableImage(WIDTH, HEIGHT);
        interact(() -> {
            GraphicsContext g = canvas.getGraphicsContext2D();
            g.setFill(Color.WHITE);
            g.fillRect(0, 0, WIDTH, HEIGHT);
            g.setFill(Color.BLACK);
            painting.paint(g);
            canvas.snapshot(null, image);
        });
        return image;
    }

    private WritableImage outline(double[] at, double[] radius) {
        double[] radii = Arrays.stream(radius).distinct().sorted().toArray();
        DotRow dots = new DotRow(LINE, WIDTH, radii);
        for (int i = 0; i < at.length; i++) {
            dots.add(at[i], Arrays.binarySearch(radii, radius[i]) + 1);
        }
        return painted(dots::fill);
    }

    /** How much of a picture is covered, in pixels. */
    private static double ink(WritableImage image) {
        double ink = 0;
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                ink += 1 - image.getPixelReader().getColor(x, y).getBrightness();
            }
        }
        return ink;
    }

    private static double difference(WritableImage one, WritableImage other) {
        double most = 0;
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                most = Math.max(
                        most,
                        Math.abs(one.getPixelReader().getColor(x, y).getBrightness()
                                - other.getPixelReader().getColor(x, y).getBrightness()));
            }
        }
        return most;
    }

    /** An area of r² π. */
    @Test
    void aDotIsRound() {
        WritableImage image = outline(new double[] {100}, new double[] {6.5});
        assertThat(ink(image)).isCloseTo(Math.PI * 6.5 * 6.5, within(4.0));
    }

    @Test
    void thousandsCoverWhatTheyCoverOneByOne() {
        Random random = new Random(4);
        double[] at = random.doubles(3_000, -10, WIDTH + 10).map(Math::rint).toArray();
        double[] radius = random.ints(3_000, 0, 9)
                .mapToDouble(layers -> 2.5 + layers / 2.0)
                .toArray();
        WritableImage outline = outline(at, radius);
        assertThat(ink(outline)).isCloseTo(covered(at, radius), within(0.01 * covered(at, radius)));
    }

    /** The area of all dots together, in slices of a twentieth of a pixel, each as high as its highest dot. */
    private static double covered(double[] at, double[] radius) {
        double area = 0;
        for (double x = 0; x < WIDTH; x += 0.05) {
            double highest = 0;
            for (int i = 0; i < at.length; i++) {
                double rest = radius[i] * radius[i] - (x - at[i]) * (x - at[i]);
                boolean drawn = at[i] >= 0 && at[i] <= WIDTH;
                highest = drawn && rest > 0 ? Math.max(highest, Math.sqrt(rest)) : highest;
            }
            area += 2 * highest * 0.05;
        }
        return area;
    }

    @Test
    void dotsApartStayApart() {
        WritableImage outline = outline(new double[] {50, 70}, new double[] {4, 4});
        WritableImage single = painted(g -> {
            g.fillOval(46, 16, 8, 8);
            g.fillOval(66, 16, 8, 8);
        });
        assertThat(difference(outline, single)).isLessThan(0.35);
        assertThat(outline.getPixelReader().getColor(60, 20).getBrightness()).isEqualTo(1);
    }

    @Test
    void noneIsNothing() {
        assertThat(ink(outline(new double[0], new double[0]))).isZero();
    }
}
