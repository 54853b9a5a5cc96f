package nimblestride.core.time.reading;

import static nimblestride.core.language.text.Examples.bars;
import static nimblestride.core.language.text.Examples.exercise;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import nimblestride.core.exercise.edit.RewriteEdits;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** That players hear several bars as other bars, and quarters in strides of eighths, is common practice. */
class PhraseReadingsTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "4/4, 7/8; 6/8, 9/8",
                "4/4, 7/8; 5/8 x3",
                "7/8 x4; 4/4 x3, 2/4",
                "3/4, 2/4; 5/8 x2",
                "5/8, 5/8, 6/8; 4/4 x2",
            })
    void aPhraseIsReadAsOtherBars(String phrase, String other) {
        Phrase wanted = bars(other);
        assertThat(PhraseReadings.of(bars(phrase)).limit(12).map(PhraseReadingsTest::meters))
                .contains(meters(wanted.bars()));
    }

    private static String meters(List<Bar> bars) {
        return String.join(" ", bars.stream().map(bar -> bar.meter().toString()).toList());
    }

    @ParameterizedTest
    @CsvSource({"4/4", "9999/16 x2", "5/7 x2"})
    void nothingIsOfferedWhereNothingIsKnown(String phrase) {
        assertThat(PhraseReadings.of(bars(phrase)).limit(3)).isEmpty();
    }

    @Test
    void everyReadingFillsThePhraseAndIsAnother() {
        Phrase phrase = bars("5/8 x2, 11/16");
        List<List<Bar>> found = PhraseReadings.of(phrase).limit(40).toList();
        assertThat(found.stream().map(PhraseReadingsTest::meters)).doesNotContain("5/8 5/8 11/16");
        assertThat(found).hasSizeGreaterThan(5).doesNotHaveDuplicates().allSatisfy(bars -> {
            assertThat(Phrase.folded(bars).length()).isEqualTo(phrase.length());
            assertThat(RewriteEdits.writeAs(exercise("5/8 x2, 11/16", "kick every 3/16"), bars)
                            .phrase()
                            .bars())
                    .isEqualTo(bars);
        });
        assertThatThrownBy(() -> RewriteEdits.writeAs(
                        exercise("4/4"), List.of(bars("3/4").bar(0))))
                .hasMessageContaining("these bars last 3/4");
    }

    /** A known bar has the strides it was known by, in its own unit, and four quarters or fewer have their usual ones. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {"3/4, 4/4; 7/8(3+2+2) x2", "9/8, 3/8; 1/4, 5/4(1+1+1+1+1)", "5/4 x2; 4/4, 6/4(1+1+1+1+1+1)"})
    void aBarKeepsTheStridesItIsKnownBy(String phrase, String other) {
        assertThat(PhraseReadings.of(bars(phrase)).limit(400))
                .contains(bars(other).bars());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "5/4; 10/8",
                "4/4; 8/8",
                "5/4; 10/8(3+2+3+2)",
                "7/4; 14/8(3+3+3+3+2)",
                "3/4; 6/8",
            })
    void quartersAreOfferedInStridesOfEighths(String quarters, String eighths) {
        assertThat(EighthStrides.of(bars(quarters).bar(0).meter()).limit(4).map(BarsText::write))
                .contains(eighths);
    }

    @Test
    void onlyQuartersAreWrittenInEighths() {
        assertThat(EighthStrides.of(bars("7/8").bar(0).meter())).isEmpty();
        assertThat(EighthStrides.of(bars("1/4").bar(0).meter())).isEmpty();
        assertThat(EighthStrides.of(bars("65/4").bar(0).meter())).isEmpty();
        assertThat(EighthStrides.of(bars("64/4").bar(0).meter()).limit(1)).hasSize(1);
        // Whole quarters say nothing new.
        assertThat(EighthStrides.of(bars("5/4").bar(0).meter()))
                .allMatch(bar -> bar.grouping().sizes().contains(3));
    }
}
