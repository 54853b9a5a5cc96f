package nimblestride.desktop.shell;

import java.util.List;
import java.util.Optional;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.document.library.BookEdits;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.service.Dialogs;
import nimblestride.desktop.service.Status;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.workspace.history.HistoryPane;
import nimblestride.desktop.workspace.history.RemovedPane;
import nimblestride.formats.json.DraftJson.Draft;
import nimblestride.store.book.RemovedItem;

/** Names states of the open exercise, shows its history, and shows what was removed from the Book. */
final class HistoryView implements HistoryPane.Actions {
    private final ExerciseDocument document;
    private final OpenBook book;
    private final BookEdits edits;
    private final Dialogs dialogs;
    private final Status status;
    private final Cover<HistoryPane> history;
    private final Cover<RemovedPane> removed;

    HistoryView(
            CenterPane center,
            ExerciseDocument document,
            OpenBook book,
            BookEdits edits,
            Dialogs dialogs,
            Status status) {
        this.document = document;
        this.book = book;
        this.edits = edits;
        this.dialogs = dialogs;
        this.status = status;
        history = new Cover<>(center, () -> new HistoryPane(document, book, this), HistoryPane::setPalette);
        removed = new Cover<>(center, () -> new RemovedPane(this::bringBack, this::leave), (pane, palette) -> {});
        book.onChange(() -> removed.ifShown(this::list));
        document.onOpened(this::leave);
    }

    /** Asks for a name for the present state, so that the history keeps it for good. */
    void name() {
        dialogs.askLine("Name this state", "Such as: before the lesson", "").ifPresent(this::name);
    }

    private void name(String name) {
        document.touch();
        Exercise state = document.exerciseProperty().get();
        document.inBookProperty().get().ifPresent(here -> book.ask(one -> {
                    one.history().name(here.id(), state, name, book.now());
                    return true;
                })
                .ifPresent(done -> status.show("Named \"" + name.strip() + "\". Find it under Edit > History.")));
    }

    /** Shows the earlier states of the open exercise. */
    void showHistory() {
        history.show().refresh();
    }

    /** Shows what was removed from the Book. */
    void showRemoved() {
        list(removed.show());
    }

    private void list(RemovedPane pane) {
        Optional<List<RemovedItem>> items = book.book().isEmpty()
                ? Optional.empty()
                : book.ask(one -> one.removed().all());
        pane.show(items.orElse(List.of()), book.today());
    }

    private void bringBack(RemovedItem item) {
        edits.bringBack(item);
    }

    @Override
    public void bringBack(Exercise state, String title) {
        Exercise before = document.exerciseProperty().get();
        if (!before.equals(state)) {
            document.inBookProperty()
                    .get()
                    .ifPresent(here -> book.ask(one -> {
                        one.history().name(here.id(), before, "Before bringing back an earlier state", book.now());
                        return true;
                    }));
        }
        leave();
        document.edit(now -> state);
        status.show("Brought back: " + title + ". Ctrl+Z undoes it.");
    }

    @Override
    public void openAsNew(Exercise state) {
        leave();
        document.open(Draft.of(state));
        document.touch();
        status.show("A new exercise, made from the history.");
    }

    @Override
    public void leave() {
        history.leave();
        removed.leave();
    }

    void setPalette(Palette palette) {
        history.setPalette(palette);
    }
}
