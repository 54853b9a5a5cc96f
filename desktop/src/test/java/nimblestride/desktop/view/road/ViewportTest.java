package nimblestride.desktop.view.road;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import javafx.scene.Parent;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.StackPane;
import nimblestride.desktop.OnStage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A way of ten whole notes, seen through a window 800 pixels wide. */
class ViewportTest extends OnStage {
    private static final double WIDTH = 800;
    private static final double LENGTH = 10;

    private Viewport viewport;
    private int changes;

    @Override
    protected Parent content() {
        viewport = new Viewport(() -> WIDTH, () -> LENGTH, () -> changes++);
        return new StackPane(viewport.bar());
    }

    @BeforeEach
    void fitTwoWholeNotes() {
        interact(() -> {
            viewport.fit(2);
            viewport.measure();
        });
    }

    @Test
    void aPhraseIsFittedAsFarAsItsEighthsCanBeRead() {
        assertThat(viewport.stretch().scale()).isEqualTo((WIDTH - 24) / 2);
        interact(() -> viewport.fit(100));
        assertThat(viewport.stretch().scale()).isEqualTo(130);
        interact(() -> viewport.fit(0.1));
        assertThat(viewport.stretch().scale()).isEqualTo(640);
    }

    @Test
    void whatIsInViewIsLeftAndWhatIsNotIsPagedTo() {
        interact(() -> viewport.bringIntoView(1.5));
        assertThat(viewport.stretch().start()).isZero();
        interact(() -> viewport.bringIntoView(6));
        assertThat(viewport.stretch().start())
                .isEqualTo(6 - 0.1 * WIDTH / viewport.stretch().scale(), within(1e-9));
        interact(() -> viewport.bringIntoView(1));
        assertThat(viewport.stretch().start()).isLessThan(1);
        interact(() -> viewport.center(5));
        assertThat(viewport.stretch().moment(WIDTH / 2)).isEqualTo(5, within(1e-9));
    }

    @Test
    void whatIsZoomedAroundStaysWhereItIs() {
        interact(() -> viewport.center(5));
        for (double around : new double[] {100, 400, 700}) {
            double before = viewport.stretch().moment(around);
            interact(() -> viewport.zoom(1.4, around));
            assertThat(viewport.stretch().moment(around)).isEqualTo(before, within(1e-9));
        }
        assertThat(viewport.stretch().scale()).isEqualTo((WIDTH - 24) / 2 * Math.pow(1.4, 3), within(1e-6));
    }

    @Test
    void keysGoALittleAPageAndToTheEnds() {
        double seen = WIDTH / viewport.stretch().scale();
        interact(() -> assertThat(viewport.press(KeyCode.RIGHT)).isTrue());
        assertThat(viewport.stretch().start()).isEqualTo(0.1 * seen, within(1e-9));
        interact(() -> viewport.press(KeyCode.PAGE_DOWN));
        assertThat(viewport.stretch().start()).isEqualTo(seen, within(1e-9));
        interact(() -> viewport.press(KeyCode.END));
        assertThat(viewport.stretch().end()).as("a little beyond home").isBetween(LENGTH, LENGTH + 0.2 * seen);
        interact(() -> viewport.press(KeyCode.HOME));
        assertThat(viewport.stretch().start()).isZero();
        interact(() -> assertThat(viewport.press(KeyCode.A)).isFalse());
    }

    /** Whatever the user does, the way is in view, its scale can be read, and listeners get each change. */
    @Test
    void itNeverLeavesTheWay() {
        List<KeyCode> keys = List.of(
                KeyCode.LEFT,
                KeyCode.RIGHT,
                KeyCode.PAGE_UP,
                KeyCode.PAGE_DOWN,
                KeyCode.END,
                KeyCode.PLUS,
                KeyCode.MINUS);
        Random random = new Random(7);
        interact(() -> {
            for (int i = 0; i < 2_000; i++) {
                VisibleRange before = viewport.stretch();
                int told = changes;
                switch (random.nextInt(4)) {
                    case 0 -> viewport.press(keys.get(random.nextInt(keys.size())));
                    case 1 -> viewport.zoom(0.2 + 3 * random.nextDouble(), random.nextDouble() * WIDTH);
                    case 2 -> viewport.move((random.nextDouble() - 0.5) * 5_000);
                    default -> viewport.bringIntoView(random.nextDouble() * LENGTH);
                }
                VisibleRange now = viewport.stretch();
                assertThat(now.start()).isBetween(0.0, LENGTH);
                assertThat(now.scale()).isBetween(2.0, 4_000.0);
                if (!now.equals(before)) {
                    assertThat(changes).isGreaterThan(told);
                }
            }
        });
    }
}
