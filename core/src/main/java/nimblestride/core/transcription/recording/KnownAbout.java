package nimblestride.core.transcription.recording;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import nimblestride.core.time.meter.Phrase;

/**
 * What somebody says of a recording before the program looks for its meter.
 *
 * @param bars it is in; empty where nobody knows
 * @param tempo in quarters per minute, roughly; empty where nobody knows
 * @param ones when somebody tapped the 1s of bars that follow each other, in seconds; none where nobody did
 */
public record KnownAbout(Optional<Phrase> bars, OptionalDouble tempo, List<Double> ones) {
    /** Nobody says anything. */
    public static final KnownAbout NOTHING = new KnownAbout(Optional.empty(), OptionalDouble.empty(), List.of());

    /** A tempo is as it is said within this share of it. */
    private static final double ROUGHLY = 0.08;

    public KnownAbout {
        ones = ones.stream().sorted().toList();
    }

    /** Returns how long a bar is by the taps, in seconds; empty where there are fewer than two. */
    OptionalDouble bar() {
        return ones.size() < 2
                ? OptionalDouble.empty()
                : OptionalDouble.of((ones.get(ones.size() - 1) - ones.get(0)) / (ones.size() - 1));
    }

    /** Returns whether a tempo may be the one that is said. */
    boolean allows(double quarters) {
        return tempo.isEmpty() || Math.abs(quarters / tempo.getAsDouble() - 1) <= ROUGHLY;
    }
}
