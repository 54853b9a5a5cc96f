package nimblestride.desktop.ui.control;

import javafx.scene.control.ScrollBar;
import javafx.scene.control.SkinBase;
import javafx.scene.control.skin.ScrollBarSkin;

/**
 * Gives a scroll bar its parts when it is first laid out in view. Each scroll pane and list has two bars, most of which are never
 * seen, and their parts were a fifth of all parts of a window. The style sheet names this class.
 */
public final class LateScrollBarSkin extends SkinBase<ScrollBar> {
    /** The toolkit's own skin, which can be asked to lay out. */
    private static final class Parts extends ScrollBarSkin {
        Parts(ScrollBar bar) {
            super(bar);
        }

        void layOut(double x, double y, double width, double height) {
            layoutChildren(x, y, width, height);
        }
    }

    /** @param bar has no parts until it is laid out in view */
    public LateScrollBarSkin(ScrollBar bar) {
        super(bar);
        registerChangeListener(bar.visibleProperty(), change -> bar.requestLayout());
    }

    @Override
    protected void layoutChildren(double x, double y, double width, double height) {
        ScrollBar bar = getSkinnable();
        if (bar.isVisible()) {
            Parts parts = new Parts(bar);
            bar.setSkin(parts);
            bar.applyCss();
            parts.layOut(x, y, width, height);
        }
    }
}
