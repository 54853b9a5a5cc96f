package nimblestride.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import nimblestride.core.counting.CountingSchool;
import nimblestride.core.sheet.Paper;
import nimblestride.core.sheet.Section;
import nimblestride.core.sheet.Sheet;
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
        Settings settings = new Settings(1000.5, 700, true, true, false, CountingSchool.GROUPS, sheet);
        settings.write(folder.resolve("settings.properties"));
        assertThat(Settings.read(folder.resolve("settings.properties"))).isEqualTo(settings);
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
