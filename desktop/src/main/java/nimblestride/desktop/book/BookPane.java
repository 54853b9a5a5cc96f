package nimblestride.desktop.book;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The exercises of the Book; a click or Enter opens one. */
public final class BookPane extends VBox {
    private final ListView<BookFolder.Entry> list = new ListView<>();
    private final BookFolder book;
    private final Consumer<Path> open;
    private Optional<Path> current = Optional.empty();

    /** @param keep puts the exercise on the desk into the Book */
    public BookPane(BookFolder book, Consumer<Path> open, Runnable keep) {
        this.book = book;
        this.open = open;
        getStyleClass().add("book");
        Label title = new Label("The Book");
        title.getStyleClass().add("pane-title");
        list.setId("book-list");
        list.setAccessibleText("Exercises in the Book");
        list.setCellFactory(view -> new EntryCell());
        Label empty = new Label("No exercises yet. Type some bars above, then keep them here.");
        empty.setWrapText(true);
        empty.getStyleClass().addAll("quiet", "book-empty");
        list.setPlaceholder(empty);
        list.setOnMouseClicked(event -> openSelected());
        list.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ENTER) {
                openSelected();
                event.consume();
            }
        });
        VBox.setVgrow(list, Priority.ALWAYS);
        Button keeping = new Button("Keep in the Book");
        keeping.setMaxWidth(Double.MAX_VALUE);
        keeping.setId("keep-in-book");
        keeping.setOnAction(event -> keep.run());
        getChildren().setAll(title, list, keeping);
        refresh();
    }

    /** Reads the folder anew. */
    public void refresh() {
        try {
            List<BookFolder.Entry> entries = book.entries();
            list.getItems().setAll(entries);
            mark(current);
        } catch (IOException e) {
            list.setPlaceholder(new Label("The Book cannot be read: " + e.getMessage()));
        }
    }

    /** Marks the exercise that lies on the desk. */
    public void mark(Optional<Path> file) {
        current = file;
        list.getSelectionModel().clearSelection();
        file.ifPresent(path -> list.getItems().stream()
                .filter(entry -> entry.file().equals(path))
                .findFirst()
                .ifPresent(entry -> list.getSelectionModel().select(entry)));
    }

    private void openSelected() {
        BookFolder.Entry entry = list.getSelectionModel().getSelectedItem();
        if (entry != null && !Optional.of(entry.file()).equals(current)) {
            open.accept(entry.file());
            mark(current);
        }
    }

    private static final class EntryCell extends ListCell<BookFolder.Entry> {
        @Override
        protected void updateItem(BookFolder.Entry entry, boolean empty) {
            super.updateItem(entry, empty);
            if (empty || entry == null) {
                setGraphic(null);
                setTooltip(null);
                return;
            }
            Label name = new Label(entry.name());
            name.getStyleClass().add("entry-name");
            Label about = new Label(entry.about());
            about.getStyleClass().add(entry.readable() ? "quiet" : "problem");
            VBox both = new VBox(name, about);
            both.setPrefWidth(0);
            setGraphic(both);
            setAccessibleText(entry.name() + ", " + entry.about());
            setTooltip(new Tooltip(entry.about()));
        }
    }
}
