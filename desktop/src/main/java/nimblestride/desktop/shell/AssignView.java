package nimblestride.desktop.shell;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.practice.students.Assignment;
import nimblestride.core.practice.students.Student;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.document.library.BookEdits;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.workspace.students.AssignPane;
import nimblestride.desktop.workspace.students.AssignmentField.Entered;
import nimblestride.formats.json.DraftJson.InBook;

/** Assigns the open exercise, from wherever the user is. */
final class AssignView implements AssignPane.Assigning {
    private final ExerciseDocument document;
    private final OpenBook book;
    private final BookEdits edits;
    private final Cover<AssignPane> cover;

    AssignView(CenterPane center, ExerciseDocument document, OpenBook book, BookEdits edits) {
        this.document = document;
        this.book = book;
        this.edits = edits;
        this.cover = new Cover<>(center, () -> new AssignPane(book, this, this::leave), (pane, palette) -> {});
        document.onOpened(this::leave);
    }

    /** Asks to whom. */
    void show() {
        cover.show().show(document.exerciseProperty().get());
    }

    /** Closes it. */
    void leave() {
        cover.leave();
    }

    @Override
    public void assign(List<Student> to, Entered how) {
        document.touch();
        String what = document.exerciseProperty().get().name();
        List<Assignment> assignments = to.stream()
                .map(student -> new Assignment(
                        UUID.randomUUID(),
                        student.id(),
                        document.inBookProperty().get().map(InBook::id),
                        what,
                        book.today(),
                        how.due(),
                        how.how(),
                        how.tempo(),
                        Optional.empty()))
                .toList();
        edits.assign(assignments, to.size() == 1 ? to.get(0).name() : Counted.count(to.size(), "student"));
    }
}
