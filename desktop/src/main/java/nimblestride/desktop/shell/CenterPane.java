package nimblestride.desktop.shell;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Region;

/** Holds the center of the window, which the help and the import cover for a while. */
final class CenterPane {
    private final BorderPane root;
    private final Node heading;
    private final Runnable focus;
    private Optional<Node> usual = Optional.empty();

    /**
     * @param heading of the open exercise, hidden while the center is covered
     * @param focus puts the focus into the exercise
     */
    CenterPane(BorderPane root, Node heading, Runnable focus) {
        this.root = root;
        this.heading = heading;
        this.focus = focus;
    }

    /** Covers the center with a pane, in place of the one that covers it now. */
    void show(Region pane) {
        pane.setMinWidth(PaneLayout.MIN_WIDTH);
        if (usual.isEmpty()) {
            usual = Optional.of(root.getCenter());
        }
        root.setCenter(pane);
        showHeading(false);
    }

    /** Shows the exercise again, if a pane covers it now. */
    void back(Node pane) {
        if (root.getCenter() == pane) {
            back();
        }
    }

    /** Shows the exercise again. */
    void back() {
        usual.ifPresent(document -> {
            root.setCenter(document);
            showHeading(true);
            // Otherwise the focus would go to the first field.
            focus.run();
        });
        usual = Optional.empty();
    }

    private void showHeading(boolean shown) {
        heading.setVisible(shown);
        heading.setManaged(shown);
    }
}
