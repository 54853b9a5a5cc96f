package nimblestride.desktop.workspace.students;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.FlowLine;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.field.TypedField;

/** Assigns the open exercise: until when, at which tempo, and how to do it. */
public final class AssignmentField extends VBox {
    private static final int DEFAULT_DAYS = 7;
    private static final int MAX_SHOWN = 22;

    private final SmallButton button;
    private final TextField how = new TextField();
    private final TypedField<Optional<LocalDate>> due;
    private final TypedField<Optional<Tempo>> at;
    private Optional<LocalDate> day;
    private Optional<Tempo> tempo = Optional.empty();
    private NoteValue beat = NoteValue.QUARTER;

    /**
     * What was entered.
     *
     * @param due the last day to do it; empty for none
     * @param tempo to play it at; empty for its own
     * @param how in the teacher's words; may be empty
     */
    public record Entered(Optional<LocalDate> due, Optional<Tempo> tempo, String how) {}

    AssignmentField(Supplier<LocalDate> today, Consumer<Entered> assigned) {
        super(4);
        day = Optional.of(today.get().plusDays(DEFAULT_DAYS));
        due = new TypedField<>(
                text -> read(text, today.get()),
                one -> one.map(LocalDate::toString).orElse(""),
                one -> day = one,
                () -> {});
        due.field().setId("assign-due");
        due.field().setAccessibleText("Due date, such as 2026-12-01, or empty");
        due.setPrefWidth(110);
        due.setMinWidth(110);
        due.show(day);
        at = new TypedField<>(
                text -> text.isBlank() ? Optional.empty() : Optional.of(TempoText.read(text, beat)),
                one -> one.map(TempoText::write).orElse(""),
                one -> tempo = one,
                () -> {});
        at.field().setId("assign-tempo");
        at.field().setPromptText("its tempo");
        at.field().setAccessibleText("Tempo, such as 96 or 1/8=150; empty for the exercise's own");
        at.setPrefWidth(90);
        at.setMinWidth(90);
        how.setId("assign-how");
        how.setPromptText("Note: count aloud");
        how.setAccessibleText("Note for the student");
        HBox.setHgrow(how, Priority.ALWAYS);
        button = new SmallButton("Assign", "assign", () -> {
            // What can't be read stays, and is shown.
            for (TypedField<?> field : List.of(due, at)) {
                if (field.isWrong()) {
                    field.field().requestFocus();
                    return;
                }
            }
            assigned.accept(new Entered(day, tempo, how.getText().strip()));
            how.clear();
            tempo = Optional.empty();
            at.show(tempo);
        });
        HBox first = new HBox(how);
        first.getStyleClass().add("add-line");
        getChildren().setAll(first, new FlowLine(pair("due", due), pair("at", at), button));
    }

    /** A field with its caption, which stay together in a narrow place. */
    private static HBox pair(String caption, Node field) {
        HBox pair = new HBox(6, new Caption(caption), field);
        pair.setAlignment(Pos.CENTER_LEFT);
        return pair;
    }

    private static Optional<LocalDate> read(String text, LocalDate today) {
        if (text.isBlank()) {
            return Optional.empty();
        }
        try {
            LocalDate day = LocalDate.parse(text.strip());
            if (!day.isBefore(today)) {
                return Optional.of(day);
            }
        } catch (DateTimeParseException e) {
            // States what the field accepts.
        }
        throw new InvalidValueException("type today or a later day, such as " + today.plusDays(DEFAULT_DAYS));
    }

    /** Names the exercise to assign. */
    void offer(Exercise exercise) {
        String name = exercise.name();
        beat = exercise.tempo().beat();
        button.setText(
                "Assign \"" + (name.length() > MAX_SHOWN ? name.substring(0, MAX_SHOWN - 1) + "…" : name) + "\"");
    }
}
