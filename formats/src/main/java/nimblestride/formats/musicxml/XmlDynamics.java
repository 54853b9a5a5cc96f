package nimblestride.formats.musicxml;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Arrays;
import java.util.Comparator;
import nimblestride.core.kit.stroke.Dynamic;

/** How hard a note is struck, as the standard tells it: in hundredths of forte, which is a MIDI velocity of 90. */
final class XmlDynamics {
    private static final int FORTE = 90;
    private static final int LOUDEST = 127;

    private XmlDynamics() {}

    static BigDecimal dynamics(Dynamic level) {
        return BigDecimal.valueOf(100 * level.strength() * LOUDEST / FORTE).setScale(1, RoundingMode.HALF_EVEN);
    }

    static Dynamic level(BigDecimal dynamics) {
        double strength = dynamics.doubleValue() * FORTE / LOUDEST / 100;
        return Arrays.stream(Dynamic.values())
                .min(Comparator.comparingDouble(level -> Math.abs(level.strength() - strength)))
                .orElseThrow();
    }
}
