package nimblestride.desktop.shell;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.Parent;

/** Lists the parts of the window in the order in which a key visits them. */
final class WindowParts {
    private final List<Part> parts;

    /**
     * A part of the window.
     *
     * @param all the whole part
     * @param first returns where the focus starts
     */
    record Part(Node all, Supplier<Node> first) {
        Part(Node all) {
            this(all, () -> all);
        }
    }

    /** @param parts in order; those outside a window are skipped */
    WindowParts(Part... parts) {
        this.parts = List.of(parts);
    }

    /** Moves the focus to the next part, or to the previous one. */
    void step(Node focused, int by) {
        List<Part> seen =
                parts.stream().filter(part -> part.all.getScene() != null).toList();
        int now = 0;
        while (now < seen.size() && !isWithin(focused, seen.get(now).all)) {
            now++;
        }
        int first = now == seen.size() ? (by > 0 ? -1 : 0) : now;
        for (int i = 1; i <= seen.size(); i++) {
            Part part = seen.get(Math.floorMod(first + i * by, seen.size()));
            Optional<Node> found =
                    Stream.concat(inside(part.first.get()), inside(part.all)).findFirst();
            if (found.isPresent()) {
                found.get().requestFocus();
                return;
            }
        }
    }

    static boolean isWithin(Node node, Node part) {
        for (Node around = node; around != null; around = around.getParent()) {
            if (around.equals(part)) {
                return true;
            }
        }
        return false;
    }

    /** Returns the controls of a part that can have the focus, in order. */
    static Stream<Node> inside(Node node) {
        if (!node.isVisible() || node.isDisabled()) {
            return Stream.empty();
        }
        Stream<Node> own = node.isFocusTraversable() ? Stream.of(node) : Stream.empty();
        return node instanceof Parent parent
                ? Stream.concat(own, parent.getChildrenUnmodifiable().stream().flatMap(WindowParts::inside))
                : own;
    }
}
