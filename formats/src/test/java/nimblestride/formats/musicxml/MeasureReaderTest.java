package nimblestride.formats.musicxml;

import static nimblestride.formats.musicxml.WrittenMeasures.FOUR_EIGHTHS;
import static nimblestride.formats.musicxml.WrittenMeasures.measure;
import static nimblestride.formats.musicxml.WrittenMeasures.moments;
import static nimblestride.formats.musicxml.WrittenMeasures.read;
import static nimblestride.formats.musicxml.WrittenMeasures.score;
import static nimblestride.formats.musicxml.WrittenMeasures.snare;
import static org.assertj.core.api.Assertions.assertThat;

import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.transcription.source.Transcription;
import nimblestride.files.UnreadableFileException;
import org.junit.jupiter.api.Test;

/** What a measure holds that an exercise does not. */
class MeasureReaderTest {
    private static final String GRACE = "<note><grace slash=\"yes\"/><unpitched><display-step>C</display-step>"
            + "<display-octave>5</display-octave></unpitched><instrument id=\"P1-I39\"/><voice>1</voice></note>";

    private static String words(String type) {
        return "<direction><direction-type>" + type + "</direction-type></direction>";
    }

    /** Reports what stands in a bar and has no place in an exercise, and imports the rest. */
    @Test
    void whatDoesNotComeAcrossIsTold() throws UnreadableFileException {
        Transcription brought = read(score(measure(FOUR_EIGHTHS
                        + words("<dynamics><mf/></dynamics>")
                        + words("<wedge type=\"crescendo\"/>")
                        + snare(1, "")
                        + "<sound tempo=\"90\"/>"
                        + snare(1, "").replace("<note>", "<note><cue/>")
                        + GRACE.repeat(5)
                        + snare(2, "")
                        + words("<words>rubato</words>"))
                + measure("<sound tempo=\"140\"/>" + snare(4, ""))));
        assertThat(brought.leftOut())
                .anyMatch(stated -> stated.contains("dynamic mark"))
                .anyMatch(stated -> stated.contains("a change of tempo inside a bar"))
                .anyMatch(stated -> stated.contains("a cue note"))
                .anyMatch(stated -> stated.contains("more than three grace notes in a row (three kept)"));
        assertThat(moments(brought)).containsExactly("0", "1/4", "1/2");
        assertThat(brought.parts().get(0).strokes().get(1).stroke().ornament()).isEqualTo(Ornament.RUFF);
        assertThat(brought.tempos())
                .extracting(mark -> mark.bar() + " " + TempoText.write(mark.tempo()))
                .containsExactly("0 120", "1 140");
    }

    /** A voice may be moved on without a rest, and back by more than there is: that is the beginning of the bar. */
    @Test
    void voicesAreMovedOnAndBack() throws UnreadableFileException {
        Transcription brought = read(score(measure(FOUR_EIGHTHS
                + snare(1, "")
                + "<forward><duration>2</duration></forward>"
                + snare(1, "")
                + "<backup><duration>9</duration></backup>"
                + "<forward><duration>1</duration></forward>"
                + snare(2, ""))));
        assertThat(moments(brought)).containsExactlyInAnyOrder("0", "3/8", "1/8");
    }
}
