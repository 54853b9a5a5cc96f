package nimblestride.desktop.document.exercise;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import nimblestride.core.exercise.edit.EditHistory;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.Tempo;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.formats.json.DraftJson.Draft;
import nimblestride.formats.json.DraftJson.InBook;

/**
 * The open exercise of a window, with its history and its file. All methods belong to the interface thread. The
 * analysis runs in the background, and only the newest one is shown.
 */
public final class ExerciseDocument implements AutoCloseable {
    private final ReadOnlyObjectWrapper<Exercise> exercise = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<AnalyzedExercise> answer = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyBooleanWrapper canUndo = new ReadOnlyBooleanWrapper();
    private final ReadOnlyBooleanWrapper canRedo = new ReadOnlyBooleanWrapper();
    private final ReadOnlyObjectWrapper<Optional<Path>> file = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Optional<InBook>> inBook = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyBooleanWrapper saved = new ReadOnlyBooleanWrapper();
    private final LatestOnly answers = new LatestOnly("answering");

    private final List<Runnable> laid = new ArrayList<>();
    private EditHistory history;
    private Exercise written;
    private Object burst;

    /** Returns what a new exercise is: one bar of 4/4 at 96 quarters a minute, without layers. */
    public static Draft blank() {
        Phrase phrase = Phrase.of(Bar.of(Meter.of(4, 4)));
        return Draft.of(new Exercise("New exercise", phrase, List.of(), Tempo.ofQuarters(96)));
    }

    /** Opens a draft. */
    public ExerciseDocument(Draft draft) {
        open(draft);
    }

    /** Opens a draft in place of what was open, with a history of its own. */
    public void open(Draft draft) {
        history = EditHistory.of(draft.exercise());
        written = draft.saved() ? draft.exercise() : null;
        burst = null;
        file.set(draft.file());
        inBook.set(draft.inBook());
        laid.forEach(Runnable::run);
        show();
    }

    /** Returns the open exercise, to be saved. */
    public Draft draft() {
        return new Draft(history.present(), file.get(), inBook.get(), saved.get());
    }

    /** Returns the open exercise. */
    public ReadOnlyObjectProperty<Exercise> exerciseProperty() {
        return exercise.getReadOnlyProperty();
    }

    /** Returns what follows from the exercise; for a moment after an edit, still from the one before. */
    public ReadOnlyObjectProperty<AnalyzedExercise> analyzedProperty() {
        return answer.getReadOnlyProperty();
    }

    /** Runs a listener each time another exercise is opened, and not when one is edited or saved. */
    public void onOpened(Runnable listener) {
        laid.add(listener);
    }

    /** Returns whether there is a step to undo. */
    public ReadOnlyBooleanProperty canUndoProperty() {
        return canUndo.getReadOnlyProperty();
    }

    /** Returns whether there is a step to redo. */
    public ReadOnlyBooleanProperty canRedoProperty() {
        return canRedo.getReadOnlyProperty();
    }

    /** Returns the file it belongs to; empty for none. */
    public ReadOnlyObjectProperty<Optional<Path>> fileProperty() {
        return file.getReadOnlyProperty();
    }

    /** Returns the exercise of the Book it is; empty for none. */
    public ReadOnlyObjectProperty<Optional<InBook>> inBookProperty() {
        return inBook.getReadOnlyProperty();
    }

    /** Returns whether the file, or the Book, holds just this exercise. */
    public ReadOnlyBooleanProperty savedProperty() {
        return saved.getReadOnlyProperty();
    }

    /** Edits the exercise, as a step of its own. */
    public void edit(UnaryOperator<Exercise> change) {
        endBurst();
        history = history.edit(change.apply(history.present()));
        show();
    }

    /**
     * Edits the exercise as one of several edits in a row, such as keystrokes in one field, which undo as one step.
     *
     * @param from source of the edits
     */
    public void edit(Object from, UnaryOperator<Exercise> change) {
        Exercise next = change.apply(history.present());
        if (next.equals(history.present())) {
            return;
        }
        history = from.equals(burst) ? history.amend(next) : history.edit(next);
        burst = from;
        show();
    }

    /** Selects another section: no step, and nothing to save. */
    public void selectContent(int content) {
        if (content != history.present().selected()) {
            endBurst();
            history = history.withSelected(content);
            show();
        }
    }

    /** Makes the next edit a step of its own, wherever it comes from. */
    public void endBurst() {
        burst = null;
    }

    /** Undoes the last step. */
    public void undo() {
        endBurst();
        history = history.undo();
        show();
    }

    /** Redoes the last step undone. */
    public void redo() {
        endBurst();
        history = history.redo();
        show();
    }

    /** Notes that the exercise was written to a file. */
    public void savedToFile(Path path, Exercise written) {
        this.written = written;
        inBook.set(Optional.empty());
        file.set(Optional.of(path));
        saved.set(isKept());
    }

    /** Notes that the exercise was saved in the Book. */
    public void savedInBook(InBook kept, Exercise written) {
        this.written = written;
        file.set(Optional.empty());
        inBook.set(Optional.of(kept));
        saved.set(isKept());
    }

    /** Notes that the exercise was removed from the Book: what is open here is nowhere else. */
    public void removedFromBook() {
        written = null;
        inBook.set(Optional.empty());
        saved.set(false);
    }

    private boolean isKept() {
        return written != null && history.present().withSelected(0).equals(written.withSelected(0));
    }

    private void show() {
        Exercise present = history.present();
        exercise.set(present);
        canUndo.set(history.canUndo());
        canRedo.set(history.canRedo());
        saved.set(isKept());
        Optional<AnalyzedExercise> last = Optional.ofNullable(answer.get());
        answers.askAndWaitBriefly(
                () -> last.map(before -> before.after(present)).orElseGet(() -> AnalyzedExercise.of(present)),
                answer::set);
    }

    @Override
    public void close() {
        answers.close();
    }
}
