package nimblestride.sound.midi;

import java.util.function.Consumer;
import javax.sound.midi.MidiMessage;
import javax.sound.midi.Receiver;
import javax.sound.midi.ShortMessage;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.kit.voice.NoteheadShape;
import nimblestride.core.kit.voice.Voice;
import nimblestride.sound.kit.PadHit;

/** Receives hits from a MIDI pad or keyboard by the keys of General MIDI 1; other keys play a middle tom. */
final class MidiPads implements Receiver {
    private final Consumer<PadHit> struck;

    MidiPads(Consumer<PadHit> struck) {
        this.struck = struck;
    }

    @Override
    public void send(MidiMessage message, long microseconds) {
        if (message instanceof ShortMessage note && note.getCommand() == ShortMessage.NOTE_ON && note.getData2() > 0) {
            struck.accept(PadHit.of(voice(note.getData1()), note.getData2()));
        }
    }

    /** Returns the voice for a key. Keys 35 and 40, the second bass drum and snare, play the kit's own. */
    private static Voice voice(int key) {
        int known = key == 35 ? 36 : key == 40 ? 38 : key;
        return Kit.voices().stream()
                .filter(voice -> voice.midiKey() == known)
                .findFirst()
                .orElseGet(() -> new Voice(
                        "pad " + key,
                        Math.max(Voice.MIN_KEY, Math.min(Voice.MAX_KEY, key)),
                        Limb.RIGHT_HAND,
                        Voice.usualPlace(Limb.RIGHT_HAND),
                        NoteheadShape.NORMAL));
    }

    @Override
    public void close() {
        // There is nothing to release.
    }
}
