package nimblestride.desktop.workspace.importing;

import nimblestride.core.exercise.model.Exercise;

/**
 * A file that was imported before, and what became of it since.
 *
 * @param inBook the exercise it was imported as, as it stands now
 * @param arriving what the file holds
 */
public record RepeatedImport(String fileName, Exercise inBook, Exercise arriving) {
    /** What the user can do with it. */
    public interface Choice {
        void openTheOneInTheBook();

        void replace();

        void keepBoth();
    }
}
