package nimblestride.formats.musicxml;

import static nimblestride.core.language.text.Examples.exercise;
import static nimblestride.formats.musicxml.WrittenMeasures.FOUR_EIGHTHS;
import static nimblestride.formats.musicxml.WrittenMeasures.measure;
import static nimblestride.formats.musicxml.WrittenMeasures.moments;
import static nimblestride.formats.musicxml.WrittenMeasures.read;
import static nimblestride.formats.musicxml.WrittenMeasures.rest;
import static nimblestride.formats.musicxml.WrittenMeasures.score;
import static nimblestride.formats.musicxml.WrittenMeasures.snare;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.transcription.source.ImportedHit;
import nimblestride.core.transcription.source.ImportedPart;
import nimblestride.core.transcription.source.MeterSource;
import nimblestride.core.transcription.source.TempoMark;
import nimblestride.core.transcription.source.Transcription;
import nimblestride.files.UnreadableFileException;
import nimblestride.formats.source.FileImporter;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Scores as other hands write them. */
class MusicXmlImportTest {
    @Test
    void instrumentsAreToldByTheirKeyAndTheTitleByTheMovement() throws UnreadableFileException {
        Transcription brought = read(score(measure(FOUR_EIGHTHS + snare(2, "") + snare(2, ""))));
        assertThat(brought.title()).isEqualTo("Ferry Bell");
        assertThat(brought.meters()).isEqualTo(MeterSource.WRITTEN);
        ImportedPart drums = brought.parts().get(0);
        assertThat(drums.percussion()).isTrue();
        assertThat(drums.sounds())
                .allMatch(sound -> sound.name().equals("Acoustic Snare")
                        && sound.usual().orElseThrow().name().equals("snare"));
        assertThat(brought.tempos()).containsExactly(new TempoMark(0, TempoText.read("120"), Optional.empty()));
    }

    @Test
    void voicesBackupsChordsTiesGraceNotesAndStickings() throws UnreadableFileException {
        String kick = "<note>%s<unpitched><display-step>F</display-step><display-octave>4</display-octave></unpitched>"
                + "<duration>4</duration>%s<instrument id=\"P1-I37\"/><voice>2</voice></note>";
        String grace = "<note><grace slash=\"yes\"/><unpitched><display-step>C</display-step>"
                + "<display-octave>5</display-octave></unpitched><instrument id=\"P1-I39\"/><voice>1</voice></note>";
        Transcription brought = read(score(measure(FOUR_EIGHTHS
                        + grace
                        + snare(1, "<notations><technical><fingering>L</fingering></technical></notations>")
                        + snare(
                                1,
                                "<notehead parentheses=\"yes\">normal</notehead>"
                                        + "<notations><ornaments><tremolo type=\"unmeasured\">0</tremolo></ornaments></notations>")
                        + snare(2, "<notations><articulations><accent/></articulations></notations>")
                        + "<backup><duration>4</duration></backup>"
                        + String.format(kick, "", "<tie type=\"start\"/>"))
                + measure(String.format(kick, "", "<tie type=\"stop\"/>"))));
        assertThat(brought.parts().get(0).strokes().stream().map(MusicXmlImportTest::said))
                .containsExactlyInAnyOrder(
                        "0 snare NORMAL FLAM LEFT_HAND",
                        "1/8 snare GHOST BUZZ ",
                        "1/4 snare ACCENT NONE ",
                        "0 kick NORMAL NONE ");
    }

    /** One slash through a stem: the note is two of half its length (common practice on drums). */
    @Test
    void aSlashThroughTheStemIsTwoNotes() throws UnreadableFileException {
        String slash = "<notations><ornaments><tremolo type=\"single\">1</tremolo></ornaments></notations>";
        Transcription brought = read(score(measure(FOUR_EIGHTHS + snare(1, "") + snare(1, slash) + snare(2, slash))));
        assertThat(brought.parts().get(0).strokes().stream().map(MusicXmlImportTest::said))
                .containsExactly(
                        "0 snare NORMAL NONE ",
                        "1/8 snare NORMAL NONE ",
                        "3/16 snare NORMAL NONE ",
                        "1/4 snare NORMAL NONE ",
                        "3/8 snare NORMAL NONE ");
    }

    private static String said(ImportedHit struck) {
        return struck.at() + " " + struck.sound().usual().orElseThrow() + " "
                + struck.stroke().level() + " " + struck.stroke().ornament() + " "
                + struck.stroke().limb().map(Enum::name).orElse("");
    }

    @Test
    void tupletsAndPickupsAndOverfullBars() throws UnreadableFileException {
        String triplets =
                "<attributes><divisions>3</divisions><time><beats>2</beats><beat-type>4</beat-type></time></attributes>";
        Transcription brought =
                read(score("<measure number=\"0\" implicit=\"yes\">" + triplets + snare(1, "") + "</measure>"
                        + measure(snare(1, "") + snare(1, "") + snare(1, "") + rest(3))
                        + measure(snare(6, "") + snare(2, ""))));
        assertThat(brought.bars().stream().map(bar -> bar.length().toString())).containsExactly("1/12", "1/2", "2/3");
        assertThat(moments(brought)).containsExactly("0", "1/12", "1/6", "1/4", "7/12", "13/12");
        assertThat(brought.leftOut()).anyMatch(imported -> imported.contains("overfull bar"));
    }

    private static String repeat(String direction, String more) {
        return "<barline location=\"" + (direction.equals("forward") ? "left" : "right") + "\">" + more
                + "<repeat direction=\"" + direction + "\"/></barline>";
    }

    /** Bars known by which of their eighths is struck: which are played, in which order. */
    private static List<Integer> order(String... measures) throws UnreadableFileException {
        StringBuilder all = new StringBuilder();
        for (int i = 0; i < measures.length; i++) {
            String[] around = measures[i].split("@", -1);
            all.append("<measure number=\"")
                    .append(i + 1)
                    .append("\">")
                    .append(i == 0 ? EIGHT : "")
                    .append(around[0]);
            all.append(i == 0 ? "" : rest(i)).append(snare(8 - i, ""));
            all.append(around.length > 1 ? around[1] : "").append("</measure>");
        }
        Transcription brought = read(score(all.toString()));
        return brought.parts().get(0).strokes().stream()
                .map(struck -> (int) struck.at().remainder(NoteValue.WHOLE).wholePartsOf(NoteValue.EIGHTH) + 1)
                .toList();
    }

    private static final String EIGHT =
            "<attributes><divisions>2</divisions><time><beats>4</beats><beat-type>4</beat-type></time></attributes>";

    private static String ending(String number, String type, String repeat) {
        return "<barline location=\"" + (type.equals("start") ? "left" : "right") + "\"><ending number=\"" + number
                + "\" type=\"" + type + "\"/>" + repeat + "</barline>";
    }

    @Test
    void repeatsEndingsAndJumpsArePlayedOut() throws UnreadableFileException {
        String back = "<repeat direction=\"backward\"/>";
        assertThat(order("", repeat("forward", "") + "@", "@" + repeat("backward", ""), ""))
                .containsExactly(1, 2, 3, 2, 3, 4);
        assertThat(order("", "@<barline location=\"right\"><repeat direction=\"backward\" times=\"3\"/></barline>", ""))
                .containsExactly(1, 2, 1, 2, 1, 2, 3);
        assertThat(order(
                        "",
                        ending("1", "start", "") + "@" + ending("1", "stop", back),
                        ending("2", "start", "") + "@" + ending("2", "stop", ""),
                        ""))
                .containsExactly(1, 2, 1, 3, 4);
        assertThat(order(
                        "",
                        ending("1, 2", "start", "") + "@" + ending("1, 2", "stop", back),
                        ending("3", "start", "") + "@" + ending("3", "discontinue", "")))
                .containsExactly(1, 2, 1, 2, 1, 3);
        assertThat(order(
                        "",
                        ending("1", "start", "") + "@",
                        "@" + ending("1", "stop", back),
                        ending("2", "start", "") + "@" + ending("2", "stop", back),
                        ""))
                .containsExactly(1, 2, 3, 1, 4, 5);
        String sound = "<sound %s/>";
        assertThat(order(
                        "",
                        String.format(sound, "segno=\"s\"") + "@",
                        "@" + String.format(sound, "tocoda=\"c\""),
                        "@" + String.format(sound, "dalsegno=\"s\""),
                        String.format(sound, "coda=\"c\"") + "@"))
                .containsExactly(1, 2, 3, 4, 2, 3, 5);
        assertThat(order("", "@" + String.format(sound, "fine=\"yes\""), "@" + String.format(sound, "dacapo=\"yes\"")))
                .containsExactly(1, 2, 3, 1, 2);
    }

    /** As some programs write it: the first ending has only its end, without a number or with that of the second. */
    @Test
    void aFirstEndingWhoseBeginningIsMissingIsAFirstEndingNevertheless() throws UnreadableFileException {
        String back = "<repeat direction=\"backward\"/>";
        String second = ending("2", "start", "") + "@" + ending("2", "discontinue", "");
        assertThat(order("", "@" + ending("", "stop", back), second, "")).containsExactly(1, 2, 1, 3, 4);
        assertThat(order("", "@" + ending("2", "stop", back), second, "")).containsExactly(1, 2, 1, 3, 4);
        assertThat(order("", "@" + repeat("backward", ""), second, "")).containsExactly(1, 2, 1, 3, 4);
    }

    @Test
    void theLastEndingOfARepeatMayBeTheFirstBarOfTheNext() throws UnreadableFileException {
        String back = "<repeat direction=\"backward\"/>";
        assertThat(order(
                        "",
                        ending("1", "start", "") + "@" + ending("1", "stop", back),
                        ending("2", "start", "<repeat direction=\"forward\"/>") + "@" + ending("2", "discontinue", ""),
                        "@" + repeat("backward", ""),
                        ""))
                .containsExactly(1, 2, 1, 3, 4, 3, 4, 5);
        // Or the next begins after it without a sign.
        assertThat(order(
                        "",
                        ending("1", "start", "") + "@" + ending("1", "stop", back),
                        ending("2", "start", "") + "@" + ending("2", "discontinue", ""),
                        "",
                        ending("1", "start", "") + "@" + ending("1", "stop", back),
                        ending("2", "start", "") + "@" + ending("2", "discontinue", "")))
                .containsExactly(1, 2, 1, 3, 4, 5, 4, 6);
    }

    @Test
    void aBarThatIsNeverComeToIsTold() throws UnreadableFileException {
        Transcription brought = read(score(measure(FOUR_EIGHTHS + snare(1, "").repeat(4))
                + measure(ending("3", "start", "") + snare(1, "").repeat(4) + ending("3", "stop", ""))
                + measure(snare(4, ""))));
        assertThat(brought.bars()).hasSize(2);
        assertThat(brought.leftOut()).containsExactly("Not imported: a bar that the written repeats never reach.");
    }

    @Test
    void measureRepeatSignsPlayWhatWasBefore() throws UnreadableFileException {
        String sign =
                "<attributes><measure-style><measure-repeat type=\"%s\">1</measure-repeat></measure-style></attributes>";
        Transcription brought = read(score(measure(FOUR_EIGHTHS + snare(3, "") + snare(1, ""))
                + measure(String.format(sign, "start") + rest(4))
                + measure(rest(4))
                + measure(String.format(sign, "stop") + snare(4, ""))));
        assertThat(moments(brought)).containsExactly("0", "3/8", "1/2", "7/8", "1", "11/8", "3/2");
    }

    @Test
    void groupsAreThoseOfTheBeams() throws UnreadableFileException {
        String seven =
                "<attributes><divisions>2</divisions><time><beats>7</beats><beat-type>8</beat-type></time></attributes>";
        StringBuilder notes = new StringBuilder(seven);
        for (String beam : List.of("begin", "end", "begin", "end", "begin", "continue", "end")) {
            notes.append(snare(1, "<beam number=\"1\">" + beam + "</beam>"));
        }
        assertThat(read(score(measure(notes.toString()))).bars())
                .containsExactly(exercise("7/8(2+2+3)").phrase().bar(0));
    }

    @Test
    void scoresByMeasuresAndInOtherEncodingsAreReadToo() throws Exception {
        String partwise = score(measure(FOUR_EIGHTHS + snare(3, "") + snare(1, "")));
        String timewise = partwise.replace("score-partwise", "score-timewise")
                .replace("Partwise", "Timewise")
                .replace("<part id=\"P1\"><measure number=\"1\">", "<measure number=\"1\"><part id=\"P1\">")
                .replace("</measure></part>", "</part></measure>");
        assertThat(read(timewise)).isEqualTo(read(partwise));
        for (Charset charset : List.of(StandardCharsets.UTF_16, StandardCharsets.ISO_8859_1)) {
            byte[] bytes = partwise.replace("UTF-8", charset.name()).getBytes(charset);
            assertThat(FileImporter.read(bytes, "x.xml")).isEqualTo(read(partwise));
        }
        assertThat(FileImporter.read(("\ufeff" + partwise).getBytes(StandardCharsets.UTF_8), "x"))
                .isEqualTo(read(partwise));
    }

    @Test
    void otherPartsGiveTheirRhythm() throws UnreadableFileException {
        String bass = score("")
                .replaceAll("(?s)<score-instrument.*</midi-instrument>", "")
                .replace("Drumset", "Bass");
        Transcription brought = read(bass.replace(
                "</part>",
                measure(FOUR_EIGHTHS
                                + "<note><pitch><step>E</step><octave>2</octave></pitch><duration>4</duration></note>")
                        + "</part>"));
        assertThat(brought.parts().get(0).percussion()).isFalse();
        assertThat(FileImporter.exercise(brought).layers().get(0).voice().name())
                .isEqualTo("riff");
    }

    private static byte[] packed(Map<String, String> entries) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, String> entry : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue().getBytes(StandardCharsets.UTF_8));
            }
        }
        return bytes.toByteArray();
    }

    /** External entities, parameter entities, entities that double one another, archives that swell: none does harm. */
    @Test
    void whatWouldDoHarmIsNotFollowed() throws Exception {
        String good = score(measure(FOUR_EIGHTHS + snare(4, "")));
        String outside = good.replaceFirst(
                        "(?s)<!DOCTYPE.*?>", "<!DOCTYPE score-partwise [<!ENTITY e SYSTEM \"file:///etc/passwd\">]>")
                .replace("Ferry Bell", "&e;Bell");
        assertThat(titleOrWords(outside)).doesNotContain("root:");
        StringBuilder laughs = new StringBuilder("<!DOCTYPE score-partwise [<!ENTITY a0 \"ha\">");
        for (int i = 1; i < 60; i++) {
            laughs.append("<!ENTITY a")
                    .append(i)
                    .append(" \"&a")
                    .append(i - 1)
                    .append(";&a")
                    .append(i - 1)
                    .append(";\">");
        }
        String doubling = good.replaceFirst("(?s)<!DOCTYPE.*?>", laughs + "]>").replace("Ferry Bell", "&a59;");
        assertThat(titleOrWords(doubling).length()).isLessThan(1_000);
        assertThatThrownBy(() ->
                        MusicXmlImport.read(packed(Map.of("a.xml", " ".repeat(CompressedScore.MAX_UNPACKED + 1))), "x"))
                .isInstanceOf(UnreadableFileException.class)
                .hasMessageContaining("unpacks to more than");
        assertThatThrownBy(() -> MusicXmlImport.read(packed(Map.of("picture.png", "x")), "x"))
                .hasMessageContaining("this archive has no score; expected META-INF/container.xml that names one");
        assertThat(MusicXmlImport.read(packed(Map.of("song.xml", good)), "x").title())
                .isEqualTo("Ferry Bell");
    }

    private static String titleOrWords(String score) {
        try {
            return read(score).title();
        } catch (UnreadableFileException e) {
            return e.getMessage();
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "<",
                "<html/>",
                "<score-partwise/>",
                "<score-partwise><part-list/></score-partwise>",
                "<score-partwise><part id=\"P1\"><measure number=\"1\"/></part></score-partwise>",
                "not a score",
            })
    void whatIsNoScoreIsRefusedInWords(String text) {
        assertThatThrownBy(() -> FileImporter.read(text.getBytes(StandardCharsets.UTF_8), "x.xml"))
                .isInstanceOf(UnreadableFileException.class)
                .message()
                .isNotBlank();
    }

    /** All of it in one measure: every note is looked at once, and not once for each other note. */
    @Test
    void aMeasureMayHoldThirtyThousandNotes() throws UnreadableFileException {
        String long4 = FOUR_EIGHTHS.replace("<beats>2", "<beats>9999");
        StringBuilder notes = new StringBuilder(long4);
        for (int i = 0; i < 30_000; i++) {
            notes.append(snare(1, ""));
        }
        Transcription brought = read(score(measure(notes.toString())));
        assertThat(brought.parts().get(0).strokes()).hasSize(30_000);
    }

    @Test
    void whatMakesNoSenseIsToldWithItsMeasure() {
        assertThatThrownBy(() -> read(score(measure(FOUR_EIGHTHS.replace("<beats>2", "<beats>x") + snare(4, "")))))
                .hasMessageContaining("measure 1 of \"Drumset\": the signature x/4 makes no sense");
        assertThatThrownBy(() -> read(score(measure(FOUR_EIGHTHS + snare(4, "") + "<backup/>"))))
                .hasMessageContaining("something has no duration");
        assertThatThrownBy(() -> read(score(measure(FOUR_EIGHTHS + snare(-4, "")))))
                .hasMessageContaining("measure 1 of \"Drumset\": a duration must be a number of up to 15 digits, 0");
        assertThatThrownBy(
                        () -> read(score(measure("<attributes><divisions>0</divisions></attributes>" + snare(4, "")))))
                .hasMessageContaining("divisions of a quarter must be more than 0");
    }
}
