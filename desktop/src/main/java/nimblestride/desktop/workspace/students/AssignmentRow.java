package nimblestride.desktop.workspace.students;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import javafx.scene.layout.HBox;
import nimblestride.core.practice.journal.LogEntry;
import nimblestride.core.practice.students.Assignment;
import nimblestride.core.practice.students.AssignmentProgress;
import nimblestride.desktop.ui.control.SentenceRow;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.WrappedLabel;

/** Makes the row of an assignment: its state, the student's progress, and what can be done with it. */
final class AssignmentRow {
    /** Acts on an assignment. */
    interface Actions {
        void done(Assignment assignment);

        void open(UUID exercise);

        void remove(Assignment assignment);
    }

    private AssignmentRow() {}

    static SentenceRow of(Assignment assignment, List<LogEntry> log, LocalDate today, Actions actions) {
        String id = assignment.what().toLowerCase(Locale.ROOT).replaceAll("[^a-z]+", "-");
        HBox buttons = new HBox(
                6,
                new SmallButton(
                        assignment.done().isPresent() ? "Mark as not done" : "Done",
                        "done-" + id,
                        () -> actions.done(assignment)));
        assignment.exercise().ifPresent(exercise -> buttons.getChildren()
                .add(new SmallButton("Open", "open-" + id, () -> actions.open(exercise))));
        buttons.getChildren().add(new SmallButton("Remove", "remove-" + id, () -> actions.remove(assignment)));
        SentenceRow row = SentenceRow.above(buttons);
        row.setId("assigned-" + id);
        row.say(assignment.what()
                + assignment.tempo().map(tempo -> " at " + tempo.spoken()).orElse("") + ", "
                + assignment.stateOn(today));
        if (!assignment.note().isBlank()) {
            row.add(new WrappedLabel(assignment.note()));
        }
        row.add(new WrappedLabel(AssignmentProgress.of(assignment, log).description(), "quiet"));
        return row;
    }
}
