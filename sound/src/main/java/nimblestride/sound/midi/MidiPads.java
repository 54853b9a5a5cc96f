package nimblestride.sound.midi;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import java.util.function.LongSupplier;
import java.util.function.Supplier;
import javax.sound.midi.MidiMessage;
import javax.sound.midi.Receiver;
import javax.sound.midi.ShortMessage;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.kit.voice.NoteheadShape;
import nimblestride.core.kit.voice.Voice;
import nimblestride.sound.kit.PadHit;

/**
 * Receives hits from a MIDI pad or keyboard: voices by what the pads have learned, else by the keys of General MIDI 1.
 * Other keys play a middle tom.
 */
final class MidiPads implements Receiver {
    /** A pad shakes its neighbors for about so long after a hit, in nanoseconds (common practice). */
    private static final long NANOS_OF_SHAKING = 30_000_000;

    private final Supplier<PadResponse> response;
    private final Consumer<PadHit> struck;
    private final IntConsumer learn;
    private final LongSupplier nanos;

    private int lastNote = -1;
    private int lastVelocity;
    private long lastTime;

    /**
     * @param response how the pads are heard now
     * @param struck receives each hit
     * @param learn receives the note of each hit first
     */
    MidiPads(Supplier<PadResponse> response, Consumer<PadHit> struck, IntConsumer learn, LongSupplier nanos) {
        this.response = response;
        this.struck = struck;
        this.learn = learn;
        this.nanos = nanos;
    }

    @Override
    public void send(MidiMessage message, long microseconds) {
        if (message instanceof ShortMessage note && note.getCommand() == ShortMessage.NOTE_ON && note.getData2() > 0) {
            hit(note.getData1(), note.getData2());
        }
    }

    private void hit(int note, int velocity) {
        PadResponse now = response.get();
        long time = nanos.getAsLong();
        boolean shaken = note != lastNote
                && time - lastTime < NANOS_OF_SHAKING
                && 100 * velocity < now.crossTalk() * lastVelocity;
        if (shaken) {
            return;
        }
        lastNote = note;
        lastVelocity = velocity;
        lastTime = time;
        learn.accept(note);
        struck.accept(PadHit.of(voice(note, response.get()), now.touch().heard(velocity)));
    }

    /** Returns the voice for a note. Keys 35 and 40, the second bass drum and snare, play the kit's own. */
    private static Voice voice(int note, PadResponse response) {
        int known = note == 35 ? 36 : note == 40 ? 38 : note;
        return Optional.ofNullable(response.voices().get(note))
                .flatMap(Kit::named)
                .or(() -> Kit.withKey(known))
                .orElseGet(() -> new Voice(
                        "pad " + note,
                        Math.max(Voice.MIN_KEY, Math.min(Voice.MAX_KEY, note)),
                        Limb.RIGHT_HAND,
                        Voice.usualPlace(Limb.RIGHT_HAND),
                        NoteheadShape.NORMAL));
    }

    @Override
    public void close() {
        // There is nothing to release.
    }
}
