package nimblestride.desktop.workspace.findings;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Control;

/**
 * Stacks nodes, each as high as it needs at the column's width; controls get no wider than they need. <p>The toolkit's
 * own column lays itself and its parents out again after any child moves ({@code Node.layoutY} in JavaFX 21), which
 * half a screen of findings does with each keystroke. This column's children report themselves when they need another
 * height.
 */
class FittedColumn extends HeightForWidth {
    private final double spacing;

    /** @param spacing between two nodes, in pixels */
    FittedColumn(double spacing) {
        this.spacing = spacing;
    }

    /** Shows other nodes. Keeps those at the top that were there before, because new ones are styled from scratch. */
    final void show(List<? extends Node> nodes) {
        List<Node> shown = getChildren();
        int same = 0;
        while (same < Math.min(shown.size(), nodes.size()) && shown.get(same) == nodes.get(same)) {
            same++;
        }
        if (same < Math.max(shown.size(), nodes.size())) {
            List<? extends Node> rest = nodes.subList(same, nodes.size());
            rest.forEach(node -> node.setManaged(false));
            shown.subList(same, shown.size()).clear();
            shown.addAll(rest);
            requestLayout();
        }
    }

    @Override
    final double heightAt(double width) {
        double across = width - snappedLeftInset() - snappedRightInset();
        double height = snappedTopInset() + snappedBottomInset();
        for (Node child : getChildren()) {
            height += child.prefHeight(across);
        }
        return height + spacing * Math.max(0, getChildren().size() - 1);
    }

    @Override
    protected void layoutChildren() {
        double across = getWidth() - snappedLeftInset() - snappedRightInset();
        double y = snappedTopInset();
        for (Node child : getChildren()) {
            double width = child instanceof Control ? Math.min(across, child.prefWidth(-1)) : across;
            double height = child.prefHeight(across);
            child.resizeRelocate(snappedLeftInset(), y, width, height);
            y += height + spacing;
        }
    }
}
