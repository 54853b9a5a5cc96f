package nimblestride.desktop.workspace.students;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import nimblestride.core.practice.journal.LogEntry;
import nimblestride.core.practice.students.Assignment;
import nimblestride.core.practice.students.AssignmentProgress;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.WrappedLabel;

/** Shows an assignment: its state, the student's progress, and what can be done with it. */
final class AssignmentCard extends VBox {
    /** Acts on an assignment. */
    interface Actions {
        void done(Assignment assignment);

        void open(UUID exercise);

        void remove(Assignment assignment);
    }

    AssignmentCard(Assignment assignment, List<LogEntry> log, LocalDate today, Actions actions) {
        super(3);
        getStyleClass().add("way-card");
        getChildren().add(new WrappedLabel(assignment.what() + ", " + assignment.stateOn(today), "entry-name"));
        if (!assignment.note().isBlank()) {
            getChildren().add(new WrappedLabel(assignment.note(), "said"));
        }
        getChildren()
                .add(new WrappedLabel(AssignmentProgress.of(assignment, log).description(), "quiet"));
        String id = assignment.what().toLowerCase(Locale.ROOT).replaceAll("[^a-z]+", "-");
        HBox buttons = new HBox(new SmallButton(
                assignment.done().isPresent() ? "Mark as not done" : "Done",
                "done-" + id,
                () -> actions.done(assignment)));
        buttons.getStyleClass().add("add-line");
        assignment.exercise().ifPresent(exercise -> buttons.getChildren()
                .add(new SmallButton("Open", "open-" + id, () -> actions.open(exercise))));
        buttons.getChildren().add(new SmallButton("Remove", "remove-" + id, () -> actions.remove(assignment)));
        getChildren().add(buttons);
    }
}
