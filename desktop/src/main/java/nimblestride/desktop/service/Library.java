package nimblestride.desktop.service;

import java.util.List;
import java.util.UUID;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.store.book.ExerciseSummary;

/** Moves exercises between this window and the Book. Belongs to the interface thread. */
public interface Library {
    /** Opens an exercise of the Book, unless the user keeps what is open. */
    void open(ExerciseSummary exercise);

    /** Opens an exercise of the Book, unless the user keeps what is open; shows in the status bar when it is gone. */
    void open(UUID exercise);

    /** Opens an exercise that is not in the Book yet. Returns whether it did: the user may keep what is open. */
    boolean open(Exercise exercise);

    /**
     * Adds an exercise to the Book together with the file it came from, and opens it. Without a Book it only opens it.
     *
     * @param fileName of the file it came from
     * @param original what the file holds, byte for byte
     * @return whether it did: the user may keep what is open
     */
    boolean add(Exercise exercise, String fileName, byte[] original);

    /** Adds exercises to the Book beside the open one: all of them, or none. */
    void add(List<Exercise> exercises);

    /** Saves the open exercise in the Book. Returns whether it did; if not, it has shown why. */
    boolean save();

    /** Receives the news that an exercise has been removed from the Book; it may still be open here. */
    void removed(UUID exercise);

    /** Asks which backup to restore, and restores it. */
    void restoreBackup();

    /** Asks, then makes a new Book in place of one that can't be opened. */
    void startNewBook();
}
