package nimblestride.sound.microphone;

import nimblestride.core.transcription.recording.HeardHit;
import nimblestride.sound.hits.LiveHitFinder;
import nimblestride.sound.recording.StreamResampler;

/** Listens through a microphone for what somebody plays, on a separate thread, until it is closed. It keeps nothing. */
public final class HitListener implements AutoCloseable {
    private final AudioInput input;
    private final Listener listener;
    private final LiveHitFinder finder = new LiveHitFinder();
    private final StreamResampler resampler;
    private final float[] resampled;
    private final InputReader reader;

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
        this.resampler = new StreamResampler(input.sampleRate(), LiveHitFinder.RATE, InputReader.BLOCK);
        this.resampled = new float[resampler.most(InputReader.BLOCK)];
        this.reader = new InputReader(input, "listening for hits", this::hear, lost);
    }

    private void hear(float[] block) {
        if (input.sampleRate() == LiveHitFinder.RATE) {
            finder.hear(block, block.length, this::played);
        } else {
            finder.hear(resampled, resampler.resample(block, block.length, resampled), this::played);
        }
    }

    private void played(HeardHit hit, double loudest) {
        double since = (double) finder.heard() / LiveHitFinder.RATE - hit.at();
        listener.played(hit, loudest, since + (double) input.waiting() / input.sampleRate());
    }

    @Override
    public void close() {
        reader.close();
    }
}
