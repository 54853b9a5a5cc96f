package nimblestride.desktop.workspace.help;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** What ships is named, with its license. */
class AboutTest {
    /** The build makes the notice from what ships. Where it is another than NOTICE, copy it there, and say so in CHANGELOG. */
    @Test
    void theNoticeNamesWhatShips() throws Exception {
        assertThat(About.text()).startsWith("Nimble Stride");
        assertThat(About.notice())
                .isEqualTo(Files.readString(Path.of("../NOTICE")))
                .contains("Lato", "Bravura", "Recordings of a drum kit", "org.openjfx:javafx-controls");
    }
}
