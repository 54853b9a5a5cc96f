package nimblestride.desktop.service;

/** Goes to places in the window. */
public interface Navigation {
    /** Shows a workspace, at the page it showed last. */
    void open(WorkspaceId workspace);

    /** Shows a page of a workspace. */
    void open(PageId page);

    /** Unfolds the Book. */
    void showBook();
}
