package nimblestride.desktop.ui.look;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import javafx.scene.text.Font;
import javafx.scene.text.Text;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;

/** Widths are those of the toolkit, also once they are remembered and once there are more than can be. */
class TextWidthsTest {
    private final TextWidths widths = new TextWidths();

    @BeforeAll
    static void startToolkit() throws Exception {
        FxToolkit.registerPrimaryStage();
    }

    private static double measured(String text, Font font) {
        Text node = new Text(text);
        node.setFont(font);
        return node.getLayoutBounds().getWidth();
    }

    @Test
    void areThoseOfTheToolkitInEveryFace() {
        for (int round = 0; round < 2; round++) {
            for (Font font : new Font[] {Typefaces.text(12), Typefaces.bold(14), Typefaces.text(12.5)}) {
                for (String text : new String[] {"1&", "ta", "1,024", "", "W"}) {
                    assertThat(widths.of(text, font)).isCloseTo(measured(text, font), within(1e-9));
                }
            }
        }
        assertThat(widths.of("11", Typefaces.bold(14))).isGreaterThan(widths.of("11", Typefaces.text(11)));
        assertThat(widths.of(Typefaces.signatureDigits("16"), Typefaces.music(26)))
                .isCloseTo(2 * widths.of(Typefaces.signatureDigits("16"), Typefaces.music(13)), within(0.5));
    }

    @Test
    void moreTextsThanAreRememberedAreMeasuredAnew() {
        Font font = Typefaces.text(12);
        for (int i = 0; i < 10_000; i++) {
            widths.of(Integer.toString(i), font);
        }
        assertThat(widths.of("7", font)).isCloseTo(measured("7", font), within(1e-9));
        assertThat(widths.of("9999", font)).isCloseTo(measured("9999", font), within(1e-9));
    }
}
