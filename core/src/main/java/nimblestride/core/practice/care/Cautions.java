package nimblestride.core.practice.care;

import java.util.List;

/** The usual cautions for drummers, in brief. */
public final class Cautions {
    private Cautions() {}

    /** Returns what goes for everybody who drums (common practice). */
    public static List<String> all() {
        return List.of(
                "Wear hearing protection at the kit: a close snare or cymbal reaches 100 dBA and more.",
                "Warm up slowly; rest some minutes in every half hour; shake your hands out.",
                "Stop when it hurts. Pain, numbness or tingling is no part of practising.",
                "Ringing ears, dull hearing or pain that stays are for an audiologist or a doctor to judge, not for a program.");
    }
}
