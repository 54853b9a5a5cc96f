package nimblestride.sound.microphone;

import java.util.function.Consumer;
import javax.sound.sampled.LineUnavailableException;

/** Reads a microphone block by block, on a separate thread, until it is closed. */
final class InputReader implements AutoCloseable {
    /** Samples per block. */
    static final int BLOCK = 64;

    private final AudioInput input;
    private final Consumer<float[]> ear;
    private final Runnable lost;
    private volatile boolean closed;

    /**
     * Begins to read.
     *
     * @param name of the thread
     * @param ear gets each block, always the same array
     * @param lost runs once if the microphone goes away
     */
    InputReader(AudioInput input, String name, Consumer<float[]> ear, Runnable lost) {
        this.input = input;
        this.ear = ear;
        this.lost = lost;
        Thread thread = new Thread(this::read, name);
        thread.setDaemon(true);
        thread.start();
    }

    private void read() {
        float[] block = new float[BLOCK];
        try {
            while (!closed) {
                input.read(block);
                ear.accept(block);
            }
        } catch (LineUnavailableException e) {
            if (!closed) {
                lost.run();
            }
        } finally {
            input.close();
        }
    }

    @Override
    public void close() {
        closed = true;
    }
}
