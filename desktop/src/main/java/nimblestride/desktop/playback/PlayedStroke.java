package nimblestride.desktop.playback;

import java.util.Optional;
import nimblestride.sound.kit.PadHit;
import nimblestride.sound.play.AudiblePosition;

/**
 * A stroke somebody has played.
 *
 * @param heard what was heard at that moment, where anything played
 */
public record PlayedStroke(PadHit strike, Optional<AudiblePosition> heard) {}
