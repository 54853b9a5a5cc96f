package nimblestride.desktop.workspace.findings;

import javafx.geometry.VPos;
import javafx.scene.text.Text;

/**
 * Words that go on below where there is too little room across. They are set once for each width and text: a label would set them
 * once to learn how high it is and once more to show them, and with each keystroke there is half a screen of them.
 */
final class WrappedText extends HeightForWidth {
    private final Text words = new Text();

    WrappedText(String styleClass) {
        getStyleClass().add(styleClass);
        words.getStyleClass().add("words");
        words.setTextOrigin(VPos.TOP);
        // Only this places them: otherwise everything around would be laid out once more after they were measured.
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

    /** However narrow it is, it goes on below. */
    @Override
    protected double computeMinWidth(double height) {
        return 0;
    }

    /** It takes what room there is, and is content with it: at any other width it would have to be set anew. */
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
