package nimblestride.desktop.workspace.findings;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.insight.finding.Finding;
import nimblestride.desktop.ui.control.ScrollIntoView;

/**
 * Shows the findings in the order a player asks, the rest behind More. Selecting one shows its place on the Road; Ctrl+C copies
 * it.
 */
public final class FindingsPane extends VBox {
    /** Writes at least this many while there are too few to fill the pane. */
    private static final int FIRST = 10;

    private final FittedColumn list = new FittedColumn(8);
    private final ScrollPane scroll = new ScrollIntoView(list).steady();
    /** All cards ever shown at once; the first of them are in the list. */
    private final List<FindingCard> cards = new ArrayList<>();

    private final Consumer<Finding.Place> goTo;
    private final Consumer<Finding.Fix> fix;
    private final ToggleButton more = new ToggleButton();
    private List<Finding> all = List.of();
    private List<Finding> findings = List.of();
    private boolean restToCome;

    /**
     * @param goTo goes to the place of a finding
     * @param fix applies a fix
     */
    public FindingsPane(Consumer<Finding.Place> goTo, Consumer<Finding.Fix> fix) {
        this.goTo = goTo;
        this.fix = fix;
        getStyleClass().add("findings");
        Label title = new Label("Findings");
        title.getStyleClass().add("pane-title");
        list.getStyleClass().add("findings-list");
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        more.setId("findings-more");
        more.getStyleClass().addAll("small", "flat", "finding-more");
        more.selectedProperty().addListener(change -> show(all));
        getChildren().setAll(title, scroll);
        sceneProperty().addListener(change -> show(all));
    }

    /**
     * Shows other findings: those in view with the next frame, the rest after it, so that nobody waits for what is out
     * of view.
     */
    public void show(List<Finding> newFindings) {
        all = newFindings;
        findings = more.isSelected()
                ? all
                : all.stream().filter(finding -> !finding.isBehindMore()).toList();
        int first = firstInSight();
        write(first, endOfSight(first));
        if (getScene() != null && !restToCome) {
            restToCome = true;
            afterNextFrame(getScene(), () -> {
                restToCome = false;
                write(0, findings.size());
            });
        }
    }

    /**
     * Rewrites cards instead of making new ones: a new card takes far longer, and styling it redraws the window once
     * more.
     */
    private void write(int from, int to) {
        int end = Math.min(to, findings.size());
        for (int i = Math.min(from, cards.size()); i < end; i++) {
            if (i < cards.size()) {
                cards.get(i).show(findings.get(i));
            } else {
                cards.add(new FindingCard(findings.get(i), goTo, fix));
            }
        }
        int shown = Math.min(cardsInList(), findings.size());
        List<Node> nodes = new ArrayList<>(cards.subList(0, Math.max(shown, end)));
        long behind = all.stream().filter(Finding::isBehindMore).count();
        if (behind > 0 && nodes.size() == findings.size()) {
            more.setText(more.isSelected() ? "Less" : "More (" + behind + ")");
            nodes.add(more);
        }
        list.show(nodes);
    }

    private int cardsInList() {
        return (int) list.getChildrenUnmodifiable().stream()
                .filter(FindingCard.class::isInstance)
                .count();
    }

    private int firstInSight() {
        double top = scroll.getVvalue() * Math.max(0, list.getHeight() - room());
        int first = 0;
        while (first < list.getChildrenUnmodifiable().size()
                && list.getChildrenUnmodifiable().get(first).getBoundsInParent().getMaxY() < top) {
            first++;
        }
        return first;
    }

    /** Returns one after the last card in view; if there are too few to fill the pane, as many as may fit. */
    private int endOfSight(int first) {
        List<Node> shown = list.getChildrenUnmodifiable();
        int end = first;
        double bottom =
                first < shown.size() ? shown.get(first).getBoundsInParent().getMinY() + room() : 0;
        while (end < shown.size() && shown.get(end).getBoundsInParent().getMinY() <= bottom) {
            end++;
        }
        return end < shown.size() ? end + 1 : Math.max(end, first + FIRST);
    }

    private double room() {
        return scroll.getViewportBounds().getHeight();
    }

    private static void afterNextFrame(Scene scene, Runnable act) {
        Runnable[] once = new Runnable[1];
        once[0] = () -> {
            scene.removePostLayoutPulseListener(once[0]);
            Platform.runLater(act);
        };
        scene.addPostLayoutPulseListener(once[0]);
        Platform.requestNextPulse();
    }
}
