package nimblestride.core.transcription.recording;

/**
 * A hit in a recording.
 *
 * @param at in seconds from the start
 * @param low how much of it is heard below 150 Hz, from 0 to 1, beside the strongest hits of the recording
 * @param middle the same from 150 Hz to 2.5 kHz
 * @param high the same above 2.5 kHz
 */
public record HeardHit(double at, double low, double middle, double high) {
    /** Returns how strong it is, from 0 to 1. */
    public double strength() {
        return Math.max(low, Math.max(middle, high));
    }

    /** Returns how much of it is heard in a band, from 0 to 1. */
    public double in(Band band) {
        return switch (band) {
            case LOW -> low;
            case MIDDLE -> middle;
            case HIGH -> high;
        };
    }

    /** Returns the band in which most of it is heard. */
    public Band band() {
        return low >= middle && low >= high ? Band.LOW : middle >= high ? Band.MIDDLE : Band.HIGH;
    }
}
