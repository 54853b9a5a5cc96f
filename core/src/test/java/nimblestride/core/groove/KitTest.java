package nimblestride.core.groove;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class KitTest {
    /** The General MIDI 1 percussion map (MIDI Manufacturers Association), by its own names; quoted from memory. */
    @ParameterizedTest
    @CsvSource({
        "kick,36", // Bass Drum 1
        "cross-stick,37", // Side Stick
        "snare,38", // Acoustic Snare
        "floor tom,43", // High Floor Tom
        "hi-hat,42", // Closed Hi-Hat
        "foot hi-hat,44", // Pedal Hi-Hat
        "low tom,45", // Low Tom
        "open hi-hat,46", // Open Hi-Hat
        "middle tom,47", // Low-Mid Tom
        "crash,49", // Crash Cymbal 1
        "high tom,50", // High Tom
        "ride,51", // Ride Cymbal 1
        "china,52", // Chinese Cymbal
        "ride bell,53", // Ride Bell
        "tambourine,54", // Tambourine
        "splash,55", // Splash Cymbal
        "cowbell,56", // Cowbell
        "shaker,70", // Maracas
        "claves,75", // Claves
        "woodblock,76" // Hi Wood Block
    })
    void eachVoiceHasItsGeneralMidiKey(String name, int key) {
        assertThat(Kit.named(name)).map(Voice::midiKey).contains(key);
    }

    @Test
    void everyVoiceIsKnownByItsNameAndNoTwoShareAKey() {
        assertThat(Kit.voices()).hasSize(20).allSatisfy(voice -> assertThat(Kit.named(voice.name()))
                .contains(voice));
        assertThat(Kit.voices().stream().map(Voice::midiKey)).doesNotHaveDuplicates();
        assertThat(Kit.named(" Bass  Drum ")).contains(Kit.KICK);
        assertThat(Kit.named("kazoo")).isEmpty();
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Voice("bell tree", 84, Limb.RIGHT_HAND, 3, NoteHead.TRIANGLE))
                .withMessageContaining("35 to 81");
    }
}
