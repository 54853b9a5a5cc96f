package nimblestride.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuBar;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Slider;
import javafx.scene.input.KeyCode;
import javax.sound.sampled.AudioSystem;
import nimblestride.core.exercise.Exercise;
import nimblestride.core.text.Examples;
import org.junit.jupiter.api.Test;

/** How it is played, as a drummer sets it: the Play menu, the balance, and a WAV file of it. */
class SoundingStoryTest extends WindowStory {
    private void lay(String bars, String... layers) throws Exception {
        Exercise exercise = Examples.exercise(bars, layers);
        interact(() -> window.desk().edit(now -> exercise.withName("Lantern Call")));
        until(() -> window.desk().answer().get().exercise().equals(exercise()));
    }

    private MenuItem item(String... path) {
        MenuBar bar = lookup(".menu-bar").queryAs(MenuBar.class);
        MenuItem found = null;
        for (String text : path) {
            var items = found == null ? bar.getMenus() : ((Menu) found).getItems();
            found = items.stream()
                    .filter(one -> text.equals(one.getText()))
                    .findFirst()
                    .orElseThrow();
        }
        return found;
    }

    private void fire(String... path) {
        interact(() -> item(path).fire());
    }

    @Test
    void speedAndCountInAreChosenAndTold() throws Exception {
        lay("4/4", "kick every 1/4");
        fire("Play", "Speed", "50 %");
        fire("Play", "Count-in", "1 bar");
        fire("Play", "Click on", "each unit");
        fire("Play", "Click silent in", "1 of every 4 bars");
        clickOn("#play");
        until(() -> shows("Playing through the silent clock at 50 %"));
        fire("Play", "Speed", "100 %");
        until(() -> shows("Playing through the silent clock") && !shows("50 %"));
        clickOn("#play");
        until(() -> !shows("Playing through"));
    }

    @Test
    void theBalanceIsSetByMouseAndKeysAndKeptWhileLayersStay() throws Exception {
        lay("4/4", "kick every 1/4", "snare every 1/2 from 1/4");
        clickOn("#bench-cross").clickOn("#page-how-it-sounds");
        clickOn("#heard-1").clickOn("#alone-0");
        Slider kick = lookup("#level-0").queryAs(Slider.class);
        interact(kick::requestFocus);
        push(KeyCode.LEFT).push(KeyCode.LEFT);
        assertThat(kick.getValue()).isLessThan(1).isGreaterThan(0.5);
        clickOn("#play");
        until(() -> shows("Playing through"));
        interact(() -> lookup("#volume").queryAs(Slider.class).setValue(0.1));
        clickOn("#play");
        clickOn("#page-layers").clickOn("#page-how-it-sounds");
        assertThat(lookup("#level-0").queryAs(Slider.class).getValue()).isLessThan(1);
    }

    @Test
    void barsAreHeardAgainAndAgain() throws Exception {
        lay("4/4, 3/4, 2/4", "kick every 1/4");
        clickOn("#bench-cross").clickOn("#page-how-it-sounds");
        retype("#loop", "2 to 3");
        clickOn("#play");
        until(() -> shows("Playing through") && shows("bars 2 to 3"));
        retype("#loop", "3 to 9");
        assertThat(lookup(".problem").queryAllAs(Label.class).stream()
                        .anyMatch(one -> one.isVisible() && one.getText().contains("from 1 to 3")))
                .isTrue();
        push(KeyCode.ESCAPE);
        retype("#loop", "all");
        until(() -> shows("Playing through") && !shows("bars 2 to 3"));
        // Shorter bars than the loop: it is let go, and nothing stops.
        retype("#loop", "3");
        lay("5/8", "kick every 1/8");
        until(() -> text("#loop").equals("all"));
        clickOn("#play");
    }

    @Test
    void whatWouldBePlayedIsWrittenAsAWavFile() throws Exception {
        lay("4/4", "kick every 1/4");
        Path file = home.resolve("lantern-call.wav");
        answers.save.add(file);
        chord(KeyCode.SHORTCUT, KeyCode.W);
        until(() -> Files.exists(file));
        // One bar at 96 is two and a half seconds, and two more ring.
        assertThat(AudioSystem.getAudioFileFormat(file.toFile()).getFrameLength())
                .isEqualTo(48_000 * 9 / 2);
        answers.save.add(home.resolve("nowhere").resolve("lantern-call.wav"));
        chord(KeyCode.SHORTCUT, KeyCode.W);
        until(() -> answers.told.stream().anyMatch(told -> told.contains("there is no folder")));
    }
}
