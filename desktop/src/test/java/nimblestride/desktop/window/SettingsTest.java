package nimblestride.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import nimblestride.core.band.Band;
import nimblestride.core.band.Key;
import nimblestride.core.band.Mode;
import nimblestride.core.counting.CountingSchool;
import nimblestride.core.sheet.Paper;
import nimblestride.core.sheet.Section;
import nimblestride.core.sheet.Sheet;
import nimblestride.core.value.NoteValue;
import nimblestride.sound.render.Click;
import nimblestride.sound.render.Mix;
import nimblestride.sound.render.Silence;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SettingsTest {
    @TempDir
    private Path folder;

    @Test
    void whatIsWrittenIsReadAgain() throws IOException {
        Sheet sheet = Sheet.USUAL
                .on(Paper.LETTER)
                .with(Section.STICKING, true)
                .with(Section.NOTES, false)
                .inStages(9, 45);
        RememberedSound sound = new RememberedSound(
                Click.NONE
                        .with(Click.Level.PULSE, true)
                        .with(Click.Level.PHRASE, true)
                        .pulsing(NoteValue.of(3, 16))
                        .silent(new Silence.Regular(3, 8))
                        .onceIn(2),
                4,
                Optional.of(new Band(Band.Line.DRONE, new Key(3, Mode.DORIAN), Optional.of(NoteValue.of(5, 16)))),
                Mix.EVEN.withClick(0.4).withBand(1.5).voices(levels -> levels.with("log drum: low", 0.25)
                        .with("snare", 2)),
                120,
                Optional.of("card two"));
        Settings settings = new Settings(1000.5, 700, true, true, 150, false, CountingSchool.GROUPS, sheet, 45, sound);
        settings.write(folder.resolve("settings.properties"));
        assertThat(Settings.read(folder.resolve("settings.properties"))).isEqualTo(settings);
    }

    /** The seed of a chance is no setting: the next time other bars are silent. */
    @Test
    void silenceByChanceIsRemembered() throws IOException {
        Path file = folder.resolve("settings.properties");
        Files.writeString(file, "click.silence=30%\nclick.levels=");
        Click click = Settings.read(file).sound().click();
        assertThat(click.silence())
                .isInstanceOfSatisfying(Silence.AtRandom.class, silence -> assertThat(silence.percent())
                        .isEqualTo(30));
        assertThat(click.levels()).isEmpty();
    }

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
                "band.line=CHOIR",
                "level.click=3",
                "level.band=NaN",
                "level.voice.snare=loud",
                "click.pulse=1/99999\nsound.latency=x",
                "\\u12",
                "width=NaN"
            })
    void whatMakesNoSenseIsTheUsual(String text) throws IOException {
        Path file = folder.resolve("settings.properties");
        Files.writeString(file, text);
        assertThat(Settings.read(file)).isEqualTo(Settings.USUAL);
        assertThat(Settings.read(folder.resolve("nothing"))).isEqualTo(Settings.USUAL);
    }
}
