package nimblestride.core.layer.alignment;

import static nimblestride.core.language.text.Examples.bars;
import static nimblestride.core.language.text.Examples.exercise;
import static nimblestride.core.language.text.Examples.layer;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.stream.Collectors;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.insight.finding.Finding;
import nimblestride.core.insight.finding.Findings;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Together, n even notes and m sound n + m - gcd(n, m) times. The sentences are common practice. */
class CompositeRhythmTest {
    private static Optional<CompositeRhythm> together(String bars, String one, String other) {
        Phrase phrase = bars(bars);
        LayerTimeline first = LayerTimeline.of(layer(one), phrase);
        LayerTimeline second = LayerTimeline.of(layer(other), phrase);
        return CompositeRhythm.of(first, second, Meeting.of(first, second));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "3/4; kick 2 over bar; ride 3 over bar; 1/4 1/8 1/8 1/4; nice cup of tea",
                "3/4; kick 3 over bar; ride 4 over bar; 3/16 1/16 1/8 1/8 1/16 3/16; pass the bread and butter",
                "4/4; kick 4 over bar; ride 5 over bar; 1/5 1/20 3/20 1/10 1/10 3/20 1/20 1/5; I'm looking for a home to buy",
                "3/4; kick 2 over bar; ride cell xx..x. of 1/8; 1/8 1/4 1/8 1/4; ''",
                "5/8; kick every 3/8; ride every 5/8; 3/8 1/4 1/8 3/8 1/8 1/4 3/8; ''",
            })
    void twoLayersSoundAsOne(String bars, String one, String other, String lengths, String saying) {
        CompositeRhythm rhythm = together(bars, one, other).orElseThrow();
        assertThat(rhythm.lengths().stream().map(NoteValue::toString).collect(Collectors.joining(" ")))
                .isEqualTo(lengths);
        assertThat(rhythm.saying()).isEqualTo(saying);
        assertThat(together(bars, other, one)).contains(rhythm);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "4/4; kick every 1/4; ride every 1/8",
                "4/4; kick every 1/4; ride every 1/4 from 1/8",
                "19/16; kick 17 over bar; ride 16 over bar",
            })
    void nothingIsSaidWhereThereIsNothingToHear(String bars, String one, String other) {
        assertThat(together(bars, one, other)).isEmpty();
    }

    @Test
    void theFindingNamesTheNotesAndTheirPlaces() {
        Finding finding = Findings.of(Analysis.of(exercise("3/4", "kick every 3/8", "ride every 1/4"))).stream()
                .filter(one -> one.code().equals("composite"))
                .findFirst()
                .orElseThrow();
        assertThat(finding.sentence())
                .isEqualTo("Kick and ride together: quarter, eighth, eighth, quarter. Say: “nice cup of tea”.");
        assertThat(finding.sum()).isEqualTo("Count: 1 2 2& 3.");
    }
}
