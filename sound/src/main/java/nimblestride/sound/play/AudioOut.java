package nimblestride.sound.play;

/** Where samples go: 16 bits, mono, at {@link #SAMPLE_RATE}. */
public interface AudioOut extends AutoCloseable {
    int SAMPLE_RATE = 48_000;

    /** What the user sees of it: {@code sound card}, {@code silent clock}. */
    String name();

    /** Takes samples, and waits as long as there is no room for them. */
    void write(byte[] samples, int length);

    /** How many samples have been heard since it was opened. */
    long heard();

    /** Stops at once; what has been written and not heard is dropped. */
    @Override
    void close();
}
