package nimblestride.sound.play;

import javax.sound.sampled.LineUnavailableException;

/** Plays samples: 16 bits, mono, at {@link #SAMPLE_RATE}. */
public interface AudioOutput extends AutoCloseable {
    int SAMPLE_RATE = 48_000;

    /** Returns the name the user sees: a sound card's, or {@code silent clock}. */
    String name();

    /** Returns whether anything can be heard through it. */
    boolean isHeard();

    /**
     * Writes samples; waits until there is room for them.
     *
     * @throws LineUnavailableException if the output has gone away
     */
    void write(byte[] samples, int length) throws LineUnavailableException;

    /** Returns how many of the written samples have been heard since it was opened. */
    long heard();

    /** Stops at once, and drops what is written but not heard yet. */
    @Override
    void close();
}
