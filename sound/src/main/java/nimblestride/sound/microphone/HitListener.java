package nimblestride.sound.microphone;

import javax.sound.sampled.LineUnavailableException;
import nimblestride.core.transcription.recording.HeardHit;
import nimblestride.sound.hits.LiveHitFinder;
import nimblestride.sound.recording.StreamResampler;

/** Listens through a microphone for what somebody plays, on a separate thread, until it is closed. It keeps nothing. */
public final class HitListener implements AutoCloseable {
    private static final int BLOCK = 64;

    private final AudioInput input;
    private final Listener listener;
    private final Runnable lost;
    private volatile boolean closed;

    /** Receives what is played, on the thread that listens. */
    @FunctionalInterface
    public interface Listener {
        /**
         * Receives a hit.
         *
         * @param hit says how much of it is heard in each band
         * @param loudest its loudest sample, from 0 to 1
         * @param ago how many seconds ago it reached the microphone
         */
        void played(HeardHit hit, double loudest, double ago);
    }

    /**
     * Begins to listen.
     *
     * @param lost runs once if the microphone goes away
     */
    public HitListener(AudioInput input, Listener listener, Runnable lost) {
        this.input = input;
        this.listener = listener;
        this.lost = lost;
        Thread thread = new Thread(this::listen, "listening for hits");
        thread.setDaemon(true);
        thread.start();
    }

    private void listen() {
        LiveHitFinder finder = new LiveHitFinder();
        StreamResampler resampler = new StreamResampler(input.sampleRate(), LiveHitFinder.RATE, BLOCK);
        float[] block = new float[BLOCK];
        float[] resampled = new float[resampler.most(BLOCK)];
        boolean same = input.sampleRate() == LiveHitFinder.RATE;
        try {
            while (!closed) {
                input.read(block);
                int count = same ? BLOCK : resampler.resample(block, BLOCK, resampled);
                finder.hear(
                        same ? block : resampled,
                        count,
                        (hit, loudest) -> listener.played(
                                hit,
                                loudest,
                                (double) finder.heard() / LiveHitFinder.RATE
                                        - hit.at()
                                        + (double) input.waiting() / input.sampleRate()));
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
