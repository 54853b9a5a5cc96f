package nimblestride.desktop.workspace.findings;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.css.PseudoClass;
import javafx.scene.AccessibleAttribute;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ToggleButton;
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
import nimblestride.core.insight.wording.Wording;
import nimblestride.desktop.ui.control.ControlTip;

/**
 * Shows one finding. A layer's card is one line until somebody asks for its details; every other card shows its sum and what
 * fixes it at once.
 */
final class FindingCard extends FittedColumn {
    // Pseudo-classes, because a new style class would restyle everything in the card from scratch.
    private static final PseudoClass CHECK = PseudoClass.getPseudoClass("check");
    private static final PseudoClass HEADLINE = PseudoClass.getPseudoClass("headline");

    private static final String NO_TERMS = "No special terms here. Press Shift+F1 for the glossary.";

    /** A number and its unit stay on one line. */
    private static final Pattern KEPT_TOGETHER = Pattern.compile("(\\d) (?=s\\))");

    private final LinkedText sentence;
    private final WrappedText sum = new WrappedText("finding-sum");
    private final ToggleButton more = new ToggleButton();
    private final List<WrappedText> details = new ArrayList<>();
    private final Button button = new Button();
    private final Consumer<Finding.Place> goTo;
    private Finding finding;
    private Wording.Words words;
    private int nextBar;

    FindingCard(Finding finding, Consumer<Finding.Place> goTo, Consumer<Finding.Fix> fix) {
        super(4);
        this.goTo = goTo;
        sentence = new LinkedText("finding-sentence", goTo);
        getStyleClass().add("finding");
        button.getStyleClass().add("small");
        button.setOnAction(event -> this.finding.fix().ifPresent(fix));
        more.getStyleClass().addAll("small", "flat", "finding-more");
        more.selectedProperty().addListener(change -> showParts());
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
        words = finding.words();
        nextBar = 0;
        pseudoClassStateChanged(CHECK, finding.category() == Category.CHECK);
        pseudoClassStateChanged(HEADLINE, finding.category() == Category.HEADLINE);
        sentence.setText(KEPT_TOGETHER.matcher(words.sentence()).replaceAll("$1\u00a0"), finding.bars());
        sum.setText(words.sum());
        button.setText(finding.fix().map(Finding.Fix::label).orElse(""));
        showParts();
    }

    private void showParts() {
        more.setText(more.isSelected() ? "Less" : "Details");
        more.setAccessibleText(more.getText() + ": " + words.sentence());
        show(parts());
        requestLayout();
        setAccessibleText(text());
    }

    /** Returns only the parts that say something. */
    private List<Node> parts() {
        List<Node> parts = new ArrayList<>(List.of(sentence));
        if (!finding.details().isNone()) {
            parts.add(more);
            if (!more.isSelected()) {
                return parts;
            }
            parts.addAll(detailParts());
        }
        if (!words.sum().isEmpty()) {
            parts.add(sum);
        }
        if (finding.fix().isPresent()) {
            parts.add(button);
        }
        return parts;
    }

    private List<WrappedText> detailParts() {
        List<String> sentences = finding.details().facts().stream()
                .map(Wording::of)
                .flatMap(detail -> Stream.of(detail.sentence(), detail.sum()))
                .filter(said -> !said.isEmpty())
                .toList();
        while (details.size() < sentences.size()) {
            details.add(new WrappedText("finding-detail"));
        }
        for (int i = 0; i < sentences.size(); i++) {
            details.get(i).setText(sentences.get(i));
        }
        return details.subList(0, sentences.size());
    }

    /** Explains the terms where they stand, and gives the sums in fractions. */
    private String terms() {
        Stream<String> fractions = Stream.concat(
                Stream.of(words.fractions()),
                more.isSelected()
                        ? finding.details().facts().stream().map(Wording::of).map(Wording.Words::fractions)
                        : Stream.of());
        Stream<String> terms = Glossary.in(text()).stream().map(Term::definition);
        return Stream.concat(fractions.filter(sum -> !sum.isEmpty()).map(sum -> "In whole notes: " + sum), terms)
                .collect(Collectors.joining("\n"));
    }

    @Override
    public Object queryAccessibleAttribute(AccessibleAttribute attribute, Object... parameters) {
        return attribute == AccessibleAttribute.HELP ? terms() : super.queryAccessibleAttribute(attribute, parameters);
    }

    /** Returns all that is shown now. */
    private String text() {
        boolean folded = !finding.details().isNone() && !more.isSelected();
        List<String> shown = new ArrayList<>(List.of(words.sentence()));
        if (!folded) {
            detailParts().forEach(part -> shown.add(part.getText()));
            shown.add(words.sum());
        }
        return shown.stream().filter(said -> !said.isEmpty()).collect(Collectors.joining(" "));
    }

    private void click(MouseEvent event) {
        requestFocus();
        if (event.getButton() == MouseButton.PRIMARY) {
            finding.place().ifPresent(goTo);
        }
    }

    private void press(KeyEvent event) {
        if (event.getCode() == KeyCode.ENTER) {
            goToNextBar();
            event.consume();
        } else if (event.getCode() == KeyCode.I && !event.isShortcutDown()) {
            ControlTip.show(this, NO_TERMS);
            event.consume();
        } else if (event.isShortcutDown() && event.getCode() == KeyCode.C) {
            copy();
            event.consume();
        }
    }

    /** Goes to each bar the sentence names in turn; to its place where it names none. */
    private void goToNextBar() {
        List<Finding.BarLink> bars = finding.bars();
        if (bars.isEmpty()) {
            finding.place().ifPresent(goTo);
        } else {
            goTo.accept(bars.get(nextBar % bars.size()).place());
            nextBar++;
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
