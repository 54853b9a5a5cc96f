package nimblestride.desktop.workspace.students;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.animation.PauseTransition;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import nimblestride.core.foundation.words.SpokenDate;
import nimblestride.core.practice.students.Lesson;
import nimblestride.core.practice.students.Student;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;

/** Takes notes of today's lesson and of what comes next, saved as they are typed; earlier lessons stand below. */
final class LessonNotes extends VBox {
    private static final Duration KEPT_AFTER = Duration.seconds(2);

    private final Supplier<LocalDate> today;
    private final Consumer<Lesson> keep;
    private final TextArea notes = area("lesson-notes", "What you did today");
    private final TextArea next = area("lesson-next", "What comes next");
    private final VBox before = new VBox(8);
    private final PauseTransition pause = new PauseTransition(KEPT_AFTER);
    private Optional<Student> student = Optional.empty();
    private Optional<Lesson> lesson = Optional.empty();
    private boolean showing;

    /** @param keep receives the lesson when typing pauses or the field is left */
    LessonNotes(Supplier<LocalDate> today, Consumer<Lesson> keep) {
        super(4);
        this.today = today;
        this.keep = keep;
        pause.setOnFinished(event -> keep());
        for (TextArea area : List.of(notes, next)) {
            area.textProperty().addListener(change -> {
                if (!showing) {
                    pause.playFromStart();
                }
            });
            area.focusedProperty().addListener((property, was, focused) -> {
                if (!focused) {
                    keep();
                }
            });
        }
        getChildren().setAll(new Caption("Today"), notes, new Caption("Next time"), next, new VerticalScroll(before));
        VBox.setVgrow(this, Priority.ALWAYS);
    }

    private static TextArea area(String id, String what) {
        TextArea area = new TextArea();
        area.setId(id);
        area.setWrapText(true);
        area.setPrefRowCount(2);
        area.setMinHeight(52);
        area.setAccessibleText(what);
        return area;
    }

    /** Saves what has been typed, if anything. */
    void keep() {
        pause.stop();
        boolean changed = lesson.map(one ->
                        !one.notes().equals(notes.getText()) || !one.next().equals(next.getText()))
                .orElse(!notes.getText().isBlank() || !next.getText().isBlank());
        if (!showing && changed) {
            student.ifPresent(whose -> {
                UUID id = lesson.map(Lesson::id).orElseGet(UUID::randomUUID);
                Lesson written = new Lesson(id, whose.id(), today.get(), notes.getText(), next.getText());
                lesson = Optional.of(written);
                keep.accept(written);
            });
        }
    }

    /** Shows a student's lessons; keeps what is being typed. */
    void show(Student whose, List<Lesson> lessons) {
        boolean same = student.map(Student::id).equals(Optional.of(whose.id()));
        if (!same) {
            keep();
        }
        student = Optional.of(whose);
        setDisable(false);
        show(lessons, same);
    }

    /** Shows none, as no student is chosen. */
    void clear() {
        boolean same = student.isEmpty();
        if (!same) {
            keep();
        }
        student = Optional.empty();
        setDisable(true);
        show(List.of(), same);
    }

    /** @param same whether the lessons are those of the student shown before */
    private void show(List<Lesson> lessons, boolean same) {
        showing = true;
        Optional<Lesson> of =
                lessons.stream().filter(one -> one.day().equals(today.get())).findFirst();
        if (!same || !(notes.isFocused() || next.isFocused())) {
            lesson = of;
            notes.setText(of.map(Lesson::notes).orElse(""));
            next.setText(of.map(Lesson::next).orElse(""));
        }
        before.getChildren().clear();
        for (Lesson one : lessons) {
            if (!one.day().equals(today.get())) {
                before.getChildren()
                        .add(past(SpokenDate.brief(one.day()) + ": " + one.notes()
                                + (one.next().isBlank() ? "" : " Next: " + one.next())));
            }
        }
        showing = false;
    }

    private static Label past(String text) {
        return new WrappedLabel(text, "quiet");
    }
}
