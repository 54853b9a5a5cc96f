package nimblestride.desktop.shell;

import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;

/** Holds how the window looks: the View menu sets it, the settings save it, and the panes follow it. */
public final class ViewOptions {
    private final BooleanProperty bookShown = new SimpleBooleanProperty(true);
    private final BooleanProperty findingsShown = new SimpleBooleanProperty(true);
    private final BooleanProperty roomForWorkspace = new SimpleBooleanProperty();
    private final BooleanProperty darkMode = new SimpleBooleanProperty();
    private final BooleanProperty reducedMotion;

    /** @param reducedMotion whether a moving line replaces the Road's hopping marker */
    ViewOptions(BooleanProperty reducedMotion) {
        this.reducedMotion = reducedMotion;
    }

    /** Whether the Book is shown. */
    public BooleanProperty bookShownProperty() {
        return bookShown;
    }

    /** Whether the findings are shown. */
    public BooleanProperty findingsShownProperty() {
        return findingsShown;
    }

    /** Whether the workspace has more room than the Road. */
    public BooleanProperty roomForWorkspaceProperty() {
        return roomForWorkspace;
    }

    /** Whether the colors are dark. */
    public BooleanProperty darkModeProperty() {
        return darkMode;
    }

    /** Whether motion is reduced. */
    public BooleanProperty reducedMotionProperty() {
        return reducedMotion;
    }
}
