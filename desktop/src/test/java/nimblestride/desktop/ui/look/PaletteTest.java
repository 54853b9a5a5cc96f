package nimblestride.desktop.ui.look;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.paint.Color;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** WCAG 2.2, 1.4.3: text keeps 4.5 to 1; 1.4.11: marks keep 3 to 1. The formula is WCAG's relative luminance. */
class PaletteTest {
    private static double luminance(Color color) {
        return 0.2126 * linear(color.getRed()) + 0.7152 * linear(color.getGreen()) + 0.0722 * linear(color.getBlue());
    }

    private static double linear(double channel) {
        return channel <= 0.04045 ? channel / 12.92 : Math.pow((channel + 0.055) / 1.055, 2.4);
    }

    private static double contrast(Color one, Color other) {
        double lighter = Math.max(luminance(one), luminance(other));
        double darker = Math.min(luminance(one), luminance(other));
        return (lighter + 0.05) / (darker + 0.05);
    }

    @ParameterizedTest
    @EnumSource
    void textAndMarksCanBeReadOnEveryGround(Palette palette) {
        for (Color ground : List.of(palette.ground(), palette.panel(), palette.landingGround())) {
            for (Color text : List.of(palette.ink(), palette.quiet(), palette.landing())) {
                assertThat(contrast(text, ground)).as("%s on %s", text, ground).isGreaterThanOrEqualTo(4.5);
            }
        }
        assertThat(contrast(palette.ground(), palette.landing())).isGreaterThanOrEqualTo(4.5);
        for (int layer = 0; layer < 6; layer++) {
            assertThat(contrast(palette.layer(layer), palette.ground())).isGreaterThanOrEqualTo(3);
        }
    }
}
