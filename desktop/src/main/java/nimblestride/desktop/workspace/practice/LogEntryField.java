package nimblestride.desktop.workspace.practice;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.language.text.PracticeNoteText;
import nimblestride.core.practice.journal.LogEntry;
import nimblestride.core.practice.journal.PracticeNote;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.field.TypedField;

/** Logs practice from a typed line, or changes an entry. */
final class LogEntryField {
    private final OpenBook book;
    private final PracticeRecorder diary;
    private final TypedField<PracticeNote> line;
    private final SmallButton writing = new SmallButton("Log it", "log-add", this::add);
    private final SmallButton leave = new SmallButton("Cancel", "log-leave", this::startNew);
    private Optional<LogEntry> changing = Optional.empty();

    LogEntryField(OpenBook book, PracticeRecorder diary) {
        this.book = book;
        this.diary = diary;
        line = new TypedField<>(
                this::note,
                note -> PracticeNoteText.write(
                        note, note.what().map(diary::beatOf).orElseGet(diary::beat)),
                note -> {},
                () -> {});
        line.field().setId("log-line");
        line.field().setAccessibleText("What you practiced, such as: 20 min, at 96, clean, hard 4&: left late");
        line.field().setOnAction(event -> add());
        line.setPrefWidth(300);
        startNew();
    }

    /** Returns the field and its buttons. */
    List<Node> controls() {
        return List.of(line, writing, leave);
    }

    void show(Exercise exercise) {
        line.field()
                .setPromptText("20 min, at "
                        + PracticeNoteText.tempo(
                                exercise.tempo(), exercise.tempo().beat()) + ", clean: left late");
    }

    /** Reads a line. One that names no exercise means that of the entry being changed, or else the open one. */
    private PracticeNote note(String text) {
        return PracticeNoteText.read(text, book.today(), named -> named.or(() -> changing.map(LogEntry::what))
                .map(diary::beatOf)
                .orElseGet(diary::beat));
    }

    private void add() {
        PracticeNote note;
        try {
            note = note(line.field().getText());
        } catch (StrideException e) {
            // The message stands under the field.
            line.field().requestFocus();
            return;
        }
        if (changing.isPresent() ? tellOtherwise(changing.get(), note) : write(note)) {
            startNew();
        }
    }

    /** Logs a note; one without a duration lasts as long as the exercise was played. */
    private boolean write(PracticeNote note) {
        PracticeNote whole = note.seconds() > 0
                ? note
                : new PracticeNote(
                        note.what(),
                        note.day(),
                        diary.seconds(),
                        note.tempo(),
                        note.rating(),
                        note.words(),
                        note.hard());
        return diary.add(whole).isPresent();
    }

    private boolean tellOtherwise(LogEntry entry, PracticeNote note) {
        return book.change(one -> {
                    one.log().change(entry.saying(note));
                    return true;
                })
                .isPresent();
    }

    /** Puts an entry into the field to change it. */
    void change(LogEntry entry) {
        changing = Optional.of(entry);
        reset("Save");
        line.show(entry.note());
        line.field().requestFocus();
    }

    /** Empties the field, for a new entry. */
    private void startNew() {
        changing = Optional.empty();
        reset("Log it");
    }

    private void reset(String action) {
        line.clear();
        writing.setText(action);
        leave.setVisible(changing.isPresent());
        leave.setManaged(changing.isPresent());
    }
}
