package nimblestride.desktop.playback;

import java.util.Optional;
import nimblestride.sound.kit.PadHit;
import nimblestride.sound.play.AudiblePosition;

/**
 * A hit somebody has played.
 *
 * @param heard what was audible at that moment; empty where nothing played
 */
public record PlayedStroke(PadHit strike, Optional<AudiblePosition> heard) {}
