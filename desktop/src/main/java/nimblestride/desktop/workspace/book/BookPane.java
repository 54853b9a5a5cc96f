package nimblestride.desktop.workspace.book;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
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
import nimblestride.desktop.document.library.BookEdits;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.service.Dialogs;
import nimblestride.desktop.service.Library;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.TitleConverter;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.store.book.Book;
import nimblestride.store.book.Collections.Collection;
import nimblestride.store.book.ExerciseSummary;
import nimblestride.store.book.RemovedItem.Kind;

/** Shows the Book beside the Road: exercises, searched as the user types, in collections and with tags. */
public final class BookPane extends VBox {
    private static final int MAX_SHOWN = 500;
    private static final Collection EVERYTHING = new Collection(new UUID(0, 0), "The whole Book", 0);

    private final OpenBook book;
    private final BookEdits edits;
    private final Library library;
    private final Dialogs dialogs;
    private final TextField search = new TextField();
    private final ComboBox<Collection> collection = new ComboBox<>();
    private final ExerciseList list = new ExerciseList();
    private final Label empty = new WrappedLabel();
    private final VBox unopened = new VBox();
    private final VBox whyEmpty = new VBox(empty, unopened);
    private final LatestOnly searching = new LatestOnly("searching the Book");
    private boolean showing;

    /**
     * Lists the Book.
     *
     * @param edits changes it
     * @param library opens, renames, and removes its exercises
     */
    public BookPane(OpenBook book, BookEdits edits, Library library, Dialogs dialogs) {
        this.book = book;
        this.edits = edits;
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
        // The reason comes when it is known that there is nothing to list.
        list.setPlaceholder(new VBox());
        list.setOnMouseClicked(event -> {
            if (event.getButton() == MouseButton.PRIMARY) {
                openSelected();
            }
        });
        list.setOnKeyPressed(this::press);
        list.setContextMenu(menu());
        VBox.setVgrow(list, Priority.ALWAYS);
        collection.setContextMenu(new ContextMenu(
                item("Rename this collection…", this::renameCollection),
                item("Remove this collection", this::removeCollection)));
        getChildren().setAll(title, search, collection, list);
        book.onChange(this::refreshAll);
        refreshAll();
    }

    private ContextMenu menu() {
        return new ContextMenu(
                item("Open", this::openSelected),
                item("Rename…", this::rename),
                item("Tags…", this::tag),
                item("Add to a collection…", this::collect),
                item("Remove from this collection", this::uncollect),
                item("Remove from the Book", this::remove));
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
            case DELETE -> remove();
            default -> {
                return;
            }
        }
        event.consume();
    }

    private Optional<UUID> chosenCollection() {
        return shownCollection().map(Collection::id);
    }

    private Optional<Collection> shownCollection() {
        return Optional.ofNullable(collection.getValue()).filter(one -> !one.equals(EVERYTHING));
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
            say(book.problem());
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
        if (found.exercises.isEmpty()) {
            say(
                    !found.problem.isEmpty()
                            ? found.problem
                            : search.getText().isBlank()
                                    ? "No exercises yet. Type some bars above: the Book keeps what you do."
                                    : "No matches. Try a meter (11/8, elevens), a grouping (3+3+2), or a technique (flams).");
        }
        list.show(found.exercises);
    }

    /** Says in place of the list why it is empty. */
    private void say(String why) {
        empty.setText(why);
        list.setPlaceholder(whyEmpty);
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

    private void remove() {
        list.selected().ifPresent(library::remove);
    }

    private void rename() {
        list.selected().ifPresent(kept -> dialogs.askLine("Rename " + kept.name(), "Name", kept.name())
                .ifPresent(name -> library.rename(kept, name)));
    }

    private void renameCollection() {
        shownCollection().ifPresent(one -> dialogs.askLine("Rename " + one.name(), "Name of the collection", one.name())
                .ifPresent(name -> edits.rename(one, name)));
    }

    private void removeCollection() {
        shownCollection().ifPresent(one -> edits.remove(Kind.COLLECTION, one.id(), one.name()));
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
                        edits.tag(kept, tags);
                    });
        });
    }

    private void collect() {
        list.selected().ifPresent(kept -> dialogs.askLine(
                        "Add " + kept.name() + " to a collection",
                        "Name of a new or existing collection",
                        chosenCollection().isPresent() ? collection.getValue().name() : "")
                .filter(name -> !name.isBlank())
                .ifPresent(name -> edits.collect(kept, name)));
    }

    private void uncollect() {
        list.selected().ifPresent(kept -> shownCollection().ifPresent(from -> edits.uncollect(kept, from)));
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
