package nimblestride.desktop.window;

import java.nio.file.Path;
import java.util.Optional;

/** What only the user can answer. */
public interface Questions {
    /** Whether to save what would otherwise be replaced. */
    enum Keep {
        SAVE,
        LET_GO,
        CANCEL
    }

    Optional<Path> fileToOpen();

    /** @param suggested the name of the file, with its ending */
    Optional<Path> fileToSave(String suggested);

    Keep keepChanges(String exerciseName);

    void tell(String title, String text);
}
