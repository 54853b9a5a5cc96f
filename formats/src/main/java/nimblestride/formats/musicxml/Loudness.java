package nimblestride.formats.musicxml;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Arrays;
import java.util.Comparator;
import nimblestride.core.kit.stroke.Level;

/** How hard a note is struck, as the standard tells it: in hundredths of forte, which is a MIDI velocity of 90. */
final class Loudness {
    private static final int FORTE = 90;
    private static final int LOUDEST = 127;

    private Loudness() {}

    static BigDecimal dynamics(Level level) {
        return BigDecimal.valueOf(100 * level.strength() * LOUDEST / FORTE).setScale(1, RoundingMode.HALF_EVEN);
    }

    static Level level(BigDecimal dynamics) {
        double strength = dynamics.doubleValue() * FORTE / LOUDEST / 100;
        return Arrays.stream(Level.values())
                .min(Comparator.comparingDouble(level -> Math.abs(level.strength() - strength)))
                .orElseThrow();
    }
}
