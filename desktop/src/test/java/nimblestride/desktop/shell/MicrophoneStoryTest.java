package nimblestride.desktop.shell;

import javafx.scene.control.Label;
import nimblestride.desktop.service.PageId;
import org.junit.jupiter.api.Test;

/** The program listens through a microphone to what somebody plays. */
@OwnStart
class MicrophoneStoryTest extends WindowStory {
    /** The click comes out of a speaker, and the microphone hears it: it is measured, and then left out. A snare counts. */
    @Test
    void theClickOfTheProgramIsNoHit() throws Exception {
        EchoRoom room = new EchoRoom();
        outputs = room::openSpeaker;
        inputs = room.microphones();
        closeWindow();
        openAgain();
        lay("4/4", "snare every 1/4");
        interact(() -> window.open(PageId.AUDIO));
        clickOn("#measure-by-listening");
        until(() -> !lookup("#measure-by-listening").query().isDisabled());
        interact(() -> window.open(PageId.MICROPHONE));
        choose("#microphone", 1);
        interact(() -> window.transport().toggle());
        until(() -> microphoneState().matches("Hits: 0\\. .* as loud: ([4-9]|\\d\\d)\\."));
        again(room::hit, () -> microphoneState().matches("Hits: [1-9].*"));
        interact(() -> window.transport().stop());
    }

    private String microphoneState() {
        return lookup("#microphone-state").queryAs(Label.class).getText();
    }

    /** The simulated microphone hears the simulated player in a room; its hits are timed as those of pads. */
    @Test
    void hitsAreHeardThroughAMicrophone() throws Exception {
        lay("4/4", "snare every 1/4");
        interact(() -> window.transport().settings().clickProperty().set(false));
        interact(() -> window.transport()
                .settings()
                .mixProperty()
                .set(window.transport().settings().mixProperty().get().layers(levels -> levels.muting("snare", true))));
        interact(() -> window.open(PageId.MICROPHONE));
        interact(() -> window.transport().toggle());
        until(() -> window.transport().playingProperty().get());
        choose("#microphone", 1);
        until(() -> microphoneState().matches("Hits: ([4-9]|\\d\\d)\\. Every hit counts.*"));
        choose("#microphone-source", 1);
        until(() -> microphoneState().contains("I take a tom for a snare"));
        choose("#microphone", 0);
        until(() -> microphoneState().contains("Nothing is recorded."));
        fire("#to-timing");
        until(() -> lookup("#tap-along").tryQuery().isPresent());
        interact(() -> window.transport().stop());
    }
}
