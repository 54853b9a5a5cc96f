package nimblestride.desktop.findings;

import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.finding.Finding;

/** The findings, what does not add up first. One that is chosen shows its place on the Road; Ctrl+C copies it. */
public final class FindingsPane extends VBox {
    private final VBox list = new VBox();
    private final Consumer<Finding.Place> goTo;
    private final Consumer<Finding.Mend> mend;

    public FindingsPane(Consumer<Finding.Place> goTo, Consumer<Finding.Mend> mend) {
        this.goTo = goTo;
        this.mend = mend;
        getStyleClass().add("findings");
        Label title = new Label("Findings");
        title.getStyleClass().add("pane-title");
        list.getStyleClass().add("findings-list");
        ScrollPane scroll = new ScrollPane(list);
        scroll.setFitToWidth(true);
        scroll.setFocusTraversable(false);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().setAll(title, scroll);
    }

    public void show(List<Finding> findings) {
        list.getChildren().setAll(findings.stream().map(this::card).toList());
    }

    private VBox card(Finding finding) {
        Label sentence = wrapped(finding.sentence(), "finding-sentence");
        VBox card = new VBox(sentence);
        card.getStyleClass()
                .addAll("finding", "finding-" + finding.kind().name().toLowerCase(Locale.ROOT));
        if (!finding.sum().isEmpty()) {
            card.getChildren().add(wrapped(finding.sum(), "finding-sum"));
        }
        finding.mend().ifPresent(change -> {
            Button button = new Button(change.label());
            button.getStyleClass().add("small");
            button.setOnAction(event -> mend.accept(change));
            card.getChildren().add(button);
        });
        String text = (finding.sentence() + " " + finding.sum()).strip();
        card.setFocusTraversable(true);
        card.setAccessibleText(text);
        card.setOnMouseClicked(event -> {
            card.requestFocus();
            if (event.getButton() == MouseButton.PRIMARY) {
                finding.place().ifPresent(goTo);
            }
        });
        card.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ENTER) {
                finding.place().ifPresent(goTo);
                event.consume();
            } else if (event.isShortcutDown() && event.getCode() == KeyCode.C) {
                copy(text);
                event.consume();
            }
        });
        MenuItem copy = new MenuItem("Copy");
        copy.setOnAction(event -> copy(text));
        ContextMenu menu = new ContextMenu(copy);
        card.setOnContextMenuRequested(event -> menu.show(card, event.getScreenX(), event.getScreenY()));
        return card;
    }

    private static Label wrapped(String text, String styleClass) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        label.getStyleClass().add(styleClass);
        return label;
    }

    private static void copy(String text) {
        ClipboardContent content = new ClipboardContent();
        content.putString(text);
        Clipboard.getSystemClipboard().setContent(content);
    }
}
