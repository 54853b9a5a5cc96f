package nimblestride.desktop.ui.field;

import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javafx.scene.AccessibleAttribute;
import javafx.scene.AccessibleRole;
import javafx.scene.layout.Region;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import org.fxmisc.flowless.VirtualizedScrollPane;
import org.fxmisc.richtext.StyleClassedTextArea;
import org.fxmisc.richtext.model.Paragraph;
import org.fxmisc.richtext.model.StyleSpan;
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

    /**
     * Some of the text with a style class.
     *
     * @param from its first character, from 0
     * @param to the character after its last
     */
    public record Mark(int from, int to, String styleClass) {}

    /** Gives these places, and no others, their style classes. Does nothing where they have them, because a change takes long. */
    public void setMarks(Set<Mark> marks) {
        Set<Mark> before = marks();
        Set<Mark> wanted = new HashSet<>();
        marks.forEach(mark -> addByLine(mark, wanted));
        if (!before.equals(wanted)) {
            before.forEach(mark -> clearStyle(mark.from, mark.to));
            wanted.forEach(mark -> setStyle(mark.from, mark.to, List.of(mark.styleClass)));
        }
    }

    /** Adds a mark to those of each line it covers: the end of a line has no style class. */
    private void addByLine(Mark mark, Set<Mark> into) {
        int from = mark.from;
        for (String line : getText(mark.from, mark.to).split("\n", -1)) {
            if (!line.isEmpty()) {
                into.add(new Mark(from, from + line.length(), mark.styleClass));
            }
            from += line.length() + 1;
        }
    }

    /** Returns the places that have a style class, line by line. They have moved with the text. */
    private Set<Mark> marks() {
        Set<Mark> marks = new HashSet<>();
        int from = 0;
        for (Paragraph<?, ?, Collection<String>> line : getParagraphs()) {
            for (StyleSpan<Collection<String>> span : line.getStyleSpans()) {
                int to = from + span.getLength();
                if (to > from) {
                    for (String styleClass : span.getStyle()) {
                        marks.add(new Mark(from, to, styleClass));
                    }
                }
                from = to;
            }
            from++;
        }
        return marks;
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
