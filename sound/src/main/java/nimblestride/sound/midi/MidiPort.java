package nimblestride.sound.midi;

import java.util.Comparator;
import java.util.PriorityQueue;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.Receiver;
import javax.sound.midi.ShortMessage;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.sound.render.MidiKey;

/**
 * Sends playback to a MIDI instrument at the moments it is heard, percussion by the keys of General MIDI 1. Safe for
 * several threads.
 */
public final class MidiPort implements AutoCloseable {
    private static final int LOUDEST = 127;
    private static final int NOW = -1;
    /** Ends a drum note after this many samples: a drum needs no end, but some instruments wait for one. */
    private static final long SAMPLES_OF_A_STROKE = 4_800;

    private final String name;
    private final Receiver to;
    private final PriorityQueue<Due> due = new PriorityQueue<>(Comparator.comparingLong(Due::frame));

    /** A message, and the sample at which to send it. */
    private record Due(long frame, ShortMessage message) {}

    /**
     * Sends to a receiver.
     *
     * @param name of the instrument
     */
    public MidiPort(String name, Receiver to) {
        this.name = name;
        this.to = to;
    }

    /** Returns the instrument's name. */
    public String name() {
        return name;
    }

    /**
     * Queues a sound.
     *
     * @param level from 0 to 1
     * @param frame the sample at which it begins
     * @param end the sample at which it is released; {@link Long#MAX_VALUE} if it rings out
     */
    public synchronized void begun(MidiKey key, float level, long frame, long end) {
        int velocity = Math.max(1, Math.min(LOUDEST, Math.round(level * LOUDEST)));
        due.add(new Due(frame, message(ShortMessage.NOTE_ON, key, velocity)));
        long off = end == Long.MAX_VALUE ? frame + SAMPLES_OF_A_STROKE : end;
        due.add(new Due(off, message(ShortMessage.NOTE_OFF, key, 0)));
    }

    private static ShortMessage message(int command, MidiKey key, int velocity) {
        try {
            return new ShortMessage(command, key.channel(), key.key(), velocity);
        } catch (InvalidMidiDataException e) {
            throw new InvalidValueException("this is not a MIDI note: " + key, e);
        }
    }

    /** Sends every message due at or before the sample heard now. */
    public synchronized void heard(long frame) {
        while (!due.isEmpty() && due.element().frame <= frame) {
            to.send(due.remove().message, NOW);
        }
    }

    /** Drops what is queued, and releases what sounds. */
    public synchronized void silence() {
        for (Due one : due) {
            if (one.message.getCommand() == ShortMessage.NOTE_OFF) {
                to.send(one.message, NOW);
            }
        }
        due.clear();
    }

    @Override
    public synchronized void close() {
        silence();
        to.close();
    }
}
