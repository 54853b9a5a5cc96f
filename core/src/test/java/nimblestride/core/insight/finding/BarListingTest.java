package nimblestride.core.insight.finding;

import static nimblestride.core.language.text.Examples.exercise;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.LongStream;
import nimblestride.core.exercise.analysis.Analysis;
import org.junit.jupiter.api.Test;

class BarListingTest {
    private static BarListing words(String bars, String... layers) {
        return new BarListing(Analysis.of(exercise(bars, layers)));
    }

    /** Fives of sixteenths over bars of 7/16 are home after five bars; counted by hand: the sixteenths are 1, 1e, 1&, 1a, 2, 2e, 2&. */
    @Test
    void saysWhereEveryLayerStrikesAndLands() {
        BarListing words = words("7/16(2+2+3)", "kick every 5/16", "snare every 7/16 from 1/8");
        assertThat(LongStream.range(0, 6).mapToObj(words::line))
                .containsExactly(
                        "Bar 1, 7/16(2+2+3): kick on 1, 2e, landing; snare on 1&.",
                        "Bar 2, 7/16(2+2+3): kick on 1a; snare on 1&.",
                        "Bar 3, 7/16(2+2+3): kick on 1e, 2&; snare on 1&.",
                        "Bar 4, 7/16(2+2+3): kick on 2; snare on 1&.",
                        "Bar 5, 7/16(2+2+3): kick on 1&; snare on 1&.",
                        "Bar 6, 7/16(2+2+3), everything home: kick on 1, 2e, landing; snare on 1&.");
    }

    @Test
    void saysWhatIsSilentAndWhatIsTooDenseToBeTold() {
        assertThat(words("3/4, 1/4", "kick every 3/4").line(1)).isEqualTo("Bar 2, 1/4(1): kick on 1, landing.");
        assertThat(words("2/8, 2/8", "kick every 2/4").line(1)).contains("kick silent");
        assertThat(words("7/4", "shaker every 1/64").line(0)).endsWith(" and more, landing.");
        assertThat(words("5/8").line(0)).isEqualTo("Bar 1, 5/8(3+2).");
    }

    /** A billion bars on, a line takes no longer. */
    @Test
    void tellsBarsFarAway() {
        assertThat(words("7/8", "kick every 5/16").line(1_000_000_000L))
                .startsWith("Bar 1,000,000,001, 7/8(2+2+3), everything home: kick on 1");
    }
}
