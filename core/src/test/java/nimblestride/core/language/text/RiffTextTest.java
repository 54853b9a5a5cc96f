package nimblestride.core.language.text;

import static nimblestride.core.language.text.Examples.exercise;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.NamedVoices;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.pattern.Layer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class RiffTextTest {
    @ParameterizedTest
    @ValueSource(
            strings = {"riff cell x..x. of 1/8", "\"bass line\" cell x..x. of 1/8", "\"the other guitar\" every 3/16"})
    void aRiffReadsBack(String typed) {
        Layer layer = LayerText.read(typed);
        assertThat(layer.voice().isRiff()).isTrue();
        assertThat(layer.voice().midiKey()).isEqualTo(NamedVoices.USUAL_PITCH);
        assertThat(LayerText.write(layer)).isEqualTo(typed);
    }

    @Test
    void theQuotesOfAWordProcessorAndCapitalsWillDo() {
        assertThat(LayerText.read("\u201cBass  Line\u201d every 1/4"))
                .isEqualTo(LayerText.read("\"bass line\" every 1/4"));
        assertThat(LayerText.read("  \"riff\" every 1/4")).isEqualTo(LayerText.read("riff every 1/4"));
    }

    @Test
    void bassAloneIsTheBassDrumAndARemarkSaysHowToMeanTheOther() {
        assertThat(LayerText.read("bass every 1/4").voice()).isEqualTo(Kit.KICK);
        assertThat(RiffText.remark("bass every 1/4"))
                .hasValueSatisfying(remark -> assertThat(remark).contains("the kick", "\"bass line\" in quotes"));
        assertThat(RiffText.remark("bass drum every 1/4")).isEmpty();
        assertThat(RiffText.remark("kick every 1/4")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '\'',
            value = {
                "\"bass\" every 1/4 | \"bass\": that is the kick. Write it without quotes, or give the riff another name, such as \"bass line\"",
                "\"snare\" every 1/4 | that is the snare",
                "\"bass line every 1/4 | the name of a riff between two quotes",
                "\"\" every 1/4 | \"bass line\" cell x..x. of 1/8",
                "\"7 up\" every 1/4 | name a voice in up to 40 lowercase letters",
                "\"bass line\" | \"every\" and a value",
                "bass line every 1/4 | a name in quotes for what another player plays",
                "kazoo every 1/4 | \"bass line\" cell x..x. of 1/8"
            })
    void whatCantBeReadSaysWhatWould(String typed, String said) {
        assertThatExceptionOfType(TextException.class)
                .isThrownBy(() -> LayerText.read(typed))
                .withMessageContaining(said);
    }

    @Test
    void theVoicesSayOnWhichPitchARiffSounds() {
        Exercise exercise = exercise("7/8", "kick every 1/4", "\"bass line\" cell x..x. of 1/8");
        Voice bassLine = exercise.layers().get(1).voice();
        assertThat(exercise.voices().custom()).containsExactly(bassLine);
        assertThat(exercise.voices().named("Bass line")).contains(bassLine);

        Exercise lower = exercise.withVoices(exercise.voices().withRiff(Voice.riff("bass line", 33)));
        assertThat(lower.layers().get(1).voice()).isEqualTo(Voice.riff("bass line", 33));
        assertThat(lower.plusLayer(LayerText.read("\"bass line\" every 5/8"))
                        .layers()
                        .get(2)
                        .voice()
                        .midiKey())
                .isEqualTo(33);
        assertThat(lower.uses(Voice.riff("bass line", 33))).isTrue();
        assertThat(lower.withoutLayer(1).voices()).isEqualTo(lower.voices());
    }

    @Test
    void aRiffIsNamedInAPartAndOnCountsLikeAnyVoice() {
        Exercise exercise = exercise("4/4", "\"bass line\" every 1/4");
        NamedVoices voices = exercise.voices();
        assertThat(PlacingText.read("bass line 1, 3; riff 2", exercise.phrase(), voices))
                .extracting(layer -> layer.voice().name())
                .containsExactly("bass line", "riff");
        assertThat(VoiceText.read(new TextCursor("bass-line"), voices))
                .isEqualTo(exercise.layers().get(0).voice());
    }
}
