package nimblestride.formats.musicxml;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.language.text.Examples;
import nimblestride.core.language.text.SwingText;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.notation.alternative.NotationOption;
import nimblestride.core.notation.alternative.NotationOptions;
import nimblestride.core.notation.engraving.Engraver;
import nimblestride.core.notation.page.Sheet;
import nimblestride.core.notation.page.SheetLayout;
import nimblestride.core.notation.score.BarPlan;
import nimblestride.core.notation.score.ScoreStyle;
import nimblestride.core.notation.score.ScoreStyle.Lengths;
import nimblestride.core.notation.score.ScoreStyle.Stickings;
import nimblestride.core.notation.score.ScoreWriter;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.CountingSystem;
import nimblestride.core.time.counting.Subdivision;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import nimblestride.formats.export.ExportFormat;
import nimblestride.formats.font.Fonts;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.xml.sax.SAXException;

/** Checks every document against the MusicXML 4.0 schema, and plays it back from its durations alone. */
class ScoreXmlTest {
    private static final int BARS = 6;

    static Stream<Exercise> exercises() {
        return Stream.of(
                Examples.exercise("4/4"),
                Examples.exercise("11/8(3+3+3+2) x2, 9/16", "kick every 3/16 from 1/16", "snare 4 over bar"),
                Examples.exercise("2/4+3/20, 5/12", "hi-hat every 1/20", "snare 5 over bar", "kick cell X.x of 1/12"),
                Examples.exercise("3+3+2/8, [7/16, 5/8] x2", "snare cell Xg.gx of 1/16", "ride every 3/8"),
                Examples.exercise("9/8", "snare 5 over bar", "kick 7 over bar", "crash 3 over 2 bars"),
                Examples.exercise("4/4", "high tom 3 over bar", "middle tom 5 over bar", "foot hi-hat 2 over bar"),
                Examples.exercise("1/4", "snare 64 over bar"),
                Examples.exercise("4/4 x6", "snare every 1/8", "kick every 1/2"));
    }

    @ParameterizedTest
    @MethodSource("exercises")
    void isAsTheSchemaWantsItAndSaysWhatIsHeard(Exercise exercise) throws Exception {
        for (Lengths lengths : Lengths.values()) {
            ScoreStyle style = ScoreStyle.DEFAULT
                    .with(lengths)
                    .with(Stickings.ALL)
                    .counted(Counting.of(CountingSystem.GROUPS), Subdivision.AS_WRITTEN);
            byte[] document = ScoreXml.write(ScoreWriter.write(exercise, BarPlan.of(exercise.phrase(), BARS), style));
            MusicXmlSchema.validate(document);
            ReadBack back = ReadBack.of(document);
            assertThat(back.strokes).containsExactlyInAnyOrderElementsOf(heard(exercise));
            assertThat(back.lengths)
                    .allSatisfy(voices -> assertThat(voices.stream().distinct()).hasSize(1));
        }
    }

    @Test
    void swingAndInnerBarsAreWritten() throws Exception {
        Exercise swung = Examples.exercise("6/4+5/4", "ride every 1/8").withSwing(SwingText.read("eighths 3:2"));
        byte[] document = ScoreXml.write(ScoreWriter.write(swung, ScoreStyle.DEFAULT));
        MusicXmlSchema.validate(document);
        assertThat(new String(document, StandardCharsets.UTF_8).replaceAll("\\s+", ""))
                .contains("<first>3</first><second>2</second><swing-type>eighth</swing-type>")
                .contains("Swing:eighths60%")
                .containsOnlyOnce("<barlinelocation=\"middle\"><bar-style>dashed</bar-style></barline>");
    }

    @Test
    void aRiffIsAPartOfPitchedNotes() throws Exception {
        Exercise exercise = Examples.exercise("7/8", "snare every 1/4", "\"bass line\" every 3/8", "riff every 1/8");
        Exercise tuned = exercise.withVoices(
                exercise.voices().withRiff(Voice.riff("bass line", 34)).withRiff(Voice.riff("riff", 66)));
        byte[] document = ScoreXml.write(ScoreWriter.write(tuned, ScoreStyle.DEFAULT));
        MusicXmlSchema.validate(document);
        assertThat(new String(document, StandardCharsets.UTF_8).replaceAll("\\s+", ""))
                .contains("<part-name>Drumkit</part-name>")
                .contains("<part-name>bassline</part-name>")
                .contains("<sign>F</sign><line>4</line>", "<sign>G</sign><line>2</line>")
                .contains("<pitch><step>B</step><alter>-1</alter><octave>1</octave></pitch>")
                .contains("<pitch><step>F</step><alter>1</alter><octave>4</octave></pitch>");
        assertThat(ReadBack.of(document).strokes).allMatch(stroke -> stroke.endsWith("snare"));
    }

    private static List<String> heard(Exercise exercise) {
        List<String> heard = new ArrayList<>();
        NoteValue end = exercise.phrase().startOf(BARS);
        exercise.layers().forEach(layer -> LayerTimeline.of(layer, exercise.phrase())
                .between(NoteValue.ZERO, end, 100_000)
                .forEach(hit -> heard.add(hit.at() + " " + layer.voice().name())));
        return heard.stream().distinct().toList();
    }

    @Test
    void everyWayOfWritingIsAsTheSchemaWantsIt() throws Exception {
        Exercise exercise = Examples.exercise("2/4+3/20, 4/4", "hi-hat every 1/4", "snare cell x.x of 1/20");
        List<NotationOption> ways = NotationOptions.of(exercise, ScoreStyle.DEFAULT);
        assertThat(ways).hasSizeGreaterThan(3);
        for (NotationOption way : ways) {
            MusicXmlSchema.validate(ScoreXml.write(way.score()));
        }
    }

    @Test
    void theSchemaRefusesWhatIsOutOfOrder() {
        Exercise exercise = Examples.exercise("2/4+3/20", "hi-hat every 1/4");
        String document = text(ScoreXml.write(ScoreWriter.write(exercise, ScoreStyle.DEFAULT)));
        String turned = document.replaceAll("(<voice>1</voice>\\s*)(<type>\\w+</type>)", "$2$1");
        assertThat(turned).isNotEqualTo(document);
        assertThatThrownBy(() -> MusicXmlSchema.validate(turned.getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(SAXException.class);
    }

    @Test
    void holdsSignaturesOfEveryKindAndModulations() {
        Exercise exercise = Examples.exercise("2/4+3/20, 3+3+2/8", "hi-hat every 1/4");
        String sum = text(ScoreXml.write(ScoreWriter.write(exercise, ScoreStyle.DEFAULT)));
        assertThat(sum)
                .contains("<beats>2</beats>", "<beat-type>20</beat-type>", "<beats>3+3+2</beats>")
                .contains("<sign>percussion</sign>", "<midi-unpitched>43</midi-unpitched>");
        NotationOption gears = NotationOptions.of(exercise, ScoreStyle.DEFAULT).stream()
                .filter(way -> way.name().contains("modulation"))
                .findFirst()
                .orElseThrow();
        assertThat(text(ScoreXml.write(gears.score())))
                .contains("<metronome-type>16th</metronome-type>", "<actual-notes>5</actual-notes>")
                .contains("<sound tempo=\"120\"/>", "<sound tempo=\"96\"/>");
    }

    /** There and back: the sign over each change, the tempo to be played by from there on, and the letters. */
    @Test
    void holdsSectionsWithTheirModulations() throws Exception {
        Exercise a = Examples.exercise("4/4", "hi-hat every 1/8").withTempo(Tempo.ofQuarters(84));
        Exercise there = Examples.then(a, "triplet quarter = quarter", 2, "5/8", "kick every 1/8");
        Exercise back = Examples.again(there, "quarter = triplet quarter", 1, 0);
        byte[] document = ScoreXml.write(Sheet.DEFAULT.score(back));
        MusicXmlSchema.validate(document);
        assertThat(text(document))
                .contains("<sound tempo=\"84\"/>", "<sound tempo=\"126\"/>")
                .contains("<actual-notes>3</actual-notes>", "<rehearsal>A</rehearsal>", "<rehearsal>B</rehearsal>")
                .containsPattern("(?s)<metronome-relation>equals.*<metronome-relation>equals");
    }

    /** Lyrics stand under notes alone; text counts every unit of a bar in which only the first is played. */
    @Test
    void theCountIsLyricsOrText() throws Exception {
        Exercise exercise = Examples.exercise("5/8(3+2)", "snare cell x.... of 1/8");
        var score = Sheet.DEFAULT.score(exercise);
        String lyrics = text(ScoreXml.write(score));
        assertThat(lyrics).contains("<text>1</text>").doesNotContain("<offset>", "<words>");
        byte[] words = ScoreXml.write(score, new ScoreLayout(Set.of(), ScoreLayout.Count.TEXT));
        MusicXmlSchema.validate(words);
        assertThat(text(words))
                .doesNotContain("<lyric")
                .containsPattern(
                        "(?s)<words>1</words>.*<words>2</words>.*<offset>1</offset>.*<words>3</words>.*<offset>2</offset>"
                                + ".*<words>1</words>.*<offset>3</offset>.*<words>2</words>.*<offset>4</offset>");
    }

    @Test
    void linesBeginAsOnTheSheet() throws Exception {
        Exercise exercise = Examples.exercise("7/8(2+2+3), 5/8", "snare every 1/16");
        Sheet sheet = Sheet.DEFAULT.inRounds(4).in(ScoreStyle.DEFAULT.repeating(false));
        byte[] document = ExportFormat.MUSICXML.write(exercise, sheet);
        MusicXmlSchema.validate(document);
        Set<Integer> lines = new Engraver(Fonts.get().music(), Fonts.get())
                .newLines(sheet.score(exercise), SheetLayout.roomAcross(sheet));
        assertThat(lines).hasSizeGreaterThan(1);
        List<Integer> found = new ArrayList<>();
        Matcher breaks = Pattern.compile("<measure number=\"(\\d+)\">\\s*<print new-system=\"yes\"/>")
                .matcher(text(document));
        while (breaks.find()) {
            found.add(Integer.parseInt(breaks.group(1)) - 1);
        }
        assertThat(found).containsExactlyInAnyOrderElementsOf(lines);
    }

    @Test
    void packsTheSameScoreAsTheStandardWants() throws Exception {
        var score = ScoreWriter.write(Examples.exercise("7/8", "snare every 1/8"), ScoreStyle.DEFAULT);
        List<String> names = new ArrayList<>();
        try (ZipInputStream zip =
                new ZipInputStream(new ByteArrayInputStream(ScoreXml.writeCompressed(score, ScoreLayout.PLAIN)))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                names.add(entry.getName());
                if (entry.getName().equals("score.musicxml")) {
                    assertThat(zip.readAllBytes()).isEqualTo(ScoreXml.write(score));
                }
            }
        }
        assertThat(names).containsExactly("mimetype", "META-INF/container.xml", "score.musicxml");
    }

    @Test
    void saysWhyABarCannotBeWritten() {
        var score = ScoreWriter.write(Examples.exercise("4/4", "snare every 1/4099"), ScoreStyle.DEFAULT);
        assertThatThrownBy(() -> ScoreXml.write(score))
                .isInstanceOf(StrideException.class)
                .hasMessageStartingWith(
                        "bar 1 can't be written as notes: it would need tuplets of more than 256 notes, or");
    }

    @Test
    void keepsATitleThatXmlCannotHold() throws Exception {
        Exercise exercise = Examples.exercise("4/4").withName("Weir\nSteps \u0007 <&> \uD83E\uDD41");
        byte[] document = ScoreXml.write(ScoreWriter.write(exercise, ScoreStyle.DEFAULT));
        MusicXmlSchema.validate(document);
        assertThat(text(document)).contains("Weir Steps").contains("&lt;&amp;&gt;");
    }

    private static String text(byte[] document) {
        return new String(document, StandardCharsets.UTF_8);
    }
}
