package nimblestride.desktop.findings;

import java.util.List;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.finding.Finding;
import nimblestride.desktop.look.Scrolled;

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
        ScrollPane scroll = new Scrolled(list);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().setAll(title, scroll);
    }

    /** Cards that are there already are written anew: making them takes far longer than writing them. */
    public void show(List<Finding> findings) {
        List<Node> cards = list.getChildren();
        if (cards.size() > findings.size()) {
            list.getChildren().remove(findings.size(), cards.size());
        }
        for (int i = 0; i < cards.size(); i++) {
            ((FindingCard) cards.get(i)).show(findings.get(i));
        }
        list.getChildren()
                .addAll(findings.subList(cards.size(), findings.size()).stream()
                        .map(finding -> new FindingCard(finding, goTo, mend))
                        .toList());
    }
}
