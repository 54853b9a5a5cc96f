package nimblestride.desktop.workspace.history;

import java.time.LocalDate;
import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.store.book.RemovedItem;

/** Lists what was removed from the Book, the last first; each comes back with one press. */
public final class RemovedPane extends VBox {
    private final Consumer<RemovedItem> bringBack;
    private final VBox items = new VBox(8);

    /**
     * @param bringBack brings something back
     * @param leave closes the list
     */
    public RemovedPane(Consumer<RemovedItem> bringBack, Runnable leave) {
        this.bringBack = bringBack;
        setId("removed");
        getStyleClass().add("start");
        Label title = new Label("Recently removed");
        title.getStyleClass().add("exercise-name");
        getChildren()
                .setAll(
                        new HBox(16, title, new SmallButton("Close the list", "removed-leave", leave)),
                        new VerticalScroll(items));
        addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ESCAPE) {
                leave.run();
                event.consume();
            }
        });
    }

    /** Lists what was removed. */
    public void show(List<RemovedItem> removed, LocalDate today) {
        items.getChildren().clear();
        if (removed.isEmpty()) {
            items.getChildren().add(new WrappedLabel("Nothing has been removed.", "quiet"));
        }
        for (RemovedItem item : removed) {
            HBox line = new HBox(
                    12,
                    new SmallButton("Bring back", "bring-back-" + removed.indexOf(item), () -> bringBack.accept(item)),
                    new WrappedLabel(item.name(), "entry-name"),
                    new WrappedLabel(
                            item.kind().title() + ", removed " + PastState.within(item.removed(), today), "quiet"));
            line.setAlignment(Pos.CENTER_LEFT);
            items.getChildren().add(line);
        }
    }
}
