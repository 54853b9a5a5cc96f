package nimblestride.desktop.shell;

import nimblestride.desktop.service.Navigation;
import nimblestride.desktop.service.PageId;
import nimblestride.desktop.service.WorkspaceId;

/**
 * Goes to places in the window.
 *
 * @param uncover closes a page that covers them and needs no answer
 */
record WindowNavigation(Workspaces workspaces, ViewOptions options, Runnable uncover) implements Navigation {
    @Override
    public void open(WorkspaceId workspace) {
        uncover.run();
        workspaces.open(workspace);
    }

    @Override
    public void open(PageId page) {
        uncover.run();
        workspaces.open(page);
    }

    @Override
    public void showBook() {
        options.bookShownProperty().set(true);
    }
}
