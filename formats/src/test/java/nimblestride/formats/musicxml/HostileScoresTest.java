package nimblestride.formats.musicxml;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import nimblestride.core.transcription.source.Transcription;
import nimblestride.files.UnreadableFileException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Scores that were made to keep a program busy, or that say nothing it could rely on: each is refused where that is seen. */
class HostileScoresTest {
    private static final String NOTE =
            "<note><pitch><step>C</step><octave>4</octave></pitch><duration>4</duration><type>quarter</type></note>";
    private static final String GRACE =
            "<note><grace/><pitch><step>C</step><octave>4</octave></pitch><type>eighth</type></note>";
    private static final String CHORD = NOTE.replace("<note>", "<note><chord/>");
    private static final String ATTRIBUTES =
            "<divisions>4</divisions><time><beats>4</beats><beat-type>4</beat-type></time>";

    private static String score(String attributes, String notes) {
        return "<score-partwise version=\"4.0\"><part-list><score-part id=\"P1\"><part-name>Drums</part-name></score-part>"
                + "</part-list><part id=\"P1\"><measure number=\"1\"><attributes>" + attributes + "</attributes>"
                + notes
                + "</measure></part></score-partwise>";
    }

    private static Transcription read(String score) {
        return MusicXmlImport.read(score.getBytes(StandardCharsets.UTF_8), "hostile");
    }

    private static void refused(String score, String why) {
        assertThatExceptionOfType(UnreadableFileException.class)
                .isThrownBy(() -> read(score))
                .withMessageContaining(why);
    }

    @Test
    void aNumberOfAMillionDigitsIsRefusedByItsLength() {
        String digits = "9".repeat(1_000_000);
        refused(score(ATTRIBUTES.replace(">4</div", ">" + digits + "</div"), NOTE), "a <divisions> that is too long");
        refused(
                score(
                        ATTRIBUTES,
                        NOTE + "<barline location=\"right\"><repeat direction=\"backward\" times=\"" + digits
                                + "\"/></barline>"),
                "an attribute times that is too long");
    }

    /** The defect: the divisions before went on in silence, and every note after was as long as it should not be. */
    @ParameterizedTest
    @CsvSource({"divisions, abc", "divisions, 4x", "duration, x"})
    void aLengthThatIsNoNumberIsReported(String element, String wrong) {
        String whole = score(ATTRIBUTES, NOTE);
        refused(
                whole.replace("<" + element + ">4<", "<" + element + ">" + wrong + "<"),
                "<" + element + "> is not a number, such as 4");
    }

    @Test
    void whatTheSchemaDoesNotKnowIsPassedOver() {
        String strange = NOTE.replace("<note>", "<note><unheard-of>1</unheard-of>");
        assertThat(read(score(ATTRIBUTES, strange)).parts()).hasSize(1);
    }

    @Test
    void moreNotesThanABarCanHaveAreRefused() {
        refused(score(ATTRIBUTES, CHORD.repeat(40_001)), "more than 40,000 notes in one measure");
    }

    /** The defect: every note of the chord asked every grace note again. */
    @Test
    void graceNotesWithoutNumberAreLeftOut() {
        Transcription read = read(score(ATTRIBUTES, GRACE.repeat(15_000) + NOTE + CHORD.repeat(15_000)));
        assertThat(read.parts().get(0).strokes()).hasSize(15_001);
        assertThat(read.leftOut()).anyMatch(sentence -> sentence.contains("more than three grace notes"));
    }

    @Test
    void morePartsThanAScoreCanHaveAreRefused() {
        StringBuilder parts = new StringBuilder();
        for (int i = 0; i < 600; i++) {
            parts.append("<score-part id=\"X").append(i).append("\"><part-name>D</part-name></score-part>");
        }
        refused(score(ATTRIBUTES, NOTE).replace("</part-list>", parts + "</part-list>"), "more than 500 <score-part>");
    }

    private static byte[] packed(Map<String, String> files) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, String> file : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(file.getKey()));
                zip.write(file.getValue().getBytes(StandardCharsets.UTF_8));
            }
        }
        return bytes.toByteArray();
    }

    /** The defect: a pattern that went back over all that was left at every sign took 40 seconds for 819 bytes. */
    @Test
    void aContainerThatIsNoXmlIsRefused() throws IOException {
        byte[] archive =
                packed(Map.of("META-INF/container.xml", "<rootfile ".repeat(20_000), "a.xml", "<score-partwise/>"));
        assertThatExceptionOfType(UnreadableFileException.class)
                .isThrownBy(() -> MusicXmlImport.read(archive, "hostile"))
                .withMessageContaining("this archive's container is not XML (ParseError at");
    }

    @Test
    void aRootFileInACommentNamesNothing() throws IOException {
        Map<String, String> files = new LinkedHashMap<>();
        files.put(
                "META-INF/container.xml",
                "<container><rootfiles><!-- <rootfile full-path=\"old.xml\"/> -->"
                        + "<rootfile full-path=\"new.xml\"/></rootfiles></container>");
        files.put("old.xml", score(ATTRIBUTES, NOTE).replace("Drums", "Old"));
        files.put("new.xml", score(ATTRIBUTES, NOTE).replace("Drums", "New"));
        assertThat(MusicXmlImport.read(packed(files), "packed").parts().get(0).name())
                .isEqualTo("New");
    }
}
