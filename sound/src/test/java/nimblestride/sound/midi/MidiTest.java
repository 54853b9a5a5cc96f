package nimblestride.sound.midi;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.atomic.AtomicReference;
import javax.sound.midi.MidiMessage;
import javax.sound.midi.MidiUnavailableException;
import javax.sound.midi.Receiver;
import javax.sound.midi.ShortMessage;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Kit;
import nimblestride.sound.kit.PadHit;
import nimblestride.sound.render.MidiKey;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Status bytes after the MIDI 1.0 specification (MIDI Manufacturers Association, quoted from memory). */
class MidiTest {
    private final List<String> sent = new ArrayList<>();
    private final Receiver receiver = new Receiver() {
        @Override
        public void send(MidiMessage message, long when) {
            ShortMessage note = (ShortMessage) message;
            sent.add(Integer.toHexString(note.getStatus()) + " " + note.getData1() + " " + note.getData2());
        }

        @Override
        public void close() {
            sent.add("closed");
        }
    };

    @Test
    void notesAreSentWhenTheyAreHeardAndLetGo() {
        MidiPort port = new MidiPort("module", receiver);
        port.begun(new MidiKey(MidiKey.PERCUSSION, 38), 0.5f, 1_000, Long.MAX_VALUE);
        port.begun(new MidiKey(0, 40), 2, 1_200, 90_000);
        port.heard(999);
        assertThat(sent).isEmpty();
        port.heard(1_100);
        assertThat(sent).containsExactly("99 38 64");
        port.heard(50_000);
        assertThat(sent).containsExactly("99 38 64", "90 40 127", "89 38 0");
        port.close();
        assertThat(sent).endsWith("80 40 0", "closed");
    }

    @Test
    void padsAreHeardAsTheVoicesOfTheirKeys() throws Exception {
        List<PadHit> strikes = new ArrayList<>();
        try (MidiPads pads = new MidiPads(() -> PadResponse.DEFAULT, strikes::add, note -> {}, () -> 0)) {
            pads.send(new ShortMessage(ShortMessage.NOTE_ON, 9, 38, 127), -1);
            pads.send(new ShortMessage(ShortMessage.NOTE_ON, 9, 38, 0), -1);
            pads.send(new ShortMessage(ShortMessage.NOTE_OFF, 9, 38, 64), -1);
            pads.send(new ShortMessage(ShortMessage.CONTROL_CHANGE, 9, 4, 64), -1);
            pads.send(new ShortMessage(ShortMessage.NOTE_ON, 0, 35, 30), -1);
            pads.send(new ShortMessage(ShortMessage.NOTE_ON, 0, 5, 88), -1);
        }
        assertThat(strikes).hasSize(3);
        assertThat(strikes.get(0)).isEqualTo(new PadHit(Kit.SNARE, Dynamic.STRONG));
        assertThat(strikes.get(1)).isEqualTo(new PadHit(Kit.KICK, Dynamic.GHOST));
        assertThat(strikes.get(2).voice().name()).isEqualTo("pad 5");
    }

    @Test
    void aPadLearnsItsVoiceByBeingStruck() throws Exception {
        List<PadHit> strikes = new ArrayList<>();
        AtomicReference<PadResponse> response = new AtomicReference<>(PadResponse.DEFAULT);
        try (MidiPads pads = new MidiPads(
                response::get,
                strikes::add,
                note -> response.set(response.get().learned(note, "floor tom")),
                () -> 0)) {
            pads.send(new ShortMessage(ShortMessage.NOTE_ON, 9, 38, 100), -1);
        }
        assertThat(strikes.get(0).voice()).isEqualTo(Kit.FLOOR_TOM);
        assertThat(response.get().forgotten()).isEqualTo(PadResponse.DEFAULT);
    }

    /** A neighbor that shakes is not heard; one that is struck as hard, or a moment later, is. */
    @Test
    void crossTalkIsDropped() throws Exception {
        List<PadHit> strikes = new ArrayList<>();
        AtomicLong now = new AtomicLong(1_000_000_000);
        try (MidiPads pads = new MidiPads(() -> PadResponse.DEFAULT, strikes::add, note -> {}, now::get)) {
            pads.send(new ShortMessage(ShortMessage.NOTE_ON, 9, 38, 120), -1);
            now.addAndGet(5_000_000);
            pads.send(new ShortMessage(ShortMessage.NOTE_ON, 9, 47, 12), -1);
            assertThat(strikes).hasSize(1);
            pads.send(new ShortMessage(ShortMessage.NOTE_ON, 9, 36, 60), -1);
            assertThat(strikes).hasSize(2);
            now.addAndGet(40_000_000);
            pads.send(new ShortMessage(ShortMessage.NOTE_ON, 9, 47, 8), -1);
            assertThat(strikes).hasSize(3);
        }
    }

    @ParameterizedTest
    @CsvSource({"LIGHT,40,SOFT", "EVEN,40,GHOST", "HEAVY,64,GHOST", "LIGHT,127,STRONG", "HEAVY,127,STRONG"})
    void touchBecomesDynamics(PadResponse.Touch touch, int velocity, Dynamic level) {
        assertThat(PadHit.of(Kit.SNARE, touch.heard(velocity)).level()).isEqualTo(level);
        assertThat(touch.heard(1)).isBetween(1, 10);
    }

    @Test
    void aDeviceThatIsNotThereIsToldByItsName() {
        assertThatExceptionOfType(MidiUnavailableException.class)
                .isThrownBy(() -> MidiDevices.open("no such module"))
                .withMessageContaining("no such module");
        assertThatExceptionOfType(MidiUnavailableException.class)
                .isThrownBy(
                        () -> MidiDevices.listen("no such pad", () -> PadResponse.DEFAULT, strike -> {}, note -> {}));
        assertThat(MidiDevices.pads()).doesNotContain("no such pad");
        assertThat(MidiDevices.instruments()).doesNotContain("no such module");
    }
}
