package nimblestride.sound.microphone;

import java.util.function.DoubleConsumer;

/** Listens through a microphone for the clicks that the program plays, on a separate thread, until it is closed. */
public final class ClickListener implements AutoCloseable {
    private final AudioInput input;
    private final DoubleConsumer click;
    private final ClickEar ear;
    private final InputReader reader;
    private long read;
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
        this.ear = new ClickEar(input.sampleRate());
        this.reader = new InputReader(input, "listening for clicks", this::hear, lost);
    }

    private void hear(float[] block) {
        read += block.length;
        ear.hear(block, at -> click.accept((double) (read - at + input.waiting()) / input.sampleRate()));
        loudest = ear.loudest();
    }

    /** Returns the loudest sample of the clicks heard so far, from 0 to 1. */
    public float loudest() {
        return loudest;
    }

    @Override
    public void close() {
        reader.close();
    }
}
