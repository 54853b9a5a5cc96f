package nimblestride.desktop.shell;

import nimblestride.desktop.service.Navigation;
import nimblestride.desktop.service.PageId;
import nimblestride.desktop.service.WorkspaceId;

/** Goes to places in the window. */
record WindowNavigation(Workspaces workspaces, ViewOptions options) implements Navigation {
    @Override
    public void open(WorkspaceId workspace) {
        workspaces.open(workspace);
    }

    @Override
    public void open(PageId page) {
        workspaces.open(page);
    }

    @Override
    public void showBook() {
        options.bookShownProperty().set(true);
    }
}
