package nimblestride.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import nimblestride.core.kit.band.BackingBand;
import nimblestride.core.kit.band.BandKey;
import nimblestride.core.kit.band.BandTime;
import nimblestride.core.kit.band.Mode;
import nimblestride.core.notation.page.PaperSize;
import nimblestride.core.notation.page.Sheet;
import nimblestride.core.notation.page.SheetItem;
import nimblestride.core.time.counting.CountWords;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.CountingSystem;
import nimblestride.core.time.counting.SixNotes;
import nimblestride.core.time.value.NoteValue;
import nimblestride.sound.kit.ClickSound;
import nimblestride.sound.midi.PadResponse;
import nimblestride.sound.render.ClickSettings;
import nimblestride.sound.render.Mix;
import nimblestride.sound.render.SilentBars;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Settings come back as they were written; whatever else is in their file, the program starts, and loses none of it. */
class SettingsTest {
    @TempDir
    private Path folder;

    private static Settings settings() {
        Sheet sheet = Sheet.DEFAULT
                .on(PaperSize.LETTER)
                .with(SheetItem.STICKING, true)
                .with(SheetItem.NOTES, false)
                .inStages(9, 45);
        SoundSettings sound = new SoundSettings(
                ClickSettings.NONE
                        .with(ClickSettings.Level.PULSE, true)
                        .with(ClickSettings.Level.PHRASE, true)
                        .pulsing(NoteValue.of(3, 16))
                        .silent(new SilentBars.Regular(3, 8))
                        .onceIn(2)
                        .on(ClickSound.COWBELL),
                4,
                Optional.of(new BackingBand(
                        BackingBand.Line.DRONE, new BandKey(3, Mode.DORIAN), new BandTime.Pulse(NoteValue.of(5, 16)))),
                Mix.EVEN.withClick(0.4).withBand(1.5).withRoom(0.3).voices(levels -> levels.with("log drum: low", 0.25)
                        .with("snare", 2)),
                120,
                Optional.of("card two"),
                PadResponse.DEFAULT
                        .learned(41, "floor tom")
                        .with(PadResponse.Touch.HEAVY)
                        .withCrossTalk(30));
        Counting counting =
                new Counting(CountingSystem.GROUPS, new CountWords(SixNotes.TRIP_LET, List.of("ap-ple", "ba-na-na")));
        return new Settings(1000.5, 700, true, true, 150, false, false, "/lessons", counting, sheet, 45, sound);
    }

    @Test
    void whatIsWrittenIsReadAgain() {
        settings().write(folder);
        assertThat(Settings.in(folder)).isEqualTo(new Settings.Found(settings(), ""));
        Settings.DEFAULT.write(folder);
        assertThat(Settings.in(folder)).isEqualTo(new Settings.Found(Settings.DEFAULT, ""));
    }

    @Test
    void theFirstStartHasTheDefaultsAndNothingToSay() {
        assertThat(Settings.in(folder)).isEqualTo(new Settings.Found(Settings.DEFAULT, ""));
    }

    /** The seed of a chance is no setting: the next time other bars are silent. */
    @Test
    void randomSilenceIsRemembered() {
        SoundSettings sound = SoundSettings.DEFAULT;
        SoundSettings random = new SoundSettings(
                sound.click().silent(new SilentBars.AtRandom(30, 5)),
                0,
                Optional.empty(),
                Mix.EVEN,
                0,
                Optional.empty(),
                PadResponse.DEFAULT);
        new Settings(
                        1280,
                        800,
                        false,
                        false,
                        100,
                        true,
                        true,
                        "",
                        Counting.of(CountingSystem.BEATS),
                        Sheet.DEFAULT,
                        45,
                        random)
                .write(folder);
        assertThat(Settings.in(folder).settings().sound().click().silence())
                .isInstanceOfSatisfying(SilentBars.AtRandom.class, silence -> assertThat(silence.percent())
                        .isEqualTo(30));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "{",
                "[]",
                "{\"format\": \"nimble-stride-exercise\"}",
                "{\"format\": \"nimble-stride-settings\"}",
                "click.silence=3"
            })
    void settingsThatMakeNoSenseAreMovedAsideAndTheDefaultsUsed(String text) throws IOException {
        Files.writeString(folder.resolve("settings.json"), text);
        Settings.Found found = Settings.in(folder);
        assertThat(found.settings()).isEqualTo(Settings.DEFAULT);
        assertThat(found.problem())
                .startsWith("I can't read the settings, so the defaults apply.")
                .doesNotContain("\n")
                .contains("settings.json.unreadable-1");
        assertThat(folder.resolve("settings.json.unreadable-1")).hasContent(text);
        assertThat(Settings.in(folder).problem()).isEmpty();
    }

    /** One byte changed, or the file cut anywhere: either it still makes sense, or it is moved aside. */
    @Test
    void whicheverByteHasChangedTheProgramStarts() throws IOException {
        settings().write(folder);
        Path file = folder.resolve("settings.json");
        byte[] good = Files.readAllBytes(file);
        Random random = new Random(11);
        int aside = 0;
        for (int round = 0; round < 600; round++) {
            byte[] bad = good.clone();
            bad[random.nextInt(bad.length)] = (byte) random.nextInt(256);
            Files.write(file, round % 10 == 0 ? Arrays.copyOf(bad, random.nextInt(bad.length)) : bad);
            Settings.Found found = Settings.in(folder);
            assertThat(found.problem().isEmpty()).isEqualTo(Files.exists(file));
            aside += Files.exists(file) ? 0 : 1;
        }
        assertThat(aside).isBetween(300, 599);
        try (Stream<Path> files = Files.list(folder)) {
            assertThat(files.filter(one -> one.toString().contains("unreadable")))
                    .hasSize(aside);
        }
    }

    /** The defect: a start ended with an ArrayIndexOutOfBoundsException. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "width=wide",
                "width=-3\nheight=1e9",
                "counting=BACKWARDS",
                "night=maybe",
                "sheet.paper=PAPYRUS\nsheet.sections=POEM\nsheet.stages=0\nsheet.firstPercent=x",
                "click.levels=LOUD\nclick.silence=never\nclick.every=0",
                "click.silence=3",
                "band.line=CHOIR",
                "level.click=3",
                "level.band=NaN",
                "level.voice.snare=loud",
                "click.pulse=1/99999\nsound.latency=x",
                "width=NaN"
            })
    void oldSettingsThatMakeNoSenseAreTheDefaults(String text) throws IOException {
        Files.writeString(folder.resolve("settings.properties"), text);
        assertThat(Settings.in(folder)).isEqualTo(new Settings.Found(Settings.DEFAULT, ""));
    }

    @Test
    void oldSettingsThatCannotBeReadAreMovedAside() throws IOException {
        Files.write(folder.resolve("settings.properties"), "night=\\u12".getBytes(StandardCharsets.US_ASCII));
        assertThat(Settings.in(folder).problem()).contains("settings.properties.unreadable-1");
        Files.write(folder.resolve("settings.properties"), new byte[] {'n', '=', (byte) 0xC0});
        assertThat(Settings.in(folder).problem()).contains("settings.properties.unreadable-2");
    }
}
