package nimblestride.desktop.workspace.findings;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.insight.finding.Finding;
import nimblestride.desktop.ui.control.ScrollIntoView;

/** The findings, what does not add up first. One that is chosen shows its place on the Road; Ctrl+C copies it. */
public final class FindingsPane extends VBox {
    /** How many are written at least where there are not yet enough to fill the room. */
    private static final int FIRST = 10;

    private final FittedColumn list = new FittedColumn(8);
    private final ScrollPane scroll = new ScrollIntoView(list).steady();
    /** All that were ever shown at once, the first of them in the list. */
    private final List<FindingCard> cards = new ArrayList<>();

    private final Consumer<Finding.Place> goTo;
    private final Consumer<Finding.Fix> fix;
    private List<Finding> findings = List.of();
    private boolean restToCome;

    public FindingsPane(Consumer<Finding.Place> goTo, Consumer<Finding.Fix> fix) {
        this.goTo = goTo;
        this.fix = fix;
        getStyleClass().add("findings");
        Label title = new Label("Findings");
        title.getStyleClass().add("pane-title");
        list.getStyleClass().add("findings-list");
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().setAll(title, scroll);
        sceneProperty().addListener(change -> show(findings));
    }

    /** What is in sight is written for the next frame, the rest after it, so that nobody waits for what is not seen. */
    public void show(List<Finding> newFindings) {
        findings = newFindings;
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

    /** Cards are kept and written anew: making one takes far longer, and the window is drawn once more while it is styled. */
    private void write(int from, int to) {
        int end = Math.min(to, findings.size());
        for (int i = Math.min(from, cards.size()); i < end; i++) {
            if (i < cards.size()) {
                cards.get(i).show(findings.get(i));
            } else {
                cards.add(new FindingCard(findings.get(i), goTo, fix));
            }
        }
        int shown = Math.min(list.getChildrenUnmodifiable().size(), findings.size());
        list.show(cards.subList(0, Math.max(shown, end)));
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

    /** One after the last that is in sight; where there are too few to fill the room, as many as may have room. */
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
