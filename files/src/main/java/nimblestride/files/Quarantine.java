package nimblestride.files;

import java.io.IOException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;

/** Moves a file that can't be used out of the way, so that it is neither used again nor written over. */
public final class Quarantine {
    private static final int MAX_KEPT = 1_000;

    private Quarantine() {}

    /**
     * Moves a file beside itself, under a name that was not there: {@code settings.json.unreadable-1}.
     *
     * @return its new place
     * @throws FileException if it can't be moved
     */
    public static Path move(Path file) {
        for (int number = 1; number <= MAX_KEPT; number++) {
            Path place = file.resolveSibling(file.getFileName() + ".unreadable-" + number);
            if (Files.exists(place, LinkOption.NOFOLLOW_LINKS)) {
                continue;
            }
            try {
                return Files.move(file, place);
            } catch (FileAlreadyExistsException e) {
                // Another program took the name just now.
            } catch (IOException e) {
                throw FileException.writing(file, e);
            }
        }
        throw new FileException(
                "there are already " + MAX_KEPT + " unreadable copies of " + file + "; delete some of them");
    }
}
