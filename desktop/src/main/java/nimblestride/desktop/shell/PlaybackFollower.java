package nimblestride.desktop.shell;

import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.util.Duration;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.playback.PlaybackDevices;
import nimblestride.desktop.playback.PlaybackStatusText;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.ui.field.TextEntry;

/** Shows what plays and through what, and selects the section that is heard. */
final class PlaybackFollower {
    private static final Duration BETWEEN_LOOKS = Duration.seconds(1);

    private PlaybackFollower() {}

    /**
     * Follows playback.
     *
     * @param output label that shows what plays through which output
     */
    static void listen(
            Transport transport, PlaybackDevices devices, ExerciseDocument document, Scene scene, Label output) {
        Runnable tell = () -> output.setText(
                transport.playingProperty().get()
                        ? transport.description()
                                + devices.status()
                                        .map(PlaybackStatusText::brief)
                                        .orElse("")
                        : "");
        Timeline looks = new Timeline(new KeyFrame(BETWEEN_LOOKS, event -> tell.run()));
        looks.setCycleCount(Animation.INDEFINITE);
        transport.playingProperty().addListener(change -> {
            tell.run();
            if (transport.playingProperty().get()) {
                looks.play();
            } else {
                looks.stop();
            }
        });
        transport.countedProperty().addListener(change -> tell.run());
        transport.settings().percentProperty().addListener(change -> tell.run());
        transport.settings().loopProperty().addListener(change -> tell.run());
        transport.sectionProperty().addListener((property, was, section) -> turn(document, scene, section.intValue()));
    }

    /** Selects the section heard, unless the user is typing. */
    private static void turn(ExerciseDocument document, Scene scene, int section) {
        boolean typing = TextEntry.isTypedInto(scene.getFocusOwner());
        if (section != Transport.NO_SECTION && !typing) {
            document.selectContent(
                    document.exerciseProperty().get().sections().get(section).content());
        }
    }
}
