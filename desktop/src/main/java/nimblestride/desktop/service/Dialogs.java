package nimblestride.desktop.service;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;

/** Asks the user. */
public interface Dialogs {
    /** Returns the folder in which file dialogs start: that of the last file chosen. */
    ObjectProperty<Path> folderProperty();

    /**
     * Asks for a file to open.
     *
     * @param endings of the files to show, the usual one first
     */
    Optional<Path> fileToOpen(List<String> endings);

    /** Asks for a folder. */
    Optional<Path> folderToOpen();

    /**
     * Asks where to save a file, from the usual folder on.
     *
     * @param suggested name of the file, with its ending
     */
    Optional<Path> fileToSave(String suggested);

    /**
     * Asks where to save a file.
     *
     * @param suggested name of the file, with its ending
     * @param folder to start in, if it exists
     */
    Optional<Path> fileToSave(String suggested, Path folder);

    void showError(String title, String text);

    /** Shows a text, of any length, to read and to copy. */
    void showText(String title, String text);

    /**
     * Asks whether to do something.
     *
     * @param yes label of the button that does it
     */
    boolean confirm(String title, String text, String yes);

    /** Asks for a line of text; empty if the user cancels. */
    Optional<String> askLine(String title, String what, String first);

    /** Asks for one of several; returns its number from 0, or empty if the user cancels. */
    Optional<Integer> choose(String title, String what, List<String> from);
}
