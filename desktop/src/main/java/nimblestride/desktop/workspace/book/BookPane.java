package nimblestride.desktop.workspace.book;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.service.Dialogs;
import nimblestride.desktop.service.Library;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.TitleConverter;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.store.book.Book;
import nimblestride.store.book.Collections.Collection;
import nimblestride.store.book.ExerciseShelf;
import nimblestride.store.book.ExerciseSummary;

/** Shows the Book beside the Road: exercises, searched as the user types, in collections and with tags. */
public final class BookPane extends VBox {
    private static final int MAX_SHOWN = 500;
    private static final Collection EVERYTHING = new Collection(new UUID(0, 0), "The whole Book", 0);

    private final OpenBook book;
    private final Library library;
    private final Dialogs dialogs;
    private final TextField search = new TextField();
    private final ComboBox<Collection> collection = new ComboBox<>();
    private final ExerciseList list = new ExerciseList();
    private final Label empty = new WrappedLabel();
    private final VBox unopened = new VBox();
    private final SmallButton putBack = new SmallButton("Undo remove", "put-back", this::putBack);
    private final LatestOnly searching = new LatestOnly("searching the Book");
    private Optional<ExerciseShelf.TakenOut> out = Optional.empty();
    private boolean showing;

    /**
     * Lists the Book.
     *
     * @param library opens, saves, and removes its exercises
     */
    public BookPane(OpenBook book, Library library, Dialogs dialogs) {
        this.book = book;
        this.library = library;
        this.dialogs = dialogs;
        getStyleClass().add("book");
        Label title = new Label("The Book");
        title.getStyleClass().add("pane-title");
        search.setId("book-search");
        search.setPromptText("Search: elevens, flams…");
        search.setAccessibleText("Search by name, meter, grouping, technique, or tag");
        search.textProperty().addListener(change -> refresh());
        search.setOnKeyPressed(this::downToTheList);
        collection.setId("book-collection");
        collection.setMaxWidth(Double.MAX_VALUE);
        collection.setAccessibleText("Collection to show");
        collection.setConverter(new TitleConverter<>(
                one -> one.equals(EVERYTHING) ? one.name() : one.name() + " (" + one.size() + ")"));
        collection.valueProperty().addListener(change -> {
            if (!showing) {
                refresh();
            }
        });
        empty.getStyleClass().addAll("quiet", "book-empty");
        unopened.getChildren()
                .setAll(
                        new SmallButton("Restore a backup…", "book-restore", library::restoreBackup),
                        new SmallButton("Start a new Book…", "book-new", library::startNewBook));
        unopened.getStyleClass().add("book-unopened");
        list.setPlaceholder(new VBox(empty, unopened));
        list.setOnMouseClicked(event -> {
            if (event.getButton() == MouseButton.PRIMARY) {
                openSelected();
            }
        });
        list.setOnKeyPressed(this::press);
        list.setContextMenu(menu());
        VBox.setVgrow(list, Priority.ALWAYS);
        Button keeping = new Button("Keep in the Book");
        keeping.setMaxWidth(Double.MAX_VALUE);
        keeping.setId("keep-in-book");
        keeping.setOnAction(event -> library.save());
        putBack.setMaxWidth(Double.MAX_VALUE);
        showPutBack();
        getChildren().setAll(title, search, collection, list, putBack, keeping);
        book.onChange(this::refreshAll);
        refreshAll();
    }

    private ContextMenu menu() {
        return new ContextMenu(
                item("Open", this::openSelected),
                item("Tags…", this::tag),
                item("Add to a collection…", this::collect),
                item("Remove from this collection", this::uncollect),
                item("Remove from the Book", this::takeOut));
    }

    private static MenuItem item(String text, Runnable action) {
        MenuItem item = new MenuItem(text);
        item.setOnAction(event -> action.run());
        return item;
    }

    private void downToTheList(KeyEvent event) {
        if (event.getCode() == KeyCode.DOWN || event.getCode() == KeyCode.ENTER) {
            list.requestFocus();
            list.getSelectionModel().selectFirst();
            if (event.getCode() == KeyCode.ENTER) {
                openSelected();
            }
            event.consume();
        }
    }

    private void press(KeyEvent event) {
        switch (event.getCode()) {
            case ENTER -> openSelected();
            case DELETE -> takeOut();
            default -> {
                return;
            }
        }
        event.consume();
    }

    private Optional<UUID> chosenCollection() {
        return Optional.ofNullable(collection.getValue())
                .filter(one -> !one.equals(EVERYTHING))
                .map(Collection::id);
    }

    /** Lists the collections and the exercises again. */
    private void refreshAll() {
        showing = true;
        Optional<UUID> before = chosenCollection();
        List<Collection> all = book.book().isEmpty()
                ? List.of()
                : book.ask(one -> one.collections().all()).orElse(List.of());
        collection.getItems().setAll(EVERYTHING);
        collection.getItems().addAll(all);
        collection.setValue(all.stream()
                .filter(one -> before.equals(Optional.of(one.id())))
                .findFirst()
                .orElse(EVERYTHING));
        boolean some = !all.isEmpty();
        collection.setVisible(some);
        collection.setManaged(some);
        showing = false;
        refresh();
    }

    private record Found(List<ExerciseSummary> exercises, String problem) {}

    private void refresh() {
        boolean opened = book.book().isPresent();
        unopened.setVisible(!opened);
        unopened.setManaged(!opened);
        if (!opened) {
            empty.setText(book.problem());
            list.getItems().clear();
            return;
        }
        String words = search.getText();
        Optional<UUID> within = chosenCollection();
        Book searched = book.book().get();
        searching.ask(
                () -> {
                    try {
                        return new Found(
                                within.map(one -> searched.exercises().searchIn(one, words, 0, MAX_SHOWN))
                                        .orElseGet(() -> searched.exercises().search(words, 0, MAX_SHOWN)),
                                "");
                    } catch (StrideException e) {
                        return new Found(List.of(), e.getMessage());
                    }
                },
                this::show);
    }

    private void show(Found found) {
        empty.setText(
                !found.problem.isEmpty()
                        ? found.problem
                        : search.getText().isBlank()
                                ? "No exercises yet. Type some bars above, then press Keep in the Book."
                                : "No matches. Try a meter (11/8, elevens), a grouping (3+3+2), or a technique (flams).");
        list.show(found.exercises);
    }

    /** Marks the open exercise. */
    public void mark(UUID id) {
        list.mark(id);
    }

    /** Marks none, as the open exercise is not in the Book. */
    public void unmark() {
        list.unmark();
    }

    private void openSelected() {
        list.selected()
                .filter(kept -> !Optional.of(kept.id()).equals(list.marked()))
                .ifPresent(kept -> {
                    library.open(kept);
                    list.showMarked();
                });
    }

    private void takeOut() {
        list.selected().ifPresent(kept -> {
            out = book.change(one -> one.exercises().remove(kept.id()));
            showPutBack();
            if (out.isPresent()) {
                library.removed(kept.id());
            }
        });
    }

    private void putBack() {
        out.ifPresent(taken -> {
            if (book.change(one -> {
                        one.exercises().restore(taken, book.now());
                        return true;
                    })
                    .isPresent()) {
                out = Optional.empty();
                showPutBack();
            }
        });
    }

    private void showPutBack() {
        putBack.setVisible(out.isPresent());
        putBack.setManaged(out.isPresent());
        out.ifPresent(taken -> putBack.setText("Undo remove \"" + taken.kept().name() + "\""));
    }

    private void tag() {
        list.selected().ifPresent(kept -> {
            Set<String> now = book.ask(one -> one.exercises().tags(kept.id())).orElse(Set.of());
            dialogs.askLine("Tags of " + kept.name(), "Separate tags with commas", String.join(", ", now))
                    .ifPresent(line -> {
                        Set<String> tags = Arrays.stream(line.split(",", -1))
                                .map(String::strip)
                                .filter(tag -> !tag.isEmpty())
                                .collect(Collectors.toCollection(TreeSet::new));
                        book.change(one -> {
                            one.exercises().tag(kept.id(), tags);
                            return true;
                        });
                    });
        });
    }

    private void collect() {
        list.selected().ifPresent(kept -> dialogs.askLine(
                        "Add " + kept.name() + " to a collection",
                        "Name of a new or existing collection",
                        chosenCollection().isPresent() ? collection.getValue().name() : "")
                .filter(name -> !name.isBlank())
                .ifPresent(name -> book.change(one -> {
                    one.collections().add(one.collections().named(name), kept.id());
                    return true;
                })));
    }

    private void uncollect() {
        list.selected().ifPresent(kept -> chosenCollection()
                .ifPresent(from -> book.change(one -> {
                    one.collections().remove(from, kept.id());
                    return true;
                })));
    }

    /** Moves the focus to the search field. */
    public void find() {
        search.requestFocus();
        search.selectAll();
    }

    /** Stops searching. */
    public void close() {
        searching.close();
    }
}
