package nimblestride.formats.musicxml;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.xml.bind.JAXBContext;
import java.io.StringReader;
import javax.xml.transform.stream.StreamSource;
import nimblestride.core.language.text.PivotText;
import nimblestride.core.language.text.TempoText;
import org.audiveris.proxymusic.Direction;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Metronome marks and modulations as the MusicXML 4.0 standard has them written: elements metronome, sound and words of a direction. */
class TempoReaderTest {
    private static Direction direction(String inside) throws Exception {
        return JAXBContext.newInstance(Direction.class)
                .createUnmarshaller()
                .unmarshal(new StreamSource(new StringReader("<direction>" + inside + "</direction>")), Direction.class)
                .getValue();
    }

    private static String mark(String inside) {
        return "<direction-type><metronome>" + inside + "</metronome></direction-type>";
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "<beat-unit>quarter</beat-unit><per-minute>96</per-minute> | | 96",
                "<beat-unit>eighth</beat-unit><per-minute>210</per-minute> | | 1/8=210",
                "<beat-unit>quarter</beat-unit><beat-unit-dot/><per-minute>72</per-minute> | | 3/8=72",
                "<beat-unit>eighth</beat-unit><beat-unit-dot/><beat-unit-dot/><per-minute>60</per-minute> | | 7/32=60",
                "<beat-unit>half</beat-unit><per-minute>c. 66.5</per-minute> | | 1/2=66.5",
                "<beat-unit>quarter</beat-unit><per-minute>120-126</per-minute> | | 120",
                "<beat-unit>quarter</beat-unit><per-minute>quick</per-minute> | | none",
                "<beat-unit>quarter</beat-unit><per-minute/> | | none",
                "<beat-unit>minim</beat-unit><per-minute>60</per-minute> | | none",
                "<beat-unit>quarter</beat-unit><per-minute>0</per-minute> | | none",
                "<beat-unit>quarter</beat-unit><per-minute>9999</per-minute> | | none",
                // What is to be played is more exact where it is the same, counted as it is marked.
                "<beat-unit>quarter</beat-unit><per-minute>133.3</per-minute> | 133.333333333 | 400/3",
                "<beat-unit>eighth</beat-unit><per-minute>193</per-minute> | 96.4285714286 | 1/8=1350/7",
                "<beat-unit>quarter</beat-unit><per-minute>100</per-minute> | 90 | 100",
                "'' | 87.5 | 87.5",
                "'' | 0.5 | none",
            })
    void temposAreReadAsTheyAreMarkedOrToBePlayed(String marked, String played, String tempo) throws Exception {
        String sound = played == null ? "" : "<sound tempo=\"" + played + "\"/>";
        Direction direction = direction((marked.isEmpty() ? "" : mark(marked)) + sound);
        assertThat(TempoReader.tempo(direction).map(TempoText::write).orElse("none"))
                .isEqualTo(tempo.equals("none") ? tempo : TempoText.write(TempoText.read(tempo)));
        assertThat(TempoReader.pivot(direction)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "<metronome-note><metronome-type>eighth</metronome-type></metronome-note>"
                        + "<metronome-relation>equals</metronome-relation>"
                        + "<metronome-note><metronome-type>quarter</metronome-type><metronome-dot/></metronome-note>"
                        + " | 1/8 = 3/8",
                "<metronome-note><metronome-type>quarter</metronome-type><metronome-tuplet type=\"start\">"
                        + "<actual-notes>3</actual-notes><normal-notes>2</normal-notes></metronome-tuplet></metronome-note>"
                        + "<metronome-relation>equals</metronome-relation>"
                        + "<metronome-note><metronome-type>quarter</metronome-type></metronome-note> | 1/6 = 1/4",
                "<metronome-note><metronome-type>breve-ish</metronome-type></metronome-note>"
                        + "<metronome-note><metronome-type>quarter</metronome-type></metronome-note> | none",
                "<metronome-note><metronome-type>quarter</metronome-type></metronome-note> | none",
            })
    void twoNotesWithAnEqualsSignAreAPivot(String notes, String pivot) throws Exception {
        assertThat(TempoReader.pivot(direction(mark(notes)))
                        .map(PivotText::write)
                        .orElse("none"))
                .isEqualTo(pivot.equals("none") ? pivot : PivotText.write(PivotText.read(pivot)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"1/8 = 1/16 | 1/8 = 1/16", "dim. = softer | none", "no sign at all | none", "'' | none"})
    void wordsThatSayAPivotAreOne(String words, String pivot) throws Exception {
        Direction direction = direction("<direction-type><words>" + words + "</words></direction-type>");
        assertThat(TempoReader.pivot(direction).map(PivotText::write).orElse("none"))
                .isEqualTo(pivot.equals("none") ? pivot : PivotText.write(PivotText.read(pivot)));
        assertThat(TempoReader.tempo(direction)).isEmpty();
    }
}
