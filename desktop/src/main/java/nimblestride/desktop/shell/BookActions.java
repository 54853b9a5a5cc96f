package nimblestride.desktop.shell;

import java.util.Optional;
import java.util.UUID;
import nimblestride.desktop.workspace.book.BookPane;
import nimblestride.store.book.ExerciseSummary;

/** What the pane of the Book has done beyond itself. */
record BookActions(FileMenu files, BookExport out, Dialogs questions) implements BookPane.Actions {
    @Override
    public void open(ExerciseSummary kept) {
        files.open(kept);
    }

    @Override
    public void keep() {
        files.keepInBook();
    }

    @Override
    public void takenOut(UUID id) {
        files.takenOut(id);
    }

    @Override
    public void restore() {
        out.restore();
    }

    @Override
    public void startNew() {
        out.startNew();
    }

    @Override
    public Optional<String> line(String title, String what, String first) {
        return questions.askLine(title, what, first);
    }
}
