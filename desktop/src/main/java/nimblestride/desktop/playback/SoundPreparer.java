package nimblestride.desktop.playback;

import java.util.concurrent.atomic.AtomicLong;
import javafx.animation.PauseTransition;
import javafx.util.Duration;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.sound.kit.SampleSet;
import nimblestride.sound.kit.Sounds;
import nimblestride.sound.play.Player;
import nimblestride.sound.render.PlaybackRequest;
import nimblestride.sound.render.SoundPreparation;

/** Has the sounds of the open exercise made in the background once edits pause, so that they are there when it plays. */
public final class SoundPreparer implements AutoCloseable {
    private static final Duration PAUSE = Duration.millis(700);

    private final Transport transport;
    private final Player player;
    private final Sounds sounds;
    private final LatestOnly preparing = new LatestOnly("preparing sounds");
    private final PauseTransition pause = new PauseTransition(PAUSE);
    private final AtomicLong newest = new AtomicLong();
    private boolean begun;

    /** @param sounds that are made */
    public SoundPreparer(Transport transport, Player player, Sounds sounds) {
        this.transport = transport;
        this.player = player;
        this.sounds = sounds;
        pause.setOnFinished(event -> prepare());
        transport.playingProperty().addListener(change -> {
            if (transport.playingProperty().get()) {
                // Perhaps its sounds were dropped for want of memory, or the card has another rate.
                prepare();
            }
        });
    }

    /** Begins, once the window shows: until then, the processor has enough to do. */
    public void begin() {
        begun = true;
        soon();
    }

    /** Prepares the sounds again in a moment, and stops what it prepares now. */
    public void soon() {
        newest.incrementAndGet();
        if (begun) {
            pause.playFromStart();
        }
    }

    private void prepare() {
        long number = newest.get();
        PlaybackRequest request = transport.request();
        SampleSet heard = sounds.at(player.sampleRate());
        preparing.ask(() -> made(request, heard, number), done -> {});
    }

    private boolean made(PlaybackRequest request, SampleSet heard, long number) {
        try {
            SoundPreparation.prepare(request, heard, () -> newest.get() == number);
            return true;
        } catch (StrideException e) {
            // Playing meets it again, and says so.
            return false;
        }
    }

    @Override
    public void close() {
        newest.incrementAndGet();
        pause.stop();
        preparing.close();
    }
}
