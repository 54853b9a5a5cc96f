package nimblestride.desktop.workspace.students;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.words.SpokenDate;
import nimblestride.core.practice.students.Student;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.desktop.document.library.BookEdits;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.service.Dialogs;
import nimblestride.desktop.ui.control.FlowLine;
import nimblestride.desktop.ui.control.RowButton;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.page.Page;

/** Lists today's lessons in the order of their times, then all other students; each opens with one click. */
final class LessonsPage extends VBox implements Page {

    private final OpenBook book;
    private final BookEdits edits;
    private final Dialogs dialogs;
    private final Consumer<UUID> open;
    private final VBox list = new VBox(6);
    private final LatestOnly reading = new LatestOnly("reading the lessons");

    /**
     * @param assign assigns the open exercise to several students
     * @param share shares the homework of all students
     * @param open shows a student
     */
    LessonsPage(OpenBook book, BookEdits edits, Dialogs dialogs, Runnable assign, Runnable share, Consumer<UUID> open) {
        this.book = book;
        this.edits = edits;
        this.dialogs = dialogs;
        this.open = open;
        getStyleClass().add("page");
        list.setId("lessons");
        getChildren()
                .setAll(
                        new FlowLine(
                                new SmallButton("New student…", "lessons-new", this::newStudent),
                                new SmallButton("Assign this exercise…", "lessons-assign", assign),
                                new SmallButton("Share all homework…", "lessons-share", share)),
                        new VerticalScroll(list));
        book.onChange(this::read);
        sceneProperty().addListener(change -> read());
    }

    private void newStudent() {
        dialogs.askLine("New student", "Name", "")
                .filter(name -> !name.isBlank())
                .ifPresent(name -> {
                    Student student = new Student(UUID.randomUUID(), name.strip(), "");
                    edits.add(student);
                    open.accept(student.id());
                });
    }

    private void read() {
        if (getScene() == null || book.book().isEmpty()) {
            return;
        }
        var opened = book.book().get();
        LocalDate today = book.today();
        reading.ask(
                () -> book.askElsewhere(opened, one -> StudentGlance.all(one, today)),
                all -> all.ifPresent(students -> show(students, today)));
    }

    private void show(List<StudentGlance> students, LocalDate today) {
        list.getChildren().clear();
        List<StudentGlance> now = StudentGlance.today(students);
        section(
                "Today, " + SpokenDate.whole(today, today),
                now,
                students.isEmpty() ? "No students yet. Add one, then assign the open exercise." : "No lessons today.");
        List<StudentGlance> others =
                students.stream().filter(one -> !one.isToday()).toList();
        if (!others.isEmpty()) {
            section(now.isEmpty() ? "Students" : "Other students", others, "");
        }
    }

    private void section(String title, List<StudentGlance> students, String ifNone) {
        Label head = new Label(title);
        head.getStyleClass().add("pane-title");
        list.getChildren().add(head);
        if (students.isEmpty()) {
            list.getChildren().add(new WrappedLabel(ifNone, "quiet"));
        }
        students.forEach(one -> list.getChildren().add(row(one)));
    }

    private Node row(StudentGlance one) {
        return new RowButton(
                "lesson-of-" + one.student().name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-"),
                one.title() + ". " + one.sentence(),
                () -> open.accept(one.student().id()),
                new WrappedLabel(one.title(), "entry-name"),
                new WrappedLabel(one.sentence(), "quiet"));
    }

    @Override
    public void show(Exercise exercise) {
        // Students do not depend on the open exercise.
    }

    @Override
    public void close() {
        reading.close();
    }
}
