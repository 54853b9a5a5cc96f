package nimblestride.sound.microphone;

import java.util.function.DoubleConsumer;
import javax.sound.sampled.LineUnavailableException;

/** Listens through a microphone for the clicks that the program plays, on a separate thread, until it is closed. */
public final class ClickListener implements AutoCloseable {
    private static final int BLOCK = 64;

    private final AudioInput input;
    private final DoubleConsumer click;
    private final Runnable lost;
    private volatile boolean closed;
    private volatile float loudest;

    /**
     * Begins to listen.
     *
     * @param click receives, for each click, how many seconds ago it reached the microphone
     * @param lost runs once if the microphone goes away
     */
    public ClickListener(AudioInput input, DoubleConsumer click, Runnable lost) {
        this.input = input;
        this.click = click;
        this.lost = lost;
        Thread thread = new Thread(this::listen, "listening for clicks");
        thread.setDaemon(true);
        thread.start();
    }

    /** Returns the loudest sample of the clicks heard so far, from 0 to 1. */
    public float loudest() {
        return loudest;
    }

    private void listen() {
        ClickEar ear = new ClickEar(input.sampleRate());
        float[] block = new float[BLOCK];
        long[] read = {0};
        try {
            while (!closed) {
                input.read(block);
                read[0] += BLOCK;
                loudest = ear.loudest();
                ear.hear(block, at -> click.accept((double) (read[0] - at + input.waiting()) / input.sampleRate()));
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
