package nimblestride.desktop.view.staff;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import javafx.geometry.Rectangle2D;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.SnapshotParameters;
import javafx.scene.canvas.Canvas;
import javafx.scene.image.PixelReader;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;
import javax.imageio.ImageIO;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.Examples;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.page.Sheet;
import nimblestride.core.notation.page.SheetLayout;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.look.Typefaces;
import nimblestride.formats.font.Fonts;
import nimblestride.formats.picture.PngFile;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;

/**
 * What the printer is given, what the window shows and what is saved as a picture are one page: wherever one of them has ink, so have the
 * others. The picture is drawn from outlines by another library, so it stands for what the page should be.
 */
class PrintedPageTest {
    /** Pixels to a staff space. */
    private static final double SPACE = 8;
    /** The side of the squares in which ink is compared, in pixels. */
    private static final int SQUARE = 4;
    /** How much darker a square may be in one than in the other: edges fall between pixels. */
    private static final double DARKER = 0.35;

    private static Drawing page;

    @BeforeAll
    static void setPage() throws Exception {
        FxToolkit.registerPrimaryStage();
        Typefaces.await();
        Exercise exercise = Examples.exercise(
                        "7/8(2+2+3), 5/8",
                        "kick every 5/16 reset bar",
                        "snare cell X.gx.g of 1/16",
                        "ride 5 over bar",
                        "hi-hat sticking >R L R: Lz of 1/8")
                .withName("Weir Walk");
        page = new SheetLayout(Sheet.DEFAULT, Fonts.get().music(), Fonts.get())
                .of(exercise)
                .get(0);
    }

    /** How dark each square of a page is, from 0 for white to 1. */
    private interface Ink {
        double at(int x, int y);
    }

    private static int across() {
        return (int) (page.width() * SPACE) / SQUARE;
    }

    private static int down() {
        return (int) (page.height() * SPACE) / SQUARE;
    }

    private static Ink saved() throws Exception {
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(PngFile.write(page, SPACE)));
        return square((x, y) -> {
            int rgb = image.getRGB(x, y);
            return 1 - ((rgb >> 16 & 255) + (rgb >> 8 & 255) + (rgb & 255)) / 765.0;
        });
    }

    private static Ink shown(Callable<Node> node) throws Exception {
        WritableImage image = WaitForAsyncUtils.asyncFx(() -> {
                    Group root = new Group(node.call());
                    new Scene(root);
                    SnapshotParameters whole = new SnapshotParameters();
                    whole.setFill(Color.WHITE);
                    whole.setViewport(new Rectangle2D(0, 0, page.width() * SPACE, page.height() * SPACE));
                    return root.snapshot(whole, null);
                })
                .get(60, TimeUnit.SECONDS);
        PixelReader pixels = image.getPixelReader();
        return square((x, y) -> {
            Color color = pixels.getColor(x, y);
            return 1 - (color.getRed() + color.getGreen() + color.getBlue()) / 3;
        });
    }

    private static Ink square(Ink pixel) {
        return (column, row) -> {
            double sum = 0;
            for (int y = 0; y < SQUARE; y++) {
                for (int x = 0; x < SQUARE; x++) {
                    sum += pixel.at(column * SQUARE + x, row * SQUARE + y);
                }
            }
            return sum / (SQUARE * SQUARE);
        };
    }

    /** A square agrees where the other page is as dark there or in a square beside it. */
    private static int strange(Ink one, Ink other) {
        int strange = 0;
        for (int y = 1; y < down() - 1; y++) {
            for (int x = 1; x < across() - 1; x++) {
                double dark = one.at(x, y);
                boolean found = false;
                for (int by = 0; by < 9 && !found; by++) {
                    found = Math.abs(other.at(x - 1 + by % 3, y - 1 + by / 3) - dark) < DARKER;
                }
                strange += found ? 0 : 1;
            }
        }
        return strange;
    }

    @Test
    void whatIsPrintedIsWhatIsSaved() throws Exception {
        Ink saved = saved();
        Ink printed = shown(() -> new PrintedPage(page, SPACE));
        assertThat(strange(saved, (x, y) -> 0)).as("an empty page").isGreaterThan(1_000);
        assertThat(strange(saved, printed)).isZero();
        assertThat(strange(printed, saved)).isZero();
    }

    @Test
    void whatIsShownIsWhatIsSaved() throws Exception {
        Ink saved = saved();
        Ink shown = shown(() -> {
            Canvas canvas = new Canvas(page.width() * SPACE, page.height() * SPACE);
            new CanvasPainter(canvas.getGraphicsContext2D(), Palette.DAY, SPACE).paint(page, 0, 0);
            return canvas;
        });
        assertThat(strange(saved, shown)).isZero();
        assertThat(strange(shown, saved)).isZero();
    }
}
