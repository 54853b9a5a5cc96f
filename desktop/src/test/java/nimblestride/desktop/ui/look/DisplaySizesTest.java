package nimblestride.desktop.ui.look;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DisplaySizesTest {
    @Test
    void stepsLeadFromTheUsualSizeToTwiceItAndBack() {
        List<Integer> up = IntStream.iterate(DisplaySizes.DEFAULT, DisplaySizes::larger)
                .limit(6)
                .boxed()
                .toList();
        assertThat(up).startsWith(100).endsWith(200).isSorted().doesNotHaveDuplicates();
        assertThat(DisplaySizes.larger(200)).isEqualTo(200);
        List<Integer> down = IntStream.iterate(200, DisplaySizes::smaller)
                .limit(6)
                .boxed()
                .sorted()
                .toList();
        assertThat(down).isEqualTo(up);
        assertThat(DisplaySizes.smaller(100)).isEqualTo(100);
    }

    @ParameterizedTest
    @CsvSource({"-5, 100", "0, 100", "107, 100", "108, 115", "141, 150", "1e9, 200", "NaN, 100"})
    void whatSomebodyWroteIntoTheSettingsIsBroughtToTheNearestSize(double asked, int size) {
        assertThat(DisplaySizes.nearest(asked)).isEqualTo(size);
    }

    @Test
    void menusAndHintsGetTheirSizeFromAStylesheet() {
        assertThat(DisplaySizes.stylesheet(150))
                .startsWith("data:text/css,")
                .contains("21.0px")
                .contains("19.5px");
        assertThat(DisplaySizes.stylesheet(100))
                .contains("14.0px")
                .contains("13.0px")
                .doesNotContain("{");
    }
}
