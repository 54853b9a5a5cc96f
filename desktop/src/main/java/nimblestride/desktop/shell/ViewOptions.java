package nimblestride.desktop.shell;

import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;

/** Holds how the window looks: what the View menu switches, the settings keep, and the panes follow. */
public final class ViewOptions {
    private final BooleanProperty bookShown = new SimpleBooleanProperty(true);
    private final BooleanProperty roomForWorkspace = new SimpleBooleanProperty();
    private final BooleanProperty darkMode = new SimpleBooleanProperty();
    private final BooleanProperty reducedMotion;

    /** @param reducedMotion of the Road, which hops along its strides where that is allowed */
    ViewOptions(BooleanProperty reducedMotion) {
        this.reducedMotion = reducedMotion;
    }

    /** Whether the Book is unfolded. */
    public BooleanProperty bookShownProperty() {
        return bookShown;
    }

    /** Whether the workspace has more room than the Road. */
    public BooleanProperty roomForWorkspaceProperty() {
        return roomForWorkspace;
    }

    /** Whether the window is a dim stage, and not chart paper. */
    public BooleanProperty darkModeProperty() {
        return darkMode;
    }

    /** Whether nothing hops. */
    public BooleanProperty reducedMotionProperty() {
        return reducedMotion;
    }
}
