package nimblestride.desktop.workspace.sound;

import java.nio.file.Path;
import java.util.Optional;

/** What the bench asks of the user. */
public interface Asking {
    /** Which recording to take; empty for none after all. */
    Optional<Path> recording();

    /** Tells what has gone wrong. */
    void tell(String title, String text);
}
