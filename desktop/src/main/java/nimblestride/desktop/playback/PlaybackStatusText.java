package nimblestride.desktop.playback;

import java.util.Locale;
import nimblestride.core.foundation.words.Counted;
import nimblestride.sound.play.PlayerStatus;

/** Puts how playing goes into words. */
public final class PlaybackStatusText {
    /** What to say while nothing plays. */
    public static final String SILENT = "Nothing is playing.";

    /** Returns it in short, for the status bar. */
    public static String brief(PlayerStatus now) {
        return " through the " + named(now)
                + (now.lost() > 0 ? ", " + Counted.count(now.lost(), "card") + " unplugged" : "")
                + (now.gaps() > 0 ? ", " + Counted.count(now.gaps(), "dropout") : "");
    }

    private PlaybackStatusText() {}

    private static String named(PlayerStatus status) {
        return status.heard() ? "sound card" : "silent clock";
    }

    private static String buffer(PlayerStatus now) {
        return String.format(
                Locale.ROOT,
                "buffer: %,d samples, %d ms at %,d Hz",
                now.buffer(),
                Math.round(1_000.0 * now.buffer() / now.sampleRate()),
                now.sampleRate());
    }

    /** Returns it in full. */
    public static String full(PlayerStatus now) {
        String through = now.heard()
                ? "Playing through " + now.output() + "."
                : "No sound card found. You can watch the music, but you won't hear it. Plug in a card "
                        + "to hear it.";
        String lost = now.lost() == 0
                ? ""
                : " The card was unplugged " + (now.lost() == 1 ? "once" : now.lost() + " times") + " while playing.";
        return through + " Latency to the card: " + now.milliseconds() + " ms; " + buffer(now) + "; "
                + (now.gaps() == 0 ? "no dropouts so far." : Counted.count(now.gaps(), "dropout") + " so far.")
                + lost;
    }
}
