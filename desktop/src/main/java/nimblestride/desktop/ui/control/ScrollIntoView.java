package nimblestride.desktop.ui.control;

import java.util.Optional;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.control.ScrollBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Region;

/**
 * Scrolls its content where there is too little room. It takes no focus of its own. The content is drawn straight to
 * the window: the picture the toolkit otherwise keeps of it only helps for what never changes.
 */
public class ScrollIntoView extends ScrollPane {
    private boolean steady;
    private Optional<ScrollBar> upright = Optional.empty();

    public ScrollIntoView(Node content) {
        super(content);
        setFitToWidth(true);
        setFocusTraversable(false);
        skinProperty().addListener(change -> {
            Node seen = lookup(".viewport");
            if (seen != null) {
                seen.setCache(false);
            }
            upright = getChildrenUnmodifiable().stream()
                    .filter(child -> child instanceof ScrollBar bar && bar.getOrientation() == Orientation.VERTICAL)
                    .map(ScrollBar.class::cast)
                    .findFirst();
        });
    }

    /** A click on the content would give it the focus. */
    @Override
    public void requestFocus() {
        // It takes none.
    }

    /**
     * Makes the content as wide without a scroll bar as beside one: nothing in it moves when the bar comes, and it
     * need not be measured at both widths.
     */
    public final ScrollIntoView steady() {
        steady = true;
        return this;
    }

    @Override
    protected void layoutChildren() {
        if (steady && getContent() instanceof Region shown) {
            upright.ifPresent(bar -> keepRoom(shown, snapSizeX(bar.prefWidth(-1))));
        }
        super.layoutChildren();
    }

    private void keepRoom(Region shown, double bar) {
        double beside = getWidth() - snappedLeftInset() - snappedRightInset() - bar;
        // Said once more, it would be laid out once more.
        if (shown.getMaxWidth() != beside) {
            shown.setMaxWidth(beside);
        }
    }

    /** Makes content that has room as high as the room. */
    public final ScrollIntoView filled() {
        setFitToHeight(true);
        return this;
    }
}
