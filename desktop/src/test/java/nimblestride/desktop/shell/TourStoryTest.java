package nimblestride.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.input.KeyCode;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.LayerText;
import org.junit.jupiter.api.Test;

/** Does what the first page of the help says, in its words, and gets what it promises. */
@OwnStart
class TourStoryTest extends WindowStory {
    private String play() {
        return lookup("#play").queryButton().getText();
    }

    @Test
    void theThreeMinutesKeepTheirPromise() throws Exception {
        retype("#bars", "11/8");
        type(KeyCode.ENTER);
        until(() -> BarsText.write(exercise().phrase()).equals("11/8"));

        clickOn("#play");
        until(() -> play().equals("Stop"));
        clickOn("#play");
        until(() -> play().equals("Play"));

        chord(KeyCode.SHORTCUT, KeyCode.DIGIT3);
        clickOn("#page-counts");
        retype("#placing", "kick 1, 7; snare 4, 10");
        until(() -> exercise().layers().size() == 2);

        chord(KeyCode.SHORTCUT, KeyCode.DIGIT4);
        clickOn("#page-layers");
        retype("#add-layer", "ride every 1/4");
        type(KeyCode.ENTER);
        until(() -> exercise().layers().size() == 3);
        assertThat(LayerText.write(exercise().layers().get(2))).isEqualTo("ride every 1/4");
        until(() -> lookup(".finding:headline").tryQuery().isPresent());
        assertThat(lookup(".finding:headline").query().getAccessibleText())
                .startsWith("Everything lines up again after 2 bars");
    }
}
