package nimblestride.desktop.shell;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Region;

/** The center of the window, and what takes its place for a while. */
final class CenterPane {
    private final BorderPane root;
    private final Node heading;
    private Optional<Node> usual = Optional.empty();

    /** @param heading of what lies on the desk, which is not seen meanwhile */
    CenterPane(BorderPane root, Node heading) {
        this.root = root;
        this.heading = heading;
    }

    /** Shows something in place of the desk, or of what is there in its place. */
    void show(Region pane) {
        pane.setMinWidth(PaneLayout.MIN_WIDTH);
        if (usual.isEmpty()) {
            usual = Optional.of(root.getCenter());
        }
        root.setCenter(pane);
        showHeading(false);
    }

    /** Shows the desk again. */
    void back() {
        usual.ifPresent(document -> {
            root.setCenter(document);
            showHeading(true);
            // Otherwise the focus would fall on the first field there is.
            Optional.ofNullable(document.lookup(".road")).ifPresent(Node::requestFocus);
        });
        usual = Optional.empty();
    }

    private void showHeading(boolean shown) {
        heading.setVisible(shown);
        heading.setManaged(shown);
    }
}
