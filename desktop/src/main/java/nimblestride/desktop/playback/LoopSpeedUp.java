package nimblestride.desktop.playback;

import java.util.Optional;
import nimblestride.sound.render.Loop;

/** Plays each repeat of a loop a little faster than the one before, up to the full tempo. */
public final class LoopSpeedUp {
    private static final int FULL = 100;
    /** What is heard now is estimated, and may go back a little between two frames. In whole notes. */
    private static final double LEAST_BACK = 1.0 / 32;

    private final PlaybackSettings settings;
    private Optional<Loop> loop = Optional.empty();
    private double last;

    public LoopSpeedUp(PlaybackSettings settings) {
        this.settings = settings;
    }

    /** Notes what is heard now. */
    public void follow(Playhead playhead) {
        Optional<Loop> now = settings.loopProperty().get();
        boolean again = now.isPresent()
                && now.equals(loop)
                && playhead.isShown()
                && playhead.moment().getAsDouble() < last - LEAST_BACK;
        if (again && settings.percentProperty().get() < FULL) {
            int faster = settings.percentProperty().get()
                    + settings.speedUpProperty().get();
            settings.percentProperty().set(Math.min(FULL, faster));
        }
        loop = now;
        last = playhead.moment().orElse(Double.NEGATIVE_INFINITY);
    }
}
