package nimblestride.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Semaphore;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyCode;
import javax.sound.sampled.LineUnavailableException;
import nimblestride.core.exercise.model.PlayingStyle;
import nimblestride.desktop.playback.AudioDevices;
import nimblestride.sound.microphone.AudioInput;
import nimblestride.sound.play.SilentOutput;
import org.junit.jupiter.api.Test;

/** Kits of one's own, what the click and the band play, pads that learn, and a microphone that listens. */
class KitStoryTest extends WindowStory {
    private void open(String page) {
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT7);
        clickOn("#page-click");
        if (!page.equals("click")) {
            clickOn("#page-" + page);
        }
    }

    private ComboBox<?> box(String id) {
        return lookup(id).queryAs(ComboBox.class);
    }

    private Path kit() throws Exception {
        Path folder = Files.createDirectories(home.resolve("Barn"));
        try (InputStream tom = getClass().getResourceAsStream("/nimblestride/sound/recorded/floor-tom-3.flac")) {
            Files.copy(tom, folder.resolve("snare.flac"));
        }
        Files.writeString(folder.resolve("kick.wav"), "no sound");
        return folder;
    }

    /** A kit is added for the exercise, used in the whole Book, and is there the next time; what is wrong is said. */
    @Test
    void aKitIsAddedAndChosen() throws Exception {
        lay("4/4", "snare every 1/4");
        open("mix");
        assertThat(box("#kit").getValue()).isEqualTo("as the Book: recorded kit");
        answers.open.add(home);
        clickOn("#add-kit-folder");
        until(() -> answers.told.stream().anyMatch(told -> told.contains("has no sound that can be read")));
        answers.open.add(kit());
        clickOn("#add-kit-folder");
        until(() -> answers.told.stream()
                .anyMatch(told -> told.startsWith("The kit Barn is added, but not all of its files: ")
                        && told.contains("kick.wav is no recording this program can read")));
        assertThat(exercise().playingStyle().kit()).contains("Barn");
        assertThat(box("#kit").getValue()).isEqualTo("Barn");
        clickOn("#kit-for-the-book");
        until(() -> box("#kit").getValue().equals("as the Book: Barn"));
        assertThat(exercise().playingStyle()).isEqualTo(PlayingStyle.DEFAULT);
        closeWindow();
        openAgain();
        lay("4/4", "snare every 1/4");
        open("mix");
        until(() -> "as the Book: Barn".equals(box("#kit").getValue()));
        choose("#kit", 1);
        assertThat(exercise().playingStyle().kit()).contains(PlayingStyle.SHIPPED_KIT);
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        until(() -> "as the Book: Barn".equals(box("#kit").getValue()));
    }

    /** An exercise from somebody else names a kit that is not here: that is said, and the recorded kit plays. */
    @Test
    void aKitThatIsMissingIsSaid() throws Exception {
        lay("4/4", "snare every 1/4");
        interact(() -> window.document()
                .edit(now -> now.withPlayingStyle(now.playingStyle().on("Attic"))));
        until(() -> shows("The recorded kit plays instead: the kit Attic is not in"));
        open("mix");
        assertThat(box("#kit").getValue()).isEqualTo("Attic");
    }

    @Test
    void clickAndBandAreChosen() throws Exception {
        lay("7/8", "riff cell x.x. of 1/8");
        open("click");
        choose("#click-sound", 2);
        clickOn("#page-band");
        choose("#band-keeps", 1);
        until(() -> shows("the bass on each note of the riff"));
        lay("7/8", "snare every 1/8");
        until(() -> shows("No riff here yet"));
        closeWindow();
        openAgain();
        open("click");
        assertThat(box("#click-sound").getValue()).hasToString("COWBELL");
        clickOn("#page-band");
        assertThat(box("#band-keeps").getValue()).hasToString("RIFF");
    }

    @Test
    void padsAreSetAndRemembered() throws Exception {
        open("pads");
        choose("#learn-voice", 4);
        fire("#learn-pad");
        until(() -> shows("Choose a MIDI pad above, then hit the pad for the open hi-hat."));
        choose("#touch", 2);
        retypeFocused("#cross-talk", "25");
        closeWindow();
        openAgain();
        open("pads");
        assertThat(text("#cross-talk")).isEqualTo("25");
        assertThat(box("#touch").getValue()).hasToString("HEAVY");
        assertThat(lookup("#forget-pads").queryAs(Node.class).isDisabled()).isTrue();
    }

    /** A microphone that hears a click whenever the test lets it, and can be pulled out. */
    private static final class Simulated implements AudioInput {
        private final Semaphore clicks = new Semaphore(0);
        private volatile boolean pulled;
        private int quiet;

        @Override
        public String name() {
            return "built-in microphone";
        }

        @Override
        public int sampleRate() {
            return 48_000;
        }

        @Override
        public void read(float[] block) throws LineUnavailableException {
            if (quiet == 0) {
                clicks.acquireUninterruptibly();
                // Half a second of silence comes before the next one.
                quiet = 24_000 / block.length;
            }
            if (pulled) {
                throw new LineUnavailableException(name() + " was unplugged");
            }
            quiet--;
            Arrays.fill(block, quiet == 0 ? 0.5f : 0);
        }

        @Override
        public int waiting() {
            return 0;
        }

        @Override
        public void close() {
            clicks.release();
        }
    }

    @Test
    @OwnStart
    void aMicrophoneMeasuresTheLatency() throws Exception {
        Simulated microphone = new Simulated();
        inputs = () -> Optional.of(microphone);
        closeWindow();
        openAgain();
        open("audio");
        retype("#latency", "300");
        clickOn("#measure-by-listening");
        until(() -> shows("Listening through built-in microphone."));
        microphone.clicks.release();
        until(() -> shows("7 more"));
        microphone.pulled = true;
        microphone.clicks.release();
        until(() -> shows("built-in microphone was unplugged."));
        assertThat(text("#latency")).isEqualTo("300");
        microphone.pulled = false;
        clickOn("#measure-by-listening");
        again(
                microphone.clicks::release,
                () -> !lookup("#measure-by-listening").query().isDisabled());
        assertThat(Integer.parseInt(text("#latency"))).isBetween(0, 300);
        inputs = Optional::empty;
        closeWindow();
        openAgain();
        open("audio");
        clickOn("#measure-by-listening");
        until(() -> shows("No microphone can be opened now."));
        assertThat(new AudioDevices(SilentOutput::new, inputs).inputs().names()).isEqualTo(List.of());
    }
}
