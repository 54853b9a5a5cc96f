package nimblestride.terminal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.language.text.TempoText;
import nimblestride.sound.recorded.RecordedKit;
import nimblestride.sound.render.ClickSettings;
import nimblestride.sound.render.PlaybackRequest;
import nimblestride.sound.wav.WavFile;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The options and keys of {@code stride listen}, on a recording that the program renders: 7/8, ten bars. */
class ListenCommandTest {
    @TempDir
    private static Path folder;

    private static Path file;

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    @BeforeAll
    static void render() throws IOException {
        file = folder.resolve("barge.wav");
        Exercise exercise = new Exercise(
                "Barge",
                BarsText.read("7/8(2+2+3)"),
                List.of(
                        LayerText.read("kick cell x...... of 1/8"),
                        LayerText.read("snare cell ..x.x.. of 1/8"),
                        LayerText.read("hi-hat every 1/8")),
                TempoText.read("110"));
        try (OutputStream stream = Files.newOutputStream(file)) {
            new WavFile(16, false, 10)
                    .write(
                            new PlaybackRequest(exercise, ClickSettings.NONE),
                            RecordedKit.shipped(WavFile.SAMPLE_RATE),
                            stream,
                            WavFile.Progress.TO_THE_END);
        }
    }

    private int listen(String... arguments) {
        String[] all = new String[arguments.length + 1];
        all[0] = "listen";
        System.arraycopy(arguments, 0, all, 1, arguments.length);
        return StrideCommand.run(new PrintWriter(out, true), new PrintWriter(err, true), all);
    }

    @Test
    void aRecordingIsReportedAsJson() {
        assertThat(listen(file.toString(), "--json")).isZero();
        JsonNode root = JsonMapper.builder().build().readTree(out.toString());
        double bar = 7 * 60 / 110.0 / 2;
        assertThat(root.get("seconds").asDouble()).isCloseTo(10 * bar + 2, within(0.01));
        assertThat(root.get("hits").size()).isBetween(69, 72);
        JsonNode hit = root.get("hits").get(0);
        assertThat(hit.get("at").asDouble()).isCloseTo(0, within(0.025));
        assertThat(hit.get("strength").asDouble()).isBetween(0.1, 1.0);
        assertThat(hit.get("band").asString()).isEqualTo("low");
        assertThat(root.get("tempo").asDouble()).isCloseTo(110, within(0.5));
        JsonNode first = root.get("proposals").get(0);
        assertThat(first.get("bars").asString()).isEqualTo("7/8");
        assertThat(first.get("unit").asString()).isEqualTo("1/8");
        assertThat(first.get("tempo").asDouble()).isCloseTo(110, within(0.5));
        assertThat(first.get("sure").asDouble()).isBetween(0.5, 1.0);
        assertThat(first.get("why").asString()).isNotBlank();
        assertThat(root.get("proposals").size()).isBetween(1, 10);
        JsonNode ones = root.get("ones");
        for (int i = 0; i < 10; i++) {
            assertThat(ones.get(i).asDouble()).isCloseTo(i * bar, within(0.020));
        }
    }

    @Test
    void aRecordingIsReportedInSentences() {
        assertThat(listen(file.toString())).isZero();
        assertThat(out.toString())
                .contains("Length: 21.1 s, 7")
                .contains("7/8")
                .contains("at 110.0, ")
                .contains("The first bars start at 0.0");
    }

    @Test
    void whatTheListenerKnowsIsTaken() {
        assertThat(listen(file.toString(), "--bars", "7/4", "--tempo", "220", "--json"))
                .isZero();
        JsonNode root = JsonMapper.builder().build().readTree(out.toString());
        assertThat(root.get("proposals").get(0).get("bars").asString()).isEqualTo("7/4");
        assertThat(root.get("tempo").asDouble()).isCloseTo(220, within(1.0));
    }

    @Test
    void badInputIsOneLineAndStatusTwo() throws IOException {
        Path text = folder.resolve("notes.mp3");
        Files.writeString(text, "boom, chick");
        for (String[] bad : new String[][] {
            {text.toString()},
            {folder.resolve("none.wav").toString()},
            {folder.toString()},
            {file.toString(), "--bars", "7/9("},
            {file.toString(), "--tempo", "quick"},
            {}
        }) {
            err.getBuffer().setLength(0);
            assertThat(listen(bad)).isEqualTo(StrideCommand.BAD_INPUT);
            assertThat(err.toString().strip().lines()).hasSize(1);
            assertThat(out.toString()).isEmpty();
        }
    }
}
