package nimblestride.formats.json;

import static nimblestride.core.language.text.Examples.again;
import static nimblestride.core.language.text.Examples.exercise;
import static nimblestride.core.language.text.Examples.then;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import nimblestride.core.exercise.edit.SectionEdits;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.model.PlayingStyle;
import nimblestride.core.exercise.plan.Ladder;
import nimblestride.core.exercise.plan.LadderPace;
import nimblestride.core.exercise.recording.BeatMap;
import nimblestride.core.exercise.recording.HitMarks;
import nimblestride.core.exercise.recording.LinkedRecording;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.sticking.LeadHand;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.variation.StickingVariations;
import nimblestride.core.kit.variation.VariationPlan;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.kit.voice.NamedVoices;
import nimblestride.core.kit.voice.NoteheadShape;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.language.text.StickingText;
import nimblestride.core.language.text.SwingText;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.practice.stage.StageSuggestions;
import nimblestride.core.time.value.NoteValue;
import nimblestride.files.UnreadableFileException;
import org.apache.commons.numbers.fraction.BigFraction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ExerciseJsonTest {
    private static final Exercise STORY = exercise("10/8(3+3+2+2) x2, 9/16", "kick every 5/16")
            .withName("Lanterns “on the water” ✓")
            .withTempo(TempoText.read("1/8=210.5"));

    private static Schema schema() {
        try {
            String text = Files.readString(Path.of("..", "docs", "exercise.schema.json"));
            return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                    .getSchema(text, InputFormat.JSON);
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    private static final Ladder PACED = Ladder.of(BigFraction.of(60), BigFraction.of(289, 3), BigFraction.of(5, 2))
            .withPace(new LadderPace(
                    LocalDate.of(2026, 11, 2), LocalDate.of(2027, 1, 10), Set.of(DayOfWeek.MONDAY, DayOfWeek.FRIDAY)));

    @Provide
    Arbitrary<Exercise> exercises() {
        Arbitrary<String> bars = Arbitraries.of(
                        "7/8",
                        "11/8(3+3+2+3)",
                        "3+3+2/8",
                        "4/4+1/12",
                        "[7/16, 5/8 x2] x3",
                        "9973/9973",
                        "21/16 x4",
                        "6/4+5/4",
                        "6/4+5/4(3+3+3+2)",
                        "11/8(3+3|3+2)")
                .list()
                .ofMinSize(1)
                .ofMaxSize(4)
                .map(parts -> String.join(", ", parts));
        Arbitrary<String[]> layers = Arbitraries.of(
                        "kick every 5/16",
                        "snare 4 over bar from 1/16 reset bar",
                        "ride bell 5 over 3 bars",
                        "cowbell 7 over phrase reset phrase",
                        "floor tom 3 over 9/8",
                        "open hi-hat cell x.Xg..x of 1/20 from 13/4",
                        "snare cell [[x.]x2 g]x3 X of 1/16 reset bars 2 5 one every 4 bars moving note 2 to kick and crash",
                        "snare sticking >R L llR (L) . K ^Rz L: of 1/16 moving right singles to floor tom; every 3rd note to kick",
                        "kick at 1:0 >1:3/8 (2:1/12z)",
                        "snare at 1:1/4 _R1:5/16 lrl7:0 reset bar",
                        "ride at 1:0 3:1/8 across 3 bars",
                        "\"bass line\" cell x..x. of 1/8",
                        "riff every 5/8")
                .array(String[].class)
                .ofMaxSize(7);
        Arbitrary<PlayingStyle> manners = Combinators.combine(
                        Arbitraries.of(LeadHand.values()),
                        Arbitraries.of(true, false),
                        Arbitraries.integers().between(0, 40))
                .as((lead, linear, most) -> new PlayingStyle(
                        lead,
                        linear,
                        most == 0 ? OptionalInt.empty() : OptionalInt.of(most),
                        linear ? Optional.of("Barn kit") : Optional.empty()));
        Arbitrary<List<String>> practiced = Arbitraries.of("R L R R", ">R . (L) K", "llR L", "Rz H")
                .list()
                .ofMaxSize(3)
                .uniqueElements();
        return Combinators.combine(bars, layers, manners, practiced).as((b, l, playingStyle, ticked) -> {
            Exercise exercise = exercise(b, l).withPlayingStyle(playingStyle);
            if (playingStyle.linear()) {
                Voice own = new Voice("frame drum", 64, Limb.LEFT_HAND, 2, NoteheadShape.SLASHED);
                exercise = exercise.withVoices(exercise.voices().and(own))
                        .plusLayer(LayerText.read(
                                "frame drum every 1/8 moving notes to frame drum", NamedVoices.KIT.and(own)));
            }
            if (ticked.size() == 1) {
                exercise = exercise.withVoices(exercise.voices().withRiff(Voice.riff("bass line", 31)));
            }
            if (ticked.size() == 3) {
                exercise = exercise.withSwing(SwingText.read("sixteenths 2:1"))
                        .withVoices(exercise.voices().withShortName(Kit.HI_HAT, "t"))
                        .withPractice(exercise.practice()
                                .withVaried(new VariationPlan(
                                        StickingText.read("R L R"),
                                        new VariationPlan.Free.Cells(List.of(3)),
                                        StickingVariations.Order.AT_RANDOM,
                                        -7)));
            }
            if (ticked.size() == 2) {
                List<Optional<Stroke>> choices =
                        new ArrayList<>(StickingText.read(">R L (K)").steps());
                choices.add(Optional.empty());
                exercise = exercise.withPractice(exercise.practice()
                        .withVaried(new VariationPlan(
                                StickingText.read("R L R R"),
                                new VariationPlan.Free.Steps(1, 3, choices, 2),
                                StickingVariations.Order.IN_ORDER,
                                123_456)));
            }
            for (String sticking : ticked) {
                exercise = exercise.withVariationTicked(StickingText.read(sticking), true);
            }
            if (ticked.size() == 1) {
                exercise = exercise.withPractice(exercise.practice()
                        .withStages(StageSuggestions.leadingTo(exercise))
                        .withLadder(PACED));
            }
            if (ticked.size() > 1) {
                Exercise named = SectionEdits.withRounds(SectionEdits.rename(exercise, 0, "Lanterns low"), 0, 4);
                Exercise there = then(named, "5 in groups of 4", 2, "9/16, 4/4", "kick every 1/4");
                exercise = again(there, "1/4 = 1/4", 1, 0);
            }
            return exercise;
        });
    }

    /** Held against the published schema, checked by an independent validator. */
    @Property(tries = 200)
    void whatIsWrittenFollowsTheSchemaAndReadsBackTheSame(@ForAll("exercises") Exercise exercise)
            throws UnreadableFileException {
        String json = ExerciseJson.write(exercise);
        assertThat(schema().validate(json, InputFormat.JSON)).isEmpty();
        assertThat(ExerciseJson.read(json)).isEqualTo(exercise);
    }

    /** Each row changes one thing in a good file; the schema and the reader must both refuse what comes of it. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "\"version\" : 1        | \"version\" : 2            | version: this file has version 2, and this program reads version 1; update",
                "\"version\" : 1        | \"version\" : \"1\"        | version: read \"1\"; expected a whole number",
                "nimble-stride-exercise | something-else             | format: read \"something-else\"; expected",
                "\"format\"             | \"kind\"                   | this is not a Nimble Stride exercise file: it should begin with \"format\":",
                "\"layers\"             | \"tracks\"                 | tracks: unknown key here; expected only format, version, name, tempo,",
                "\"name\" : \"Example\", | ``                        | the key \"name\" is missing",
                "\"Example\"            | \" \"                      | an exercise needs a name of 1 to 200 characters",
                "\"denominator\" : 8    | \"denominator\" : 0        | phrase[0].parts[0].meter[0]: the bottom number",
                "\"times\" : 2          | \"times\" : 1              | phrase[0]: repeat 2 or more times, not 1",
                "\"times\" : 2          | \"times\" : 2.5            | phrase[0].times: read 2.5; expected a whole number",
                "\"kick\"               | \"kick\", \"loud\" : true  | layers[0].loud: unknown key here; expected only voice, pattern, offset,",
                "\"never\"              | \"sometimes\"              | layers[0].reset: column 1: I can't read \"sometimes\". Try bar",
                "\"every\" : \"5/16\"   | \"every\" : \"-5/16\"      | layers[0].pattern.every: a note value can't be negative: -5/16",
                "\"every\" : \"5/16\"   | \"every\" : 5              | layers[0].pattern.every: read 5; expected a text",
                "\"every\" : \"5/16\"   | \"cell\" : \"x?\", \"step\" : \"1/8\" | layers[0].pattern.cell: column 2: I can't read \"?\". Try x (hit), X",
                "\"96\"                 | \"1e9\"                    | tempo.perMinute: read \"1e9\"; expected a whole number or a fraction",
            })
    void aFileThatIsNotRightSaysWhere(String good, String bad, String message) {
        String json = ExerciseJson.write(exercise("10/8 x2, 9/16", "kick every 5/16"));
        assertThat(json).contains(good);
        String changed = json.replace(good, bad == null ? "" : bad);
        assertThat(schema().validate(changed, InputFormat.JSON)).isNotEmpty();
        assertThatExceptionOfType(UnreadableFileException.class)
                .isThrownBy(() -> ExerciseJson.read(changed))
                .withMessageContaining(message.strip());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "\"feel\" : \"B\"    | \"feel\" : \"Z\"     | sections[1].feel: read \"Z\"; expected the name of a section: A, B",
                "\"rounds\" : 2        | \"rounds\" : 0         | sections[1]: a section repeats 1 to 1,000 times, not 0",
                "\"3/8 = 1/2\"         | \"3/8 = 0\"            | sections[1].entered: ",
                "\"3/8 = 1/2\"         | \"1/8 = 2\"            | modulation 1, 1/8 = 2, would lead to 1536 BPM; tempos run from 1 to 999",
                "\"feel\" : \"B\"    | \"feel\" : \"A\"     | no section plays B"
            })
    void sectionsThatDoNotAddUpSayWhere(String good, String bad, String message) {
        String json =
                ExerciseJson.write(then(exercise("4/4", "kick every 5/16"), "3/8 = 1/2", 2, "7/8", "snare every 1/4"));
        assertThat(json).contains(good);
        assertThatExceptionOfType(UnreadableFileException.class)
                .isThrownBy(() -> ExerciseJson.read(json.replace(good, bad)))
                .withMessageContaining(message.strip());
    }

    /** What a schema can't say: sums. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "\"grouping\" : [ 3, 3, 3 ] | \"grouping\" : [ 3, 3 ] | phrase[1].grouping: the groups add up to 6; 9/16 needs 9",
                "\"96\"                     | \"1000\"                | tempo.perMinute: tempos run from 1 to 999 BPM, not 1000",
                "\"kick\"                   | \"kazoo\"               | layers[0].voice: read \"kazoo\"; expected the name of a voice",
                "\"times\" : 2              | \"times\" : 2000000     | phrase: a phrase holds up to 100,000 bars; this one has 2,000,001"
            })
    void aFileThatDoesNotAddUpSaysWhere(String good, String bad, String message) {
        String json = ExerciseJson.write(exercise("10/8 x2, 9/16", "kick every 5/16"));
        assertThat(json).contains(good);
        assertThatExceptionOfType(UnreadableFileException.class)
                .isThrownBy(() -> ExerciseJson.read(json.replace(good, bad)))
                .withMessageContaining(message.strip());
    }

    @Test
    void aRecordingIsKept() {
        LinkedRecording recording = new LinkedRecording(
                "0123456789abcdef".repeat(4),
                "river lanterns.flac",
                183.25,
                0.75,
                HitMarks.NONE.with(1.5).without(2.25),
                BeatMap.steady(0.125, TempoText.read("1/4=96")).withBeat(NoteValue.of(7, 8), 2.5));
        Exercise exercise = STORY.withRecording(recording);
        String json = ExerciseJson.write(exercise);
        assertThat(schema().validate(json, InputFormat.JSON)).isEmpty();
        assertThat(ExerciseJson.read(json)).isEqualTo(exercise);
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> ExerciseJson.read(json.replace("0123456789abcdef0", "x")))
                .withMessageContaining("64 hexadecimal digits");
    }

    @Test
    void aVoiceWithoutAPlaceStandsWhereItsLimbUsuallyPlays() throws Exception {
        Exercise exercise = ExerciseJson.read(
                """
                {"format": "nimble-stride-exercise", "version": 1, "name": "Bucket",
                 "tempo": {"beat": "1/4", "perMinute": "96"},
                 "voices": [{"name": "bucket", "midiKey": 40, "limb": "right-hand"},
                            {"name": "stomp box", "midiKey": 36, "limb": "kick-foot"}],
                 "phrase": [{"meter": [{"numerators": [5], "denominator": 8}], "grouping": [3, 2]}],
                 "layers": [{"voice": "bucket", "pattern": {"every": "1/8"}, "offset": "0", "reset": "never"}]}
                """);
        assertThat(exercise.voices().custom()).extracting(Voice::staffPlace).containsExactly(1, -3);
        assertThat(ExerciseJson.read(ExerciseJson.write(exercise))).isEqualTo(exercise);
    }

    @Test
    void aTruncatedFileIsRefusedAtEveryLength() {
        String json = ExerciseJson.write(STORY).stripTrailing();
        for (int length = 0; length < json.length(); length++) {
            String cut = json.substring(0, length);
            assertThatExceptionOfType(UnreadableFileException.class).isThrownBy(() -> ExerciseJson.read(cut));
        }
    }

    @Property(tries = 2000)
    void noChangedByteEscapesAsAnotherException(@ForAll int place, @ForAll char sign) {
        StringBuilder json = new StringBuilder(ExerciseJson.write(STORY));
        json.setCharAt(Math.floorMod(place, json.length()), sign);
        try {
            assertThat(ExerciseJson.read(json.toString()).phrase().bars()).isNotEmpty();
        } catch (UnreadableFileException e) {
            assertThat(e.getMessage()).isNotBlank();
        }
    }

    @Test
    void foreignTextIsRefused() {
        for (String foreign :
                List.of("", "hello", "[]", "null", "{}", "<score-partwise/>", "{\"a\":1}{\"b\":2}", "[".repeat(5000))) {
            assertThatExceptionOfType(UnreadableFileException.class).isThrownBy(() -> ExerciseJson.read(foreign));
        }
    }

    @Test
    void isWrittenWholeOrNotAtAll(@TempDir Path folder) throws IOException {
        Path file = folder.resolve("story.json");
        ExerciseJson.write(STORY, file);
        ExerciseJson.write(STORY.withName("Second"), file);
        assertThat(ExerciseJson.read(file).name()).isEqualTo("Second");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() ->
                        ExerciseJson.write(STORY, folder.resolve("missing").resolve("story.json")))
                .withMessageContaining("create it first, or choose another");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> ExerciseJson.write(STORY, folder))
                .withMessageContaining("is a folder");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> ExerciseJson.read(folder.resolve("nothing.json")))
                .withMessageContaining("no file ");
        List<Path> left = new ArrayList<>();
        try (var files = Files.list(folder)) {
            files.forEach(left::add);
        }
        assertThat(left).containsExactly(file);
    }

    /** Counted while reading, so that neither memory nor time goes to what is refused in the end. */
    @Test
    void whatIsTooMuchOrTwiceThereIsRefusedByName() {
        String good = ExerciseJson.write(STORY);
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> ExerciseJson.read("[" + "0,".repeat(4_000_001) + "0]"))
                .withMessageContaining("a number or a name is too long, or the file is too large; expected a");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> ExerciseJson.read("[" + "9".repeat(100_000) + "]"))
                .withMessageContaining("a number or a name is too long");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> ExerciseJson.read(good.replaceFirst("\"tempo\"", "\"name\" : \"B\", \"tempo\"")))
                .withMessageContaining("the key \"name\" appears twice");
    }

    /** RFC 8259, section 8.1: UTF-8; a byte order mark may be ignored. */
    @Test
    void aFileIsUtf8WithOrWithoutAByteOrderMark(@TempDir Path folder) throws IOException {
        byte[] good = ExerciseJson.write(STORY.withName("Über")).getBytes(StandardCharsets.UTF_8);
        Path file = folder.resolve("story.json");
        try (OutputStream out = Files.newOutputStream(file)) {
            out.write(new byte[] {(byte) 0xEF, (byte) 0xBB, (byte) 0xBF});
            out.write(good);
        }
        assertThat(ExerciseJson.read(file).name()).isEqualTo("Über");
        for (Charset other : List.of(StandardCharsets.ISO_8859_1, StandardCharsets.UTF_16)) {
            Files.writeString(file, new String(good, StandardCharsets.UTF_8), other);
            assertThatExceptionOfType(StrideException.class)
                    .isThrownBy(() -> ExerciseJson.read(file))
                    .withMessageContaining("save it as UTF-8");
        }
    }
}
