package nimblestride.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Slider;
import javafx.scene.input.KeyCode;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import nimblestride.core.kit.band.BackingBand;
import nimblestride.core.language.text.Examples;
import nimblestride.core.language.text.TempoText;
import nimblestride.desktop.view.road.RoadView;
import nimblestride.formats.json.ExerciseJson;
import org.junit.jupiter.api.Test;

/** How it is played, as a drummer sets it: the Play menu, the balance, and a WAV file of it. */
class SoundStoryTest extends WindowStory {
    @Test
    void speedCountInAndClickAreSetAndTold() throws Exception {
        lay("4/4", "kick every 1/4");
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT7);
        clickOn("#page-click");
        retype("#percent", "50");
        retype("#count-in", "1");
        clickOn("#click-unit").clickOn("#click-pulse");
        retype("#click-pulse", "3/16");
        choose("#silence", 1);
        retype("#silent-bars", "2");
        retype("#silent-of", "6");
        clickOn("#play");
        until(() -> shows("Counting in: 2"));
        until(() -> shows("Playing at 50 % through the silent clock"));
        clickOn("#page-click");
        push(KeyCode.F9);
        until(() -> shows("Playing through the silent clock"));
        push(KeyCode.F8);
        until(() -> shows("Playing at 105 %"));
        clickOn("#play");
        until(() -> !shows("Playing"));
        // A number that can't be played gets an error at the field, and the last good one stays.
        retype("#percent", "7");
        assertThat(problems()).anyMatch(problem -> problem.contains("I can't read \"7\". Type percent from 10 to 400"));
        push(KeyCode.ESCAPE);
        assertThat(text("#percent")).isEqualTo("105");
    }

    /** By one of whatever is counted, as far as there are tempos. */
    @Test
    void theTempoIsSteppedWithTheArrows() throws Exception {
        retype("#tempo", "1/8=210");
        push(KeyCode.UP).push(KeyCode.UP).push(KeyCode.UP).push(KeyCode.DOWN);
        assertThat(text("#tempo")).isEqualTo("1/8=212");
        assertThat(exercise().tempo()).isEqualTo(TempoText.read("1/8=212"));
        retype("#tempo", "998.5");
        push(KeyCode.UP);
        assertThat(text("#tempo")).isEqualTo("998.5");
        retype("#tempo", "2");
        push(KeyCode.DOWN).push(KeyCode.DOWN);
        assertThat(text("#tempo")).isEqualTo("1");
    }

    /** What was set is there again the next time, but for how loud it was. */
    @Test
    void howItSoundsIsRemembered() throws Exception {
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT7);
        clickOn("#page-click");
        retype("#count-in", "2");
        choose("#silence", 2);
        retype("#silent-percent", "40");
        clickOn("#page-band");
        choose("#band-line", 2);
        assertThat(lookup("#band").queryAs(CheckBox.class).isSelected()).isTrue();
        clickOn("#page-audio");
        retype("#latency", "85");
        closeWindow();
        openAgain();
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT7);
        clickOn("#page-click");
        assertThat(text("#count-in")).isEqualTo("2");
        assertThat(text("#silent-percent")).isEqualTo("40");
        clickOn("#page-band");
        assertThat(lookup("#band").queryAs(CheckBox.class).isSelected()).isTrue();
        assertThat(lookup("#band-line").queryAs(ComboBox.class).getValue()).isEqualTo(BackingBand.Line.DRONE);
        clickOn("#page-audio");
        assertThat(text("#latency")).isEqualTo("85");
    }

    /** Shows strokes on the computer's keys, keeps them out of text, and ends when the keys are pads no longer. */
    @Test
    void theComputersKeysArePads() throws Exception {
        lay("4/4", "snare every 1/4");
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT7);
        clickOn("#page-click");
        clickOn("#page-pads").clickOn("#keys");
        push(KeyCode.F);
        until(() -> shows("Last hit: snare, normal."));
        press(KeyCode.SHIFT).push(KeyCode.B).release(KeyCode.SHIFT);
        until(() -> shows("Last hit: kick, accent."));
        retype("#stand-in-spread", "15");
        assertThat(text("#stand-in-spread")).isEqualTo("15");
        clickOn("#keys");
        push(KeyCode.J);
        assertThat(shows("Last hit: kick, accent.")).isTrue();
    }

    @Test
    void aStandInPlaysALayer() throws Exception {
        lay("4/4", "kick every 1/4", "cowbell every 1/8");
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT7);
        clickOn("#page-click");
        clickOn("#page-pads");
        choose("#stand-in", 2);
        retype("#stand-in-rush", "30");
        clickOn("#play");
        until(() -> shows("Last hit: cowbell, normal."));
        clickOn("#play");
    }

    /** Eight taps on a key with the click that is played: the middle one is the latency. */
    @Test
    void theLatencyIsMeasuredByTapping() throws Exception {
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT7);
        clickOn("#page-click");
        clickOn("#page-audio");
        retype("#latency", "300");
        clickOn("#measure-latency");
        until(() -> shows("8 more"));
        clickOn("#measure-latency");
        until(() -> !shows("8 more"));
        assertThat(text("#latency")).isEqualTo("300");
        clickOn("#measure-latency");
        // Those that come before the first click is heard do not count.
        again(
                () -> push(KeyCode.F),
                () -> lookup("#measure-latency").queryButton().getText().startsWith("Measure"));
        assertThat(Integer.parseInt(text("#latency"))).isBetween(0, 300);
        until(() -> shows("Nothing is playing."));
    }

    /** A voice gets a recording, keeps it until it is taken back, and refuses what is none. */
    @Test
    void aVoiceIsGivenARecordingOfOnesOwn() throws Exception {
        lay("4/4", "snare every 1/4");
        Path noise = home.resolve("noise.wav");
        Files.writeString(noise, "no sound at all");
        Path wav = home.resolve("river.wav");
        try (AudioInputStream sound = new AudioInputStream(
                new ByteArrayInputStream(new byte[9_600]), new AudioFormat(48_000, 16, 1, true, false), 4_800)) {
            AudioSystem.write(sound, AudioFileFormat.Type.WAVE, wav.toFile());
        }
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT7);
        clickOn("#page-click");
        clickOn("#page-mix");
        answers.open.add(noise);
        clickOn("#recording-snare");
        assertThat(answers.told).anyMatch(told -> told.contains("noise.wav is no recording this program can read"));
        assertThat(lookup("#usual-snare").tryQuery()).isEmpty();
        answers.open.add(wav);
        clickOn("#recording-snare");
        Files.delete(wav);
        closeWindow();
        openAgain();
        lay("4/4", "snare every 1/4");
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT7);
        clickOn("#page-click");
        again(
                () -> clickOn("#page-click").clickOn("#page-mix"),
                () -> lookup("#usual-snare").tryQuery().isPresent());
        clickOn("#usual-snare");
        assertThat(lookup("#usual-snare").tryQuery()).isEmpty();
        assertThat(home.resolve("voices")).isEmptyDirectory();
    }

    /** Shift+Space plays from what is in view; the first bar can be typed. */
    @Test
    void playingBeginsWhereItIsWanted() throws Exception {
        lay("4/4 x16", "kick every 1/4");
        interact(() -> window.stage().getScene().lookup(".road").requestFocus());
        push(KeyCode.END);
        press(KeyCode.SHIFT).push(KeyCode.SPACE).release(KeyCode.SHIFT);
        until(() -> moment() > 5);
        push(KeyCode.SPACE);
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT7);
        clickOn("#page-click");
        clickOn("#page-mix");
        retype("#first-bar", "3");
        clickOn("#play");
        until(() -> moment() >= 2);
        assertThat(moment()).isLessThan(4);
        clickOn("#play");
    }

    private double moment() {
        return ((RoadView) window.stage().getScene().lookup(".road")).heard().orElse(-1);
    }

    /** Chooses from a list as the arrow keys would. */
    @Test
    void theBalanceIsSetByMouseAndKeysAndKeptWhileLayersStay() throws Exception {
        lay("4/4", "kick every 1/4", "snare every 1/2 from 1/4");
        clickOn("#bench-sound").clickOn("#page-mix");
        clickOn("#heard-1").clickOn("#alone-0");
        Slider kick = lookup("#level-0").queryAs(Slider.class);
        interact(kick::requestFocus);
        push(KeyCode.LEFT).push(KeyCode.LEFT);
        assertThat(kick.getValue()).isLessThan(1).isGreaterThan(0.5);
        clickOn("#play");
        until(() -> shows("Playing"));
        interact(() -> lookup("#volume").queryAs(Slider.class).setValue(0.1));
        clickOn("#play");
        clickOn("#page-click").clickOn("#page-mix");
        assertThat(lookup("#level-0").queryAs(Slider.class).getValue()).isLessThan(1);
    }

    /** How loud a voice is lasts; what is muted, heard alone and looped is a matter of the exercise that is practised. */
    @Test
    void anotherExerciseIsHeardWhole() throws Exception {
        lay("4/4 x4", "kick every 1/4", "snare every 1/2 from 1/4");
        clickOn("#bench-sound").clickOn("#page-mix");
        clickOn("#heard-1").clickOn("#alone-0");
        retype("#loop", "2 to 3");
        retype("#first-bar", "2");
        interact(() -> lookup("#level-0").queryAs(Slider.class).setValue(0.5));
        Path other = other("4/4 x4", "kick every 1/4", "snare every 1/8");
        interact(() -> window.open(other));
        until(() -> lookup("#heard-1").queryAs(CheckBox.class).isSelected());
        assertThat(lookup("#alone-0").queryAs(CheckBox.class).isSelected()).isFalse();
        assertThat(text("#loop")).isEqualTo("all");
        assertThat(text("#first-bar")).isEqualTo("1");
        assertThat(lookup("#level-0").queryAs(Slider.class).getValue()).isEqualTo(0.5);
        closeWindow();
        openAgain();
        lay("4/4", "snare every 1/4", "kick every 1/4");
        clickOn("#bench-sound").clickOn("#page-mix");
        assertThat(lookup("#level-0").queryAs(Slider.class).getValue()).isEqualTo(1);
        assertThat(lookup("#level-1").queryAs(Slider.class).getValue()).isEqualTo(0.5);
    }

    private Path other(String bars, String... layers) throws Exception {
        Path file = home.resolve("other.json");
        ExerciseJson.write(Examples.exercise(bars, layers), file);
        return file;
    }

    @Test
    void barsAreHeardAgainAndAgain() throws Exception {
        lay("4/4, 3/4, 2/4", "kick every 1/4");
        clickOn("#bench-sound").clickOn("#page-mix");
        retype("#loop", "2 to 3");
        clickOn("#play");
        until(() -> shows("Playing") && shows("bars 2 to 3"));
        retype("#loop", "3 to 9");
        assertThat(problems()).anyMatch(problem -> problem.contains("from 1 to 3"));
        push(KeyCode.ESCAPE);
        retype("#loop", "all");
        until(() -> shows("Playing") && !shows("bars 2 to 3"));
        // Shorter bars than the loop: it is let go, and nothing stops.
        retype("#loop", "3");
        lay("5/8", "kick every 1/8");
        until(() -> text("#loop").equals("all"));
        clickOn("#play");
    }

    @Test
    @OwnStart
    void whatWouldBePlayedIsWrittenAsAWavFile() throws Exception {
        lay("4/4", "kick every 1/4");
        Path file = home.resolve("lantern-call.wav");
        answers.save.add(file);
        chord(KeyCode.SHORTCUT, KeyCode.W);
        until(() -> Files.exists(file));
        // One bar at 96 is two and a half seconds, and two more ring.
        assertThat(AudioSystem.getAudioFileFormat(file.toFile()).getFrameLength())
                .isEqualTo(48_000 * 9 / 2);
        until(() -> shows("Exported"));
        answers.save.add(home.resolve("nowhere").resolve("lantern-call.wav"));
        chord(KeyCode.SHORTCUT, KeyCode.W);
        until(() -> answers.told.stream().anyMatch(told -> told.matches("(?s).*[Nn]o folder.*")));
        // 24 bits, the click apart, twice round; the page says beforehand how long it will be.
        interact(() ->
                lookup("#wav-bits").queryAs(ComboBox.class).getSelectionModel().select(1));
        clickOn("#wav-apart");
        retype("#wav-rounds", "2");
        until(() -> shows("Length 7.0 s, size 2,016 kB."));
        Path apart = home.resolve("apart.wav");
        answers.save.add(apart);
        clickOn("#wav-write");
        until(() -> Files.exists(apart));
        AudioFormat format = AudioSystem.getAudioFileFormat(apart.toFile()).getFormat();
        assertThat(format.getSampleSizeInBits()).isEqualTo(24);
        assertThat(format.getChannels()).isEqualTo(2);
    }

    /** Hours of sound are canceled on the way, and nothing is left of them. */
    @Test
    @OwnStart
    void writingIsCanceled() throws Exception {
        lay("4/4 x8", "kick every 1/4", "ride every 1/16");
        handOutSound();
        retype("#wav-rounds", "1000");
        Path file = home.resolve("long.wav");
        answers.save.add(file);
        clickOn("#wav-write");
        until(() -> lookup("#command-cancel").query().isVisible());
        clickOn("#command-cancel");
        until(() -> shows("Canceled: Exporting long.wav. Nothing was changed."));
        try (Stream<Path> files = Files.list(home)) {
            assertThat(files.map(Path::toString)).noneMatch(name -> name.contains("long.wav"));
        }
        lay("4/4 x90000", "kick every 1/1");
        until(() -> shows("I can't export this: a WAV file holds up to"));
    }

    /** The defect: of three writings asked for in a row, one went missing. */
    @Test
    void everyWritingThatIsAskedForIsDone() throws Exception {
        lay("4/4", "kick every 1/4");
        handOutSound();
        List<Path> files = IntStream.range(0, 5)
                .mapToObj(i -> home.resolve("take-" + i + ".wav"))
                .toList();
        answers.save.addAll(files);
        interact(() -> files.forEach(
                file -> lookup("#wav-write").queryAs(ButtonBase.class).fire()));
        untilDone();
        assertThat(files).allSatisfy(file -> assertThat(file).isNotEmptyFile());
    }

    private void handOutSound() {
        clickOn("#bench-share").clickOn("#page-sound-file");
    }
}
