package nimblestride.desktop.playback;

import java.util.Optional;
import nimblestride.core.foundation.words.Counted;
import nimblestride.sound.play.PlayerStatus;

/** Puts how playing goes into words. */
public final class PlaybackStatusText {
    private PlaybackStatusText() {}

    /** Returns it in short, for the status bar; empty while nothing plays. */
    public static String brief(Optional<PlayerStatus> status) {
        return status.map(now -> " through the " + named(now)
                        + (now.lost() > 0 ? ", " + Counted.count(now.lost(), "card") + " gone" : "")
                        + (now.gaps() > 0 ? ", " + Counted.count(now.gaps(), "gap") : ""))
                .orElse("");
    }

    private static String named(PlayerStatus status) {
        return status.heard() ? "sound card" : "silent clock";
    }

    /** Returns it in full. */
    public static String full(Optional<PlayerStatus> status) {
        return status.map(now -> {
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
                })
                .orElse("Nothing plays.");
    }
}
