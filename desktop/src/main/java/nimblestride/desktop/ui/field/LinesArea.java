package nimblestride.desktop.ui.field;

import java.util.List;
import javafx.scene.AccessibleAttribute;
import javafx.scene.AccessibleRole;
import javafx.scene.layout.Region;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import org.fxmisc.flowless.VirtualizedScrollPane;
import org.fxmisc.richtext.StyleClassedTextArea;
import org.fxmisc.richtext.util.UndoUtils;

/**
 * A text area in a typewriter face that lays out only the lines in view, so that typing stays fast in thousands of lines.
 * It leaves undo to the window, and tells a screen reader what it holds.
 */
public final class LinesArea extends StyleClassedTextArea {
    private static final Font FACE = Font.font("monospace", 14);
    private static final double PADDING = 12;

    private final VirtualizedScrollPane<LinesArea> scroll = new VirtualizedScrollPane<>(this);

    /** @param rows how many lines are in view */
    public LinesArea(int rows) {
        getStyleClass().add("lines");
        scroll.getStyleClass().add("lines-pane");
        double height = rows * character().getLayoutBounds().getHeight() + PADDING;
        scroll.setMinHeight(height);
        scroll.setPrefHeight(height);
        setWrapText(true);
        setUseInitialStyleForInsertion(true);
        setUndoManager(UndoUtils.noOpUndoManager());
        setAccessibleRole(AccessibleRole.TEXT_AREA);
        textProperty().addListener(change -> notifyAccessibleAttributeChanged(AccessibleAttribute.TEXT));
        selectionProperty().addListener(change -> {
            notifyAccessibleAttributeChanged(AccessibleAttribute.SELECTION_START);
            notifyAccessibleAttributeChanged(AccessibleAttribute.SELECTION_END);
        });
    }

    private static Text character() {
        Text character = new Text("0");
        character.setFont(FACE);
        return character;
    }

    /** Returns the area with its scroll bars, to be placed on a page. */
    Region withScrollBars() {
        return scroll;
    }

    /** Shows a text while nothing is typed. */
    public void setPrompt(String prompt) {
        Text shown = new Text(prompt);
        shown.setFont(FACE);
        shown.getStyleClass().add("lines-prompt");
        setPlaceholder(shown);
    }

    /** Returns how many characters fit in a row; 0 before the area has a width. */
    public int columns() {
        double room = getWidth() - getInsets().getLeft() - getInsets().getRight();
        return Math.max(0, (int) (room / character().getLayoutBounds().getWidth()));
    }

    /** Gives some of the text a style class. */
    public void mark(int from, int to, String styleClass) {
        setStyle(from, to, List.of(styleClass));
    }

    /** Takes every style class from the text. */
    public void clearMarks() {
        clearStyle(0, getLength());
    }

    @Override
    public Object queryAccessibleAttribute(AccessibleAttribute attribute, Object... parameters) {
        return switch (attribute) {
            case TEXT -> getText();
            case EDITABLE -> isEditable();
            case SELECTION_START -> getSelection().getStart();
            case SELECTION_END -> getSelection().getEnd();
            case CARET_OFFSET -> getCaretPosition();
            case FONT -> FACE;
            default -> super.queryAccessibleAttribute(attribute, parameters);
        };
    }
}
