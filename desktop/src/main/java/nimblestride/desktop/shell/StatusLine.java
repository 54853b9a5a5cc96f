package nimblestride.desktop.shell;

import java.util.Optional;
import javafx.scene.control.Label;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.service.Status;

/** Shows the last message. A message about one state of the exercise goes away with the next edit. */
final class StatusLine extends Label implements Status {
    private Optional<ExerciseDocument> document = Optional.empty();
    private Optional<Exercise> shownFor = Optional.empty();

    @Override
    public void show(String message) {
        setText(message);
        shownFor = document.map(StatusLine::present);
    }

    /** Adds a message to the one shown: at startup there may be several. */
    void add(String message) {
        show((getText() + " " + message).strip());
    }

    /** Clears each message at the first edit after it, whatever the order of the document's listeners. */
    void clearOnEdit(ExerciseDocument of) {
        document = Optional.of(of);
        shownFor = Optional.of(present(of));
        of.exerciseProperty().addListener(change -> {
            if (!shownFor.equals(Optional.of(present(of)))) {
                show("");
            }
        });
    }

    /** Returns the exercise without its selection, since selecting another section is no edit. */
    private static Exercise present(ExerciseDocument document) {
        return document.exerciseProperty().get().withSelected(0);
    }
}
