package nimblestride.desktop.playback;

import static nimblestride.core.kit.voice.Kit.*;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import nimblestride.core.kit.voice.Voice;

/** The keys of the computer as pads: drums under the left hand, cymbals under the right, feet below. */
public final class PadKeys {
    private static final Map<KeyCode, Voice> PADS = new LinkedHashMap<>();

    static {
        PADS.put(KeyCode.F, SNARE);
        PADS.put(KeyCode.D, HIGH_TOM);
        PADS.put(KeyCode.S, LOW_TOM);
        PADS.put(KeyCode.A, FLOOR_TOM);
        PADS.put(KeyCode.J, HI_HAT);
        PADS.put(KeyCode.K, OPEN_HI_HAT);
        PADS.put(KeyCode.L, RIDE);
        PADS.put(KeyCode.H, CRASH);
        PADS.put(KeyCode.B, KICK);
        PADS.put(KeyCode.N, FOOT_HI_HAT);
    }

    private PadKeys() {}

    /** Returns the voice a key plays; empty for none. */
    public static Optional<Voice> voice(KeyCode key) {
        return Optional.ofNullable(PADS.get(key));
    }

    /** Returns all keys, in words. */
    public static String description() {
        StringBuilder text = new StringBuilder();
        PADS.forEach((key, voice) -> text.append(text.isEmpty() ? "" : ", ")
                .append(key.getName())
                .append(' ')
                .append(voice.name()));
        return text.toString();
    }
}
