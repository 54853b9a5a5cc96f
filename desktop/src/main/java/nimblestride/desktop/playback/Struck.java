package nimblestride.desktop.playback;

import java.util.Optional;
import nimblestride.sound.kit.Strike;
import nimblestride.sound.play.Heard;

/**
 * A stroke somebody has played.
 *
 * @param heard what was heard at that moment, where anything played
 */
public record Struck(Strike strike, Optional<Heard> heard) {}
