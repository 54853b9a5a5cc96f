package nimblestride.sound.play;

import javax.sound.sampled.LineUnavailableException;

/** Plays samples: 16 bits, mono, at its own rate. */
public interface AudioOutput extends AutoCloseable {
    /** The rate of an output that has no preference, in samples per second. */
    int USUAL_RATE = 48_000;

    /** How long a buffer lasts, in seconds: short enough that a change is heard soon. */
    double BUFFERED_SECONDS = 0.05;

    /** Returns how many samples it plays per second. */
    int sampleRate();

    /** Returns how many samples it takes ahead. */
    int buffer();

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
