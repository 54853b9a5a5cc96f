package nimblestride.sound.play;

import javax.sound.sampled.LineUnavailableException;

/** Where samples go: 16 bits, mono, at {@link #SAMPLE_RATE}. */
public interface AudioOutput extends AutoCloseable {
    int SAMPLE_RATE = 48_000;

    /** What the user sees of it: the name of a sound card, {@code silent clock}. */
    String name();

    /** Whether anything can be heard through it. */
    boolean isHeard();

    /**
     * Takes samples, and waits as long as there is no room for them.
     *
     * @throws LineUnavailableException if it has gone away
     */
    void write(byte[] samples, int length) throws LineUnavailableException;

    /** How many of the samples written have been heard since it was opened. */
    long heard();

    /** Stops at once; what has been written and not heard is dropped. */
    @Override
    void close();
}
