package nimblestride.core.transcription.recording;

import java.util.Optional;
import java.util.OptionalDouble;
import nimblestride.core.time.meter.Phrase;

/**
 * What somebody says of a recording before the program looks for its meter.
 *
 * @param bars it is in; empty where nobody knows
 * @param tempo in quarters per minute, roughly; empty where nobody knows
 */
public record KnownAbout(Optional<Phrase> bars, OptionalDouble tempo) {
    /** Nobody says anything. */
    public static final KnownAbout NOTHING = new KnownAbout(Optional.empty(), OptionalDouble.empty());

    /** A tempo is as it is said within this share of it. */
    private static final double ROUGHLY = 0.08;

    /** Returns whether a tempo may be the one that is said. */
    boolean allows(double quarters) {
        return tempo.isEmpty() || Math.abs(quarters / tempo.getAsDouble() - 1) <= ROUGHLY;
    }
}
