package nimblestride.desktop.workspace.help;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import nimblestride.core.foundation.words.ProgramVersion;

/** Who made the program and what it ships with, and under which licenses. */
public final class About {
    private About() {}

    /** Returns the version, and the notice that comes with the program. */
    public static String text() {
        String notice = notice();
        // The notice begins with the name.
        return ProgramVersion.text() + notice.substring(notice.indexOf('\n'));
    }

    /** Returns the notice. */
    static String notice() {
        try (InputStream notice = About.class.getResourceAsStream("NOTICE")) {
            return new String(notice.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException("the notice of the program can't be read", e);
        }
    }
}
