package nimblestride.sound.microphone;

import javax.sound.sampled.LineUnavailableException;

/** An open microphone: one channel of samples from -1 to 1. One thread reads; any thread may close it. */
public interface AudioInput extends AutoCloseable {
    /** Returns the name the user sees. */
    String name();

    /** Returns how many samples it takes per second. */
    int sampleRate();

    /**
     * Reads the next samples; waits until they are there.
     *
     * @throws LineUnavailableException if the microphone has gone away
     */
    void read(float[] block) throws LineUnavailableException;

    /** Returns how many samples it has taken that nobody has read yet. */
    int waiting();

    @Override
    void close();
}
