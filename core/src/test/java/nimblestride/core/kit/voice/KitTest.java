package nimblestride.core.kit.voice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.sticking.LeadHand;
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
        "woodblock,76", // Hi Wood Block
        "second crash,57", // Crash Cymbal 2
        "ride edge,59" // Ride Cymbal 2
    })
    void eachVoiceHasItsGeneralMidiKey(String name, int key) {
        assertThat(Kit.named(name)).map(Voice::midiKey).contains(key);
    }

    @Test
    void everyVoiceIsKnownByItsNameAndAKeyIsItsFirstVoices() {
        assertThat(Kit.voices()).hasSize(26).allSatisfy(voice -> assertThat(Kit.named(voice.name()))
                .contains(voice));
        assertThat(Kit.withKey(38)).contains(Kit.SNARE);
        assertThat(Kit.withKey(46)).contains(Kit.OPEN_HI_HAT);
        assertThat(Kit.like(Kit.SNARE_EDGE)).contains(Kit.SNARE_EDGE);
        assertThat(Kit.like(new Voice("rim shot", 38, Limb.LEFT_HAND, 1, NoteheadShape.CROSS)))
                .contains(Kit.SNARE);
        assertThat(Kit.like(NamedVoices.RIFF)).isEmpty();
        assertThat(Kit.named(" Bass  Drum ")).contains(Kit.KICK);
        assertThat(Kit.named("kazoo")).isEmpty();
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> new Voice("bell tree", 84, Limb.RIGHT_HAND, 3, NoteheadShape.TRIANGLE))
                .withMessageContaining("35 to 81");
    }

    /** A file from before the kit had these voices may have one of the player's own in their name. */
    @Test
    void aVoiceFromBeforeKeepsItsName() {
        Voice own = new Voice("second crash", 49, Limb.LEFT_HAND, 6, NoteheadShape.CROSS);
        NamedVoices voices = NamedVoices.KIT.and(own);
        assertThat(voices.named("Second Crash")).contains(own);
        assertThat(voices.all()).contains(own).doesNotContain(Kit.SECOND_CRASH);
        assertThat(voices.byName()).containsEntry("second crash", own);
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> NamedVoices.KIT.and(new Voice("crash", 49, Limb.LEFT_HAND, 6, NoteheadShape.CROSS)));
    }

    @Test
    void onesOwnVoicesAreNamedLikeTheKits() {
        Voice frameDrum = new Voice("frame drum", 64, Limb.RIGHT_HAND, 2, NoteheadShape.NORMAL);
        NamedVoices voices = NamedVoices.KIT.and(frameDrum);
        assertThat(voices.named(" Frame  Drum ")).contains(frameDrum);
        assertThat(voices.named("bass drum")).contains(Kit.KICK);
        assertThat(voices.all()).hasSize(Kit.voices().size() + 2).contains(NamedVoices.RIFF);
        assertThat(voices.without(frameDrum)).isEqualTo(NamedVoices.KIT);
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> voices.and(frameDrum))
                .withMessageContaining("already");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> NamedVoices.KIT.and(new Voice("hat", 64, Limb.RIGHT_HAND, 2, NoteheadShape.NORMAL)))
                .withMessageContaining("already");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() ->
                        NamedVoices.KIT.and(new Voice("9 lives; or so", 64, Limb.RIGHT_HAND, 2, NoteheadShape.NORMAL)))
                .withMessageContaining("name a voice in up to 40 lowercase letters, such as frame drum");
    }

    @Test
    void aRiffSoundsOnThePitchThatIsChosen() {
        NamedVoices voices = NamedVoices.KIT.withRiff(Voice.riff("riff", 52)).withRiff(Voice.riff("bass line", 28));
        assertThat(voices.named("Riff")).map(Voice::midiKey).contains(52);
        assertThat(voices.all()).hasSize(Kit.voices().size() + 2);
        assertThat(voices.withRiff(Voice.riff("bass line", 29)).named("bass line"))
                .map(Voice::midiKey)
                .contains(29);
        NamedVoices before = NamedVoices.KIT.withShortName(Kit.SNARE, "riff");
        assertThat(before.named("riff")).contains(Kit.SNARE);
        assertThat(PitchNames.of(60)).isEqualTo("C4");
        assertThat(PitchNames.of(46)).isEqualTo("B♭2");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> Voice.riff("riff", 12))
                .withMessageContaining("24 to 84");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> NamedVoices.KIT.withRiff(Voice.riff("bass", 40)))
                .withMessageContaining("already");
    }

    /** Every voice can be written on a staff, and each limb has something of its own. */
    @Test
    void everyVoiceHasALimbAndAStaffPlace() {
        assertThat(Kit.voices()).extracting(voice -> voice.limb().orElseThrow()).contains(Limb.values());
        assertThat(LeadHand.LEFT.plays(Kit.RIDE)).contains(Limb.LEFT_HAND);
        assertThat(LeadHand.LEFT.plays(Kit.KICK)).contains(Limb.KICK_FOOT);
        assertThat(LeadHand.LEFT.plays(NamedVoices.RIFF)).isEmpty();
        // No two voices share a place and a head, but for those of one instrument played otherwise.
        assertThat(Kit.voices().stream()
                        .map(voice -> voice.staffPlace() + " " + voice.head())
                        .distinct()
                        .count())
                .isGreaterThan(Kit.voices().size() - 4L);
    }
}
