package nimblestride.sound.midi;

import java.util.Map;
import java.util.TreeMap;
import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * How pads are heard: which note is which voice, how touch becomes dynamics, and what counts as a hit.
 *
 * @param voices names of voices by MIDI note, where they differ from General MIDI 1
 * @param touch how hard one has to strike
 * @param crossTalk a hit softer than this share of a hit on another pad just before is that pad's shaking, in percent,
 *     from 0, for none, to {@value #MAX_CROSS_TALK}
 */
public record PadResponse(Map<Integer, String> voices, Touch touch, int crossTalk) {
    /** The largest share, in percent. */
    public static final int MAX_CROSS_TALK = 60;

    /** General MIDI 1, every velocity as it comes, little cross-talk. */
    public static final PadResponse DEFAULT = new PadResponse(Map.of(), Touch.EVEN, 15);

    private static final int MAX_NOTE = 127;

    /** How the velocity of a pad becomes the strength of a stroke. */
    public enum Touch {
        LIGHT("a light touch", 0.6),
        EVEN("as hit", 1),
        HEAVY("a heavy hand", 1.6);

        private final String title;
        private final double exponent;

        Touch(String title, double exponent) {
            this.title = title;
            this.exponent = exponent;
        }

        /** Returns its name for people. */
        public String title() {
            return title;
        }

        /** Returns the velocity a stroke sounds with, from 1 to 127. */
        int heard(int velocity) {
            return Math.max(1, (int) Math.round(MAX_NOTE * Math.pow((double) velocity / MAX_NOTE, exponent)));
        }
    }

    /** @throws InvalidValueException if a note or the share is out of range */
    public PadResponse {
        voices = Map.copyOf(voices);
        voices.keySet().forEach(note -> {
            if (note < 0 || note > MAX_NOTE) {
                throw new InvalidValueException("MIDI notes are 0 to " + MAX_NOTE + ", not " + note);
            }
        });
        if (crossTalk < 0 || crossTalk > MAX_CROSS_TALK) {
            throw new InvalidValueException("set cross-talk to 0 to " + MAX_CROSS_TALK + " %, not " + crossTalk);
        }
    }

    /** Returns the response with a voice on a note. */
    public PadResponse learned(int note, String voice) {
        Map<Integer, String> changed = new TreeMap<>(voices);
        changed.put(note, voice);
        return new PadResponse(changed, touch, crossTalk);
    }

    /** Returns the response with all notes as General MIDI 1 has them. */
    public PadResponse forgotten() {
        return new PadResponse(Map.of(), touch, crossTalk);
    }

    /** Returns the response with another touch. */
    public PadResponse with(Touch newTouch) {
        return new PadResponse(voices, newTouch, crossTalk);
    }

    /** Returns the response with another share of cross-talk, in percent. */
    public PadResponse withCrossTalk(int newShare) {
        return new PadResponse(voices, touch, newShare);
    }
}
