package nimblestride.desktop.workspace.students;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BiFunction;
import javafx.beans.property.ObjectProperty;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import nimblestride.core.practice.journal.LogOwner;
import nimblestride.core.practice.students.LessonTime;
import nimblestride.core.practice.students.Student;
import nimblestride.desktop.document.library.BookEdits;
import nimblestride.desktop.document.library.BookTransfer;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.service.WindowServices;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.TitleConverter;
import nimblestride.desktop.ui.field.EditedLine;
import nimblestride.store.book.RemovedItem.Kind;

/** Chooses the student, and says who they are; hands out their exercises, and merges their logs. */
final class StudentBar extends FlowPane {
    private final OpenBook book;
    private final BookEdits edits;
    private final ObjectProperty<UUID> shown;
    private final StudentHandout handout;
    private final WindowServices services;
    private final Runnable changed;
    private final ComboBox<Student> students = new ComboBox<>();
    private final EditedLine lessons;
    private final EditedLine groups;
    private final EditedLine note;
    private boolean showing;

    /**
     * @param shown the id of the student who is shown
     * @param changed runs when another student is chosen or the list changes
     */
    StudentBar(
            OpenBook book,
            BookEdits edits,
            ObjectProperty<UUID> shown,
            StudentHandout handout,
            WindowServices services,
            Runnable changed) {
        this.book = book;
        this.edits = edits;
        this.shown = shown;
        this.handout = handout;
        this.services = services;
        this.changed = changed;
        getStyleClass().add("flow-line");
        students.setId("student");
        students.setPrefWidth(130);
        students.setMinWidth(130);
        students.setAccessibleText("Student");
        students.setConverter(new TitleConverter<>(Student::name));
        students.setPromptText("No students yet");
        students.valueProperty().addListener(change -> {
            if (!showing) {
                chosen().ifPresent(one -> shown.set(one.id()));
                refresh();
            }
        });
        shown.addListener(change -> list());
        lessons = line(
                "student-lessons",
                "When the lesson is, such as Tue 4:30 PM",
                "Tue 4:30 PM",
                (one, text) -> text.isEmpty() ? one.withoutLessons() : one.withLessons(LessonTime.parse(text)));
        groups = line(
                "student-groups",
                "Classes and groups, with commas between them",
                "Beginners, Parade",
                (one, text) -> one.inGroups(Student.groups(text)));
        note = line("student-note", "What you want to remember", "Plays left-handed", Student::withNote);
        lessons.setPrefColumnCount(9);
        groups.setPrefColumnCount(9);
        note.setPrefColumnCount(20);
        getChildren()
                .setAll(
                        students,
                        captioned("Lesson", lessons),
                        captioned("Groups", groups),
                        captioned("Note", note),
                        new SmallButton("Remove", "student-out", this::remove));
    }

    private static HBox captioned(String caption, EditedLine line) {
        HBox both = new HBox(8, new Caption(caption), line);
        both.getStyleClass().add("pair");
        return both;
    }

    private EditedLine line(String id, String about, String example, BiFunction<Student, String, Student> change) {
        EditedLine line = new EditedLine(
                id,
                about,
                text -> chosen().ifPresent(one -> edits.change(one, change.apply(one, text))),
                services.status()::show);
        line.setPromptText(example);
        return line;
    }

    private void refresh() {
        lessons.show(
                chosen().flatMap(Student::lessons).map(LessonTime::toString).orElse(""));
        groups.show(chosen().map(one -> String.join(", ", one.groups())).orElse(""));
        note.show(chosen().map(Student::note).orElse(""));
        List.of(lessons, groups, note).forEach(line -> line.setDisable(chosen().isEmpty()));
        changed.run();
    }

    Optional<Student> chosen() {
        return Optional.ofNullable(students.getValue());
    }

    /** Lists the students again; keeps the choice. */
    void list() {
        book.ask(one -> one.students().students()).ifPresent(all -> {
            showing = true;
            Optional<UUID> before = Optional.ofNullable(shown.get());
            students.getItems().setAll(all);
            students.setValue(all.stream()
                    .filter(one -> before.equals(Optional.of(one.id())))
                    .findFirst()
                    .orElse(all.isEmpty() ? null : all.get(0)));
            showing = false;
            refresh();
        });
    }

    private void remove() {
        chosen().ifPresent(one -> edits.remove(Kind.STUDENT, one.id(), one.name()));
    }

    /** Asks for the file of the student's own log, and merges it. */
    void merge() {
        chosen().ifPresent(one -> services.dialogs()
                .fileToOpen(List.of("json"))
                .ifPresent(file -> book.run(
                        "Merging " + file.getFileName(),
                        (open, progress) -> BookTransfer.mergeLog(open, LogOwner.student(one.id()), file, progress),
                        merged -> services.status().show(one.name() + ": " + BookTransfer.said(merged) + "."))));
    }

    /** Hands out what is assigned, as pages. */
    void printBooklet() {
        chosen().ifPresent(handout::booklet);
    }

    /** Hands out what is assigned, as a page for the student's phone. */
    void exportWebPage() {
        chosen().ifPresent(handout::webPage);
    }

    /** Hands out what is assigned, as a file for the student's own program. */
    void exportFile() {
        chosen().ifPresent(handout::file);
    }
}
