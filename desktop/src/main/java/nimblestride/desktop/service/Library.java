package nimblestride.desktop.service;

import java.util.List;
import java.util.UUID;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.store.book.ExerciseSummary;

/** Moves exercises between this window and the Book. Belongs to the interface thread. */
public interface Library {
    /** Opens an exercise of the Book; what was open is in the Book already. */
    void open(ExerciseSummary exercise);

    /** Opens an exercise of the Book; shows in the status bar when it is gone. */
    void open(UUID exercise);

    /** Opens an exercise that is not in the Book yet. It comes into the Book with the first edit. */
    void open(Exercise exercise);

    /**
     * Imports an exercise from a file: adds it to the Book together with the file, and opens it. Where the file was
     * imported before, asks which of both to keep. Without a Book it only opens it.
     *
     * @param fileName of the file it came from
     * @param original what the file holds, byte for byte
     */
    void add(Exercise exercise, String fileName, byte[] original);

    /** Adds an exercise to the Book, and opens it. */
    void addAndOpen(Exercise exercise);

    /** Adds exercises to the Book beside the open one: all of them, or none. */
    void add(List<Exercise> exercises);

    /** Removes an exercise from the Book; it waits under Recently removed. Where it is open, a new one opens. */
    void remove(ExerciseSummary exercise);

    /** Renames an exercise of the Book, open or not. */
    void rename(ExerciseSummary exercise, String name);

    /** Asks which backup to restore, and restores it. */
    void restoreBackup();

    /** Asks, then makes a new Book in place of one that can't be opened. */
    void startNewBook();
}
