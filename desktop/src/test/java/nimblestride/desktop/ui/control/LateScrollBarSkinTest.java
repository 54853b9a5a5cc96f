package nimblestride.desktop.ui.control;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ScrollBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Region;
import nimblestride.desktop.OnStage;
import org.junit.jupiter.api.Test;

/** A pane of 200 by 100 with something tall in it, that later is wide as well. */
class LateScrollBarSkinTest extends OnStage {
    private final Region inside = new Region();
    private final ScrollPane pane = new ScrollPane(inside);

    @Override
    protected Parent content() {
        inside.setMinSize(100, 400);
        pane.setMinSize(200, 100);
        pane.setMaxSize(200, 100);
        return new BorderPane(pane);
    }

    private ScrollBar bar(Orientation orientation) {
        return pane.lookupAll(".scroll-bar").stream()
                .map(ScrollBar.class::cast)
                .filter(bar -> bar.getOrientation() == orientation)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aBarHasItsPartsFromWhenItIsSeen() {
        ScrollBar across = bar(Orientation.HORIZONTAL);
        assertThat(across.isVisible()).isFalse();
        assertThat(across.getChildrenUnmodifiable()).isEmpty();
        interact(() -> inside.setMinWidth(800));
        frames(2);
        assertThat(across.isVisible()).isTrue();
        Node thumb = across.lookup(".thumb");
        // A quarter of what is inside is in view, but for the breadth of the other bar.
        assertThat(thumb.getBoundsInParent().getWidth())
                .isCloseTo(across.getWidth() * pane.getViewportBounds().getWidth() / 800, within(1.0));
    }

    @Test
    void theThumbIsAsLongAsWhatIsSeenAndFollows() {
        ScrollBar down = bar(Orientation.VERTICAL);
        Node thumb = down.lookup(".thumb");
        assertThat(thumb.getBoundsInParent().getHeight())
                .isCloseTo(down.getHeight() * pane.getViewportBounds().getHeight() / 400, within(1.0));
        assertThat(thumb.getBoundsInParent().getMinY()).isZero();
        interact(() -> pane.setVvalue(1));
        frames(2);
        assertThat(thumb.getBoundsInParent().getMaxY()).isCloseTo(down.getHeight(), within(1.0));
    }
}
