package nimblestride.desktop.workspace.practice;

/** The log as a file. */
public interface LogFiles {
    /** As a file that a teacher can merge. */
    void handOut();

    /** As a table for a spreadsheet. */
    void table();
}
