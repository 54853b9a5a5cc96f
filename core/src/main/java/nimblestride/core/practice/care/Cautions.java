package nimblestride.core.practice.care;

import java.util.List;

/** The usual cautions for drummers, in brief. */
public final class Cautions {
    private Cautions() {}

    /** Returns what goes for everybody who drums (common practice). */
    public static List<String> all() {
        return List.of(
                "Wear hearing protection at the kit. A snare or cymbal up close reaches 100 dBA or more.",
                "Warm up slowly. Rest a few minutes every half hour and shake out your hands.",
                "Stop when it hurts. Pain, numbness, or tingling is not part of practice.",
                "If your ears ring, your hearing is dull, or pain lasts, ask an audiologist or a doctor, not a program.");
    }
}
