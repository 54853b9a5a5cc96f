package nimblestride.desktop.shell;

import java.util.ArrayList;
import java.util.List;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Scene;

/**
 * Moves the focus to the nearest control when the focused one goes away, such as a removed row or the page of a
 * workspace that closes. Otherwise it would go to the first field of the window, and the next letter would replace the
 * exercise's name.
 */
final class FocusFallback {
    private final Node first;
    private final Node otherwise;
    private List<Node> around = List.of();

    private FocusFallback(Node first, Node otherwise) {
        this.first = first;
        this.otherwise = otherwise;
    }

    /**
     * @param first the field to which the toolkit would move the focus
     * @param otherwise receives the focus when no control nearby can
     */
    static void keep(Scene scene, Node first, Node otherwise) {
        FocusFallback nearest = new FocusFallback(first, otherwise);
        scene.focusOwnerProperty().addListener((property, old, now) -> nearest.moved(old, now));
    }

    private void moved(Node old, Node now) {
        boolean taken = old != null && old.getScene() == null;
        if (taken && (now == null || now.equals(first))) {
            List<Node> left = around;
            // The toolkit is still moving the focus.
            Platform.runLater(() -> near(left).requestFocus());
        } else if (now != null) {
            around = ancestors(now);
        }
    }

    private static List<Node> ancestors(Node node) {
        List<Node> all = new ArrayList<>();
        for (Node parent = node.getParent(); parent != null; parent = parent.getParent()) {
            all.add(parent);
        }
        return all;
    }

    private Node near(List<Node> left) {
        return left.stream()
                .filter(node -> node.getScene() != null && !WindowParts.isWithin(first, node))
                .flatMap(WindowParts::inside)
                .findFirst()
                .orElse(otherwise);
    }
}
