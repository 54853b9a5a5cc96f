package nimblestride.desktop.workspace.findings;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.scene.AccessibleAttribute;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.ContextMenuEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import nimblestride.core.insight.fact.Category;
import nimblestride.core.insight.finding.Finding;
import nimblestride.core.insight.glossary.Glossary;
import nimblestride.core.insight.glossary.Term;
import nimblestride.desktop.ui.control.ControlTip;

/** Shows one finding with its sum and what fixes it. */
final class FindingCard extends FittedColumn {
    // Pseudo-classes, because a new style class would restyle everything in the card from scratch.
    private static final PseudoClass CHECK = PseudoClass.getPseudoClass("check");
    private static final PseudoClass RETURN = PseudoClass.getPseudoClass("return");

    private static final String NO_TERMS =
            "No special terms here. Press Shift+F1 for the glossary.";

    private final WrappedText sentence = new WrappedText("finding-sentence");
    private final WrappedText sum = new WrappedText("finding-sum");
    private final Button button = new Button();
    private final Consumer<Finding.Place> goTo;
    private Finding finding;

    FindingCard(Finding finding, Consumer<Finding.Place> goTo, Consumer<Finding.Fix> fix) {
        super(4);
        this.goTo = goTo;
        getStyleClass().add("finding");
        button.getStyleClass().add("small");
        button.setOnAction(event -> this.finding.fix().ifPresent(fix));
        setFocusTraversable(true);
        ControlTip.onAsking(this, this::terms);
        setOnMouseClicked(this::click);
        setOnKeyPressed(this::press);
        setOnContextMenuRequested(this::offerCopy);
        show(finding);
    }

    void show(Finding newFinding) {
        if (newFinding.equals(finding)) {
            return;
        }
        finding = newFinding;
        pseudoClassStateChanged(CHECK, finding.category() == Category.CHECK);
        pseudoClassStateChanged(RETURN, finding.category() == Category.RETURN);
        sentence.setText(finding.sentence());
        sum.setText(finding.sum());
        button.setText(finding.fix().map(Finding.Fix::label).orElse(""));
        show(parts());
        requestLayout();
        setAccessibleText(text());
    }

    /** Returns only the parts that say something. */
    private List<Node> parts() {
        List<Node> parts = new ArrayList<>(List.of(sentence));
        if (!finding.sum().isEmpty()) {
            parts.add(sum);
        }
        if (finding.fix().isPresent()) {
            parts.add(button);
        }
        return parts;
    }

    /** Explains the terms where they stand. */
    private String terms() {
        return Glossary.in(text()).stream().map(Term::definition).collect(Collectors.joining("\n"));
    }

    @Override
    public Object queryAccessibleAttribute(AccessibleAttribute attribute, Object... parameters) {
        return attribute == AccessibleAttribute.HELP ? terms() : super.queryAccessibleAttribute(attribute, parameters);
    }

    private String text() {
        return (finding.sentence() + " " + finding.sum()).strip();
    }

    private void click(MouseEvent event) {
        requestFocus();
        if (event.getButton() == MouseButton.PRIMARY) {
            finding.place().ifPresent(goTo);
        }
    }

    private void press(KeyEvent event) {
        if (event.getCode() == KeyCode.ENTER) {
            finding.place().ifPresent(goTo);
            event.consume();
        } else if (event.getCode() == KeyCode.I && !event.isShortcutDown()) {
            ControlTip.setText(this, NO_TERMS);
            event.consume();
        } else if (event.isShortcutDown() && event.getCode() == KeyCode.C) {
            copy();
            event.consume();
        }
    }

    private void offerCopy(ContextMenuEvent event) {
        MenuItem copy = new MenuItem("Copy");
        copy.setOnAction(chosen -> copy());
        new ContextMenu(copy).show(this, event.getScreenX(), event.getScreenY());
    }

    private void copy() {
        ClipboardContent content = new ClipboardContent();
        content.putString(text());
        Clipboard.getSystemClipboard().setContent(content);
    }
}
