package nimblestride.sound.render;

import java.util.Comparator;
import nimblestride.sound.kit.Sample;

/**
 * A sound and the sample at which it starts; those that start together keep their order.
 *
 * @param end sample at which it is released, or {@link #RINGS_OUT}
 * @param click whether it is a click, which stands in no room
 */
record Cue(long frame, long end, long number, MidiKey key, Sample sound, float level, boolean click) {
    static final long RINGS_OUT = Long.MAX_VALUE;

    static final Comparator<Cue> IN_ORDER = Comparator.comparingLong(Cue::frame).thenComparingLong(Cue::number);
}
