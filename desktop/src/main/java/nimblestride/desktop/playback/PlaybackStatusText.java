package nimblestride.desktop.playback;

import nimblestride.core.foundation.words.Counted;
import nimblestride.sound.play.PlayerStatus;

/** Puts how playing goes into words. */
public final class PlaybackStatusText {
    /** What to say while nothing plays. */
    public static final String SILENT = "Nothing plays.";

    /** Returns it in short, for the status bar. */
    public static String brief(PlayerStatus now) {
        return " through the " + named(now)
                + (now.lost() > 0 ? ", " + Counted.count(now.lost(), "card") + " gone" : "")
                + (now.gaps() > 0 ? ", " + Counted.count(now.gaps(), "gap") : "");
    }

    private PlaybackStatusText() {}

    private static String named(PlayerStatus status) {
        return status.heard() ? "sound card" : "silent clock";
    }

    /** Returns it in full. */
    public static String full(PlayerStatus now) {
        String through = now.heard()
                ? "It plays through " + now.output() + "."
                : "There is no sound card: a silent clock keeps the time, and the music can be seen. As soon as a card "
                        + "is plugged in it is heard.";
        String lost = now.lost() == 0
                ? ""
                : " A card has gone away " + (now.lost() == 1 ? "once" : now.lost() + " times")
                        + " while it played, and it went on.";
        return through + " From the program to the card's end it takes " + now.milliseconds() + " ms; "
                + (now.gaps() == 0 ? "no gaps so far." : Counted.count(now.gaps(), "gap") + " so far.")
                + lost;
    }
}
