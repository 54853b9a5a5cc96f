package nimblestride.core.kit.band;

import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.value.NoteValue;

/** What the band plays on. */
public sealed interface BandTime {
    /** The beats of the bars. */
    BandTime BEATS = new Beats();

    /** The notes of the exercise's first riff. */
    BandTime RIFF = new Riff();

    /** See {@link #BEATS}. */
    record Beats() implements BandTime {}

    /** See {@link #RIFF}. */
    record Riff() implements BandTime {}

    /** A pulse of the band's own, across the bars. */
    record Pulse(NoteValue value) implements BandTime {
        /** The shortest pulse; anything quicker is no pulse any more. */
        public static final NoteValue MIN = NoteValue.of(1, 64);

        /** @throws InvalidValueException if it is too short */
        public Pulse {
            if (value.compareTo(MIN) < 0) {
                throw new InvalidValueException("the band needs a pulse of " + MIN + " or longer, not " + value);
            }
        }
    }
}
