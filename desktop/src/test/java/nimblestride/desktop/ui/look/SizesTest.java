package nimblestride.desktop.ui.look;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SizesTest {
    @Test
    void stepsLeadFromTheUsualSizeToTwiceItAndBack() {
        List<Integer> up =
                IntStream.iterate(Sizes.USUAL, Sizes::larger).limit(6).boxed().toList();
        assertThat(up).startsWith(100).endsWith(200).isSorted().doesNotHaveDuplicates();
        assertThat(Sizes.larger(200)).isEqualTo(200);
        List<Integer> down =
                IntStream.iterate(200, Sizes::smaller).limit(6).boxed().sorted().toList();
        assertThat(down).isEqualTo(up);
        assertThat(Sizes.smaller(100)).isEqualTo(100);
    }

    @ParameterizedTest
    @CsvSource({"-5, 100", "0, 100", "107, 100", "108, 115", "141, 150", "1e9, 200", "NaN, 100"})
    void whatSomebodyWroteIntoTheSettingsIsBroughtToTheNearestSize(double asked, int size) {
        assertThat(Sizes.nearest(asked)).isEqualTo(size);
    }

    @Test
    void menusAndHintsGetTheirSizeFromAStylesheet() {
        assertThat(Sizes.stylesheet(150))
                .startsWith("data:text/css,")
                .contains("21.0px")
                .contains("19.5px");
        assertThat(Sizes.stylesheet(100)).contains("14.0px").contains("13.0px").doesNotContain("{");
    }
}
