package nimblestride.desktop.workspace.students;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.practice.students.Student;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.ui.control.FlowLine;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;

/** Assigns the open exercise to students, one by one or a group at once. */
public final class AssignPane extends VBox {
    private final OpenBook book;
    private final Label title = new WrappedLabel("", "exercise-name");
    private final FlowLine groups = new FlowLine();
    private final FlowLine students = new FlowLine();
    private final Map<Student, CheckBox> boxes = new LinkedHashMap<>();
    private final AssignmentField field;

    /** What the user has chosen. */
    public interface Assigning {
        void assign(List<Student> to, AssignmentField.Entered how);
    }

    /** @param leave closes the pane */
    public AssignPane(OpenBook book, Assigning assigning, Runnable leave) {
        this.book = book;
        setId("assign-pane");
        getStyleClass().add("start");
        field = new AssignmentField(book::today, entered -> {
            leave.run();
            assigning.assign(chosen(), entered);
        });
        field.setMaxWidth(520);
        getChildren()
                .setAll(
                        new HBox(16, title, new SmallButton("Cancel", "assign-cancel", leave)),
                        new VerticalScroll(new VBox(
                                10,
                                heading("Groups"),
                                groups,
                                heading("Students"),
                                students,
                                heading("How, and until when"),
                                field)));
        addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ESCAPE) {
                leave.run();
                event.consume();
            }
        });
    }

    private static Label heading(String text) {
        return new WrappedLabel(text, "pane-title");
    }

    /** Shows all students, none of them chosen. */
    public void show(Exercise exercise) {
        title.setText("Assign \"" + exercise.name() + "\"");
        field.offer(exercise);
        boxes.clear();
        List<Student> all = book.book().isEmpty()
                ? List.of()
                : book.ask(one -> one.students().students()).orElse(List.of());
        for (Student student : all) {
            CheckBox box = new CheckBox(student.name());
            box.setId("assign-to-" + boxes.size());
            box.selectedProperty().addListener(change -> field.setDisable(chosen().isEmpty()));
            boxes.put(student, box);
        }
        students.getChildren().setAll(boxes.values());
        if (all.isEmpty()) {
            students.getChildren()
                    .setAll(new WrappedLabel("No students yet. Add one under Students (Ctrl+7).", "quiet"));
        }
        groups.getChildren().clear();
        List<String> names = all.stream()
                .flatMap(student -> student.groups().stream())
                .distinct()
                .sorted(String.CASE_INSENSITIVE_ORDER)
                .toList();
        for (String name : names) {
            groups.getChildren().add(new SmallButton(name, "assign-group-" + names.indexOf(name), () -> choose(name)));
        }
        if (names.isEmpty()) {
            groups.getChildren()
                    .setAll(new WrappedLabel("Put students in a group on their page, such as Beginners.", "quiet"));
        }
        field.setDisable(true);
    }

    /** Chooses everybody in a group, or nobody of it where all are chosen. */
    private void choose(String group) {
        List<CheckBox> members = boxes.entrySet().stream()
                .filter(one -> one.getKey().isIn(group))
                .map(Map.Entry::getValue)
                .toList();
        boolean all = members.stream().allMatch(CheckBox::isSelected);
        members.forEach(box -> box.setSelected(!all));
    }

    private List<Student> chosen() {
        return boxes.entrySet().stream()
                .filter(one -> one.getValue().isSelected())
                .map(Map.Entry::getKey)
                .toList();
    }
}
