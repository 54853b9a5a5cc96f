package nimblestride.desktop.workspace.findings;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.input.MouseButton;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import nimblestride.core.insight.finding.Finding;

/** A sentence that wraps, whose bar numbers lead to their places. Like {@link WrappedText}, it is laid out once per width. */
final class LinkedText extends HeightForWidth {
    private final TextFlow flow = new TextFlow();
    /** Words and links in turn, beginning with words. */
    private final List<Text> parts = new ArrayList<>();

    private final Consumer<Finding.Place> goTo;
    private String text = "";
    private List<Finding.BarLink> links = List.of();

    LinkedText(String styleClass, Consumer<Finding.Place> goTo) {
        this.goTo = goTo;
        getStyleClass().add(styleClass);
        // Unmanaged, because otherwise every parent would be laid out again after the text is measured.
        flow.setManaged(false);
        getChildren().add(flow);
        show(List.of(""));
        parts.get(0).fontProperty().addListener(change -> requestLayout());
    }

    /** Shows a sentence; the labels of the links stand in it in order, near its end. */
    void setText(String newText, List<Finding.BarLink> newLinks) {
        if (newText.equals(text) && newLinks.equals(links)) {
            return;
        }
        text = newText;
        links = newLinks;
        show(split());
        requestLayout();
    }

    String getText() {
        return text;
    }

    /** Returns words and labels in turn; all of it as words where a label is missing. */
    private List<String> split() {
        List<String> split = new ArrayList<>();
        int from = Math.max(0, text.lastIndexOf(" bar"));
        int start = 0;
        for (Finding.BarLink link : links) {
            int at = text.indexOf(link.label(), from);
            if (at < 0) {
                return List.of(text);
            }
            split.add(text.substring(start, at));
            split.add(link.label());
            from = at + link.label().length();
            start = from;
        }
        split.add(text.substring(start));
        return split;
    }

    private void show(List<String> split) {
        for (int i = parts.size(); i < split.size(); i++) {
            parts.add(part(i));
        }
        for (int i = 0; i < split.size(); i++) {
            parts.get(i).setText(split.get(i));
        }
        if (flow.getChildren().size() != split.size()) {
            flow.getChildren().setAll(parts.subList(0, split.size()));
        }
    }

    private Text part(int index) {
        Text part = new Text();
        boolean isLink = index % 2 == 1;
        part.getStyleClass().add(isLink ? "bar-link" : "words");
        if (isLink) {
            part.setOnMouseClicked(event -> {
                if (event.getButton() == MouseButton.PRIMARY) {
                    goTo.accept(links.get(index / 2).place());
                    event.consume();
                }
            });
        }
        return part;
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
        return snapSizeY(flow.prefHeight(width));
    }

    @Override
    protected void layoutChildren() {
        flow.resizeRelocate(0, 0, getWidth(), getHeight());
    }
}
