package nimblestride.desktop.shell;

import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.util.Duration;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.practice.care.BreakSchedule;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.service.Status;

/** Shows in the status bar when a break is due, and nothing more. */
final class BreakReminder {
    private static final int SECONDS_BETWEEN_LOOKS = 10;

    private final Transport transport;
    private final ReadOnlyIntegerProperty minutes;
    private final Status status;
    private long played;

    /** @param minutes of playing after which a break is due; 0 for never */
    BreakReminder(Transport transport, ReadOnlyIntegerProperty minutes, Status status) {
        this.transport = transport;
        this.minutes = minutes;
        this.status = status;
    }

    void listen() {
        Timeline looks = new Timeline(
                new KeyFrame(Duration.seconds(SECONDS_BETWEEN_LOOKS), event -> pass(SECONDS_BETWEEN_LOOKS)));
        looks.setCycleCount(Animation.INDEFINITE);
        transport.playingProperty().addListener((property, was, playing) -> {
            if (playing) {
                looks.play();
            } else {
                looks.pause();
            }
        });
    }

    /** Counts more seconds of playing. */
    void pass(int seconds) {
        long before = played;
        played += seconds;
        if (new BreakSchedule(minutes.get()).isDue(before, played)) {
            status.show("You have played for " + Counted.count(played / 60, "minute")
                    + ". Take a short rest: shake out your hands and rest your ears.");
        }
    }
}
