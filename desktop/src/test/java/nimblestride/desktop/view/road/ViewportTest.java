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

    private Viewport sight;
    private int changes;

    @Override
    protected Parent content() {
        sight = new Viewport(() -> WIDTH, () -> LENGTH, () -> changes++);
        return new StackPane(sight.bar());
    }

    @BeforeEach
    void fitTwoWholeNotes() {
        interact(() -> {
            sight.fit(2);
            sight.measure();
        });
    }

    @Test
    void aPhraseIsFittedAsFarAsItsEighthsCanBeRead() {
        assertThat(sight.stretch().scale()).isEqualTo((WIDTH - 24) / 2);
        interact(() -> sight.fit(100));
        assertThat(sight.stretch().scale()).isEqualTo(130);
        interact(() -> sight.fit(0.1));
        assertThat(sight.stretch().scale()).isEqualTo(640);
    }

    @Test
    void whatIsInViewIsLeftAndWhatIsNotIsPagedTo() {
        interact(() -> sight.bringIntoView(1.5));
        assertThat(sight.stretch().start()).isZero();
        interact(() -> sight.bringIntoView(6));
        assertThat(sight.stretch().start())
                .isEqualTo(6 - 0.1 * WIDTH / sight.stretch().scale(), within(1e-9));
        interact(() -> sight.bringIntoView(1));
        assertThat(sight.stretch().start()).isLessThan(1);
        interact(() -> sight.centre(5));
        assertThat(sight.stretch().moment(WIDTH / 2)).isEqualTo(5, within(1e-9));
    }

    @Test
    void whatIsZoomedAroundStaysWhereItIs() {
        interact(() -> sight.centre(5));
        for (double around : new double[] {100, 400, 700}) {
            double before = sight.stretch().moment(around);
            interact(() -> sight.zoom(1.4, around));
            assertThat(sight.stretch().moment(around)).isEqualTo(before, within(1e-9));
        }
        assertThat(sight.stretch().scale()).isEqualTo((WIDTH - 24) / 2 * Math.pow(1.4, 3), within(1e-6));
    }

    @Test
    void keysGoALittleAPageAndToTheEnds() {
        double seen = WIDTH / sight.stretch().scale();
        interact(() -> assertThat(sight.press(KeyCode.RIGHT)).isTrue());
        assertThat(sight.stretch().start()).isEqualTo(0.1 * seen, within(1e-9));
        interact(() -> sight.press(KeyCode.PAGE_DOWN));
        assertThat(sight.stretch().start()).isEqualTo(seen, within(1e-9));
        interact(() -> sight.press(KeyCode.END));
        assertThat(sight.stretch().end()).as("a little beyond home").isBetween(LENGTH, LENGTH + 0.2 * seen);
        interact(() -> sight.press(KeyCode.HOME));
        assertThat(sight.stretch().start()).isZero();
        interact(() -> assertThat(sight.press(KeyCode.A)).isFalse());
    }

    /** Whatever is done, the way is in view, its scale within what can be read, and each change is told. */
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
                VisibleRange before = sight.stretch();
                int told = changes;
                switch (random.nextInt(4)) {
                    case 0 -> sight.press(keys.get(random.nextInt(keys.size())));
                    case 1 -> sight.zoom(0.2 + 3 * random.nextDouble(), random.nextDouble() * WIDTH);
                    case 2 -> sight.move((random.nextDouble() - 0.5) * 5_000);
                    default -> sight.bringIntoView(random.nextDouble() * LENGTH);
                }
                VisibleRange now = sight.stretch();
                assertThat(now.start()).isBetween(0.0, LENGTH);
                assertThat(now.scale()).isBetween(2.0, 4_000.0);
                if (!now.equals(before)) {
                    assertThat(changes).isGreaterThan(told);
                }
            }
        });
    }
}
