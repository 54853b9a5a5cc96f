package nimblestride.core.groove;

/**
 * A sound of the kit.
 *
 * @param name as a drummer says it, in small letters
 * @param midiKey its key in the General MIDI 1 percussion map, 35 to 81
 */
public record Voice(String name, int midiKey) {
    public Voice {
        if (name.isBlank()) {
            throw new IllegalArgumentException("a voice has a name, such as snare");
        }
        if (midiKey < 35 || midiKey > 81) {
            throw new IllegalArgumentException("General MIDI 1 gives percussion the keys 35 to 81, not " + midiKey);
        }
    }

    @Override
    public String toString() {
        return name;
    }
}
