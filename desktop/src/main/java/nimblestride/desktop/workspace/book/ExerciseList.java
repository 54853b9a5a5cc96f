package nimblestride.desktop.workspace.book;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.stream.IntStream;
import javafx.application.Platform;
import javafx.scene.control.IndexedCell;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.skin.VirtualFlow;
import javafx.scene.layout.VBox;
import nimblestride.desktop.ui.control.ControlTip;
import nimblestride.store.book.ExerciseSummary;

/** Lists exercises of the Book, one of them marked. */
final class ExerciseList extends ListView<ExerciseSummary> {
    private Optional<UUID> marked = Optional.empty();
    private boolean scrolling;

    ExerciseList() {
        setId("book-list");
        setAccessibleText("Exercises in the Book");
        setCellFactory(view -> new KeptCell());
    }

    Optional<ExerciseSummary> selected() {
        return Optional.ofNullable(getSelectionModel().getSelectedItem());
    }

    /** Returns the marked exercise, even if it is not in the list. */
    Optional<UUID> marked() {
        return marked;
    }

    /** Shows these exercises; keeps the scroll position when the user has scrolled away from the marked one. */
    void show(List<ExerciseSummary> kept) {
        if (isListed(kept)) {
            return;
        }
        OptionalInt row = markedRow();
        boolean away = row.isPresent()
                && rows().filter(rows -> !isInSight(rows, row.getAsInt())).isPresent();
        getItems().setAll(kept);
        select();
        if (!away) {
            bringIntoSight();
        }
    }

    /** Returns whether just these are listed, under the names they have now. */
    private boolean isListed(List<ExerciseSummary> kept) {
        return kept.size() == getItems().size()
                && IntStream.range(0, kept.size()).allMatch(i -> {
                    ExerciseSummary old = getItems().get(i);
                    ExerciseSummary now = kept.get(i);
                    return old.id().equals(now.id())
                            && old.name().equals(now.name())
                            && old.about().equals(now.about());
                });
    }

    /** Marks an exercise, and scrolls it fully into view. */
    void mark(UUID id) {
        marked = Optional.of(id);
        showMarked();
    }

    /** Marks none. */
    void unmark() {
        marked = Optional.empty();
        showMarked();
    }

    /** Selects the marked exercise again, and scrolls it fully into view. */
    void showMarked() {
        select();
        bringIntoSight();
    }

    private void select() {
        getSelectionModel().clearSelection();
        markedRow().ifPresent(getSelectionModel()::select);
    }

    /**
     * Scrolls where it must, in two steps, once for all that asked: the list's own scrolling would put a row at the top, so it first
     * moves to about where the row is, and after that row is laid out, to where it is fully in view.
     */
    private void bringIntoSight() {
        if (scrolling) {
            return;
        }
        scrolling = true;
        Platform.runLater(() -> {
            scrolling = false;
            rows().ifPresent(rows -> markedRow().ifPresent(row -> {
                layout();
                for (int i = 0; i < 2 && !isWhole(rows, row); i++) {
                    rows.scrollTo(row);
                    layout();
                }
            }));
        });
    }

    private OptionalInt markedRow() {
        return IntStream.range(0, getItems().size())
                .filter(row -> Optional.of(getItems().get(row).id()).equals(marked))
                .findFirst();
    }

    private static boolean isInSight(VirtualFlow<?> rows, int row) {
        IndexedCell<?> first = rows.getFirstVisibleCell();
        IndexedCell<?> last = rows.getLastVisibleCell();
        return first != null && last != null && first.getIndex() <= row && row <= last.getIndex();
    }

    private static boolean isWhole(VirtualFlow<?> rows, int row) {
        IndexedCell<?> cell = isInSight(rows, row) ? rows.getCell(row) : null;
        return cell != null && cell.getLayoutY() >= 0 && cell.getLayoutY() + cell.getHeight() <= rows.getHeight();
    }

    private Optional<VirtualFlow<?>> rows() {
        return lookup(".virtual-flow") instanceof VirtualFlow<?> rows ? Optional.of(rows) : Optional.empty();
    }

    private static final class KeptCell extends ListCell<ExerciseSummary> {
        private final Label name = new Label();
        private final Label about = new Label();
        private final VBox both = new VBox(name, about);

        KeptCell() {
            name.getStyleClass().add("entry-name");
            about.getStyleClass().add("quiet");
            both.setPrefWidth(0);
        }

        @Override
        protected void updateItem(ExerciseSummary kept, boolean nothing) {
            super.updateItem(kept, nothing);
            if (nothing || kept == null) {
                setGraphic(null);
                ControlTip.off(this);
                return;
            }
            name.setText(kept.name());
            about.setText(kept.about());
            setGraphic(both);
            setAccessibleText(kept.name() + ", " + kept.about());
            ControlTip.on(this, kept.about());
        }
    }
}
