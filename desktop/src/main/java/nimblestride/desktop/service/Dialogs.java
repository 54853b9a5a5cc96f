package nimblestride.desktop.service;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** What only the user can answer. */
public interface Dialogs {
    /** Whether to save what would otherwise be replaced. */
    enum Keep {
        SAVE,
        LET_GO,
        CANCEL
    }

    /** @param endings of the files that are meant, the usual one first */
    Optional<Path> fileToOpen(List<String> endings);

    /** @param suggested the name of the file, with its ending */
    default Optional<Path> fileToSave(String suggested) {
        return fileToSave(suggested, Optional.empty());
    }

    /**
     * @param suggested the name of the file, with its ending
     * @param folder to start in; empty for the usual one
     */
    Optional<Path> fileToSave(String suggested, Optional<Path> folder);

    Keep confirmSave(String exerciseName);

    void showError(String title, String text);

    /** Shows a text that may be long, to read and to copy. */
    void showText(String title, String text);

    /**
     * Whether something is to be done.
     *
     * @param yes what is said to have it done
     */
    boolean confirm(String title, String text, String yes);

    /** A line of text; empty where the user has none. */
    Optional<String> askLine(String title, String what, String first);

    /** One of several, by its number from 0; empty for none of them. */
    Optional<Integer> choose(String title, String what, List<String> from);
}
