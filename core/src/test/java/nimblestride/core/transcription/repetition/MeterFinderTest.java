package nimblestride.core.transcription.repetition;

import static nimblestride.core.language.text.Examples.bars;
import static nimblestride.core.language.text.Examples.layer;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MeterFinderTest {
    /** Grooves with a bass drum on the groups, a back-beat and a steady ride, given without their bars. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            textBlock =
                    """
            7/8(2+2+3);      kick at 1:0 1:1/2;              snare at 1:1/4
            7/8(3+2+2);      kick at 1:0 1:5/8;              snare at 1:3/8
            5/8(3+2);        kick at 1:0;                    snare at 1:3/8
            11/8(3+3+3+2);   kick at 1:0 1:3/4;              snare at 1:3/8 1:9/8
            9/8(2+2+2+3);    kick at 1:0 1:1/2 1:3/4;        snare at 1:1/4
            4/4;             kick at 1:0 1:1/2;              snare at 1:1/4 1:3/4
            3/4;             kick at 1:0;                    snare at 1:1/4 1:1/2
            """)
    void aGrooveTellsItsMeter(String meter, String kick, String snare) {
        Phrase phrase = bars(meter);
        NoteValue length = phrase.length().times(8);
        List<VoiceLine> lines = Stream.of(kick.strip(), snare.strip(), "ride every 1/8")
                .map(typed -> Lines.of(layer(typed), phrase, length))
                .toList();
        List<MeterProposal> proposals = MeterFinder.of(lines);
        assertThat(proposals).isNotEmpty();
        assertThat(Phrase.of(proposals.get(0).bars()).length())
                .isIn(phrase.length(), phrase.length().dividedBy(2));
        if (Phrase.of(proposals.get(0).bars()).length().equals(phrase.length())) {
            assertThat(proposals.get(0).bars()).isEqualTo(phrase.bars());
        }
        assertThat(proposals.get(0).sure()).isEqualTo("sure");
    }

    @Test
    void anEvenPulseTellsNothing() {
        Phrase phrase = bars("4/4");
        assertThat(MeterFinder.of(List.of(Lines.of(layer("kick every 1/8"), phrase, NoteValue.of(8, 1)))))
                .isEmpty();
    }
}
