package nimblestride.desktop.workspace.findings;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Control;

/**
 * Things one below the other, as high as they want to be at the width there is; controls are no wider than they want to be.
 *
 * <p>The toolkit's own column is laid out once more, with what it stands in, after anything in it has moved ({@code Node.layoutY} in
 * JavaFX 21), which half a screen of findings does with each keystroke. The children of this one are its own affair: where one of
 * them wants another height, it says so itself.
 */
class FittedColumn extends HeightForWidth {
    private final double spacing;

    /** @param spacing between two of them, in pixels */
    FittedColumn(double spacing) {
        this.spacing = spacing;
    }

    /** What was shown before from the top on stays as it is: what comes anew is styled from the beginning. */
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
