package nimblestride.desktop.workspace.findings;

import javafx.geometry.VPos;
import javafx.scene.text.Text;

/**
 * Text that wraps. It is laid out once per width and text; a label would lay it out once to measure it and once more
 * to show it, and with each keystroke there is half a screen of it.
 */
final class WrappedText extends HeightForWidth {
    private final Text words = new Text();

    WrappedText(String styleClass) {
        getStyleClass().add(styleClass);
        words.getStyleClass().add("words");
        words.setTextOrigin(VPos.TOP);
        // Unmanaged, because otherwise every parent would be laid out again after the text is measured.
        words.setManaged(false);
        words.fontProperty().addListener(change -> requestLayout());
        getChildren().add(words);
    }

    void setText(String text) {
        if (!text.equals(getText())) {
            words.setText(text);
            requestLayout();
        }
    }

    String getText() {
        return words.getText();
    }

    /** Wraps at any width. */
    @Override
    protected double computeMinWidth(double height) {
        return 0;
    }

    /** Takes any width, because another preferred width would mean another layout. */
    @Override
    protected double computePrefWidth(double height) {
        return getWidth();
    }

    @Override
    double heightAt(double width) {
        words.setWrappingWidth(width);
        double height = snapSizeY(words.getLayoutBounds().getHeight());
        if (!isNeedsLayout()) {
            layoutChildren();
        }
        return height;
    }

    @Override
    protected void layoutChildren() {
        words.setWrappingWidth(getWidth());
    }
}
