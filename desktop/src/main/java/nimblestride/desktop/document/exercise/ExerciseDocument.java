package nimblestride.desktop.document.exercise;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
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
 * The open exercise of a window, with the steps to undo. All methods belong to the interface thread. The analysis runs
 * in the background, and only the newest one is shown.
 */
public final class ExerciseDocument implements AutoCloseable {
    private static final int MAX_EARLIER = 20;

    private final ReadOnlyObjectWrapper<Exercise> exercise = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<AnalyzedExercise> answer = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyBooleanWrapper canUndo = new ReadOnlyBooleanWrapper();
    private final ReadOnlyBooleanWrapper canRedo = new ReadOnlyBooleanWrapper();
    private final ReadOnlyObjectWrapper<Optional<InBook>> inBook = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyBooleanWrapper saved = new ReadOnlyBooleanWrapper();
    private final LatestOnly answers = new LatestOnly("answering");

    private final List<Runnable> laid = new ArrayList<>();
    private final List<Runnable> stepped = new ArrayList<>();
    private final List<Runnable> unsaved = new ArrayList<>();
    /** The steps of exercises that were open before, so that undo still reaches them; the last one opened comes last. */
    private final Map<UUID, EditHistory> earlier = new LinkedHashMap<>();

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

    /**
     * Opens a draft in place of what was open. The steps that led to it can be undone if it was open in this window
     * before.
     */
    public void open(Draft draft) {
        inBook.get().ifPresent(before -> remember(before.id()));
        history = draft.inBook()
                .map(now -> earlier.remove(now.id()))
                .filter(steps -> isSame(steps.present(), draft.exercise()))
                .orElseGet(() -> EditHistory.of(draft.exercise()));
        written = draft.saved() ? draft.exercise() : null;
        burst = null;
        inBook.set(draft.inBook());
        laid.forEach(Runnable::run);
        show();
    }

    private void remember(UUID id) {
        earlier.put(id, history);
        if (earlier.size() > MAX_EARLIER) {
            earlier.remove(earlier.keySet().iterator().next());
        }
    }

    /** Returns the open exercise, to be saved. */
    public Draft draft() {
        return new Draft(history.present(), inBook.get(), saved.get());
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

    /** Runs a listener after each new step that can be undone. */
    public void onStep(Runnable listener) {
        stepped.add(listener);
    }

    /** Runs a listener whenever the Book does not hold just this exercise. */
    public void onUnsaved(Runnable listener) {
        unsaved.add(listener);
    }

    /** Returns whether nobody has done anything yet with a new exercise. */
    public boolean isBlank() {
        return inBook.get().isEmpty() && history.present().equals(blank().exercise());
    }

    /** Returns how many steps can be undone. */
    public int steps() {
        return history.past().size();
    }

    /** Returns whether there is a step to undo. */
    public ReadOnlyBooleanProperty canUndoProperty() {
        return canUndo.getReadOnlyProperty();
    }

    /** Returns whether there is a step to redo. */
    public ReadOnlyBooleanProperty canRedoProperty() {
        return canRedo.getReadOnlyProperty();
    }

    /** Returns the exercise of the Book it is; empty for none. */
    public ReadOnlyObjectProperty<Optional<InBook>> inBookProperty() {
        return inBook.getReadOnlyProperty();
    }

    /** Returns whether the Book holds just this exercise, or nobody has touched it. */
    public ReadOnlyBooleanProperty savedProperty() {
        return saved.getReadOnlyProperty();
    }

    /** Edits the exercise, as a step of its own. */
    public void edit(UnaryOperator<Exercise> change) {
        endBurst();
        Exercise next = change.apply(history.present());
        if (!next.equals(history.present())) {
            step(next);
        }
    }

    private void step(Exercise next) {
        history = history.edit(next);
        stepped.forEach(Runnable::run);
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
        if (from.equals(burst)) {
            history = history.amend(next);
            show();
        } else {
            burst = from;
            step(next);
        }
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

    /** Makes the exercise one of the Book's, though nothing in it has changed: it was practiced, assigned, or named. */
    public void touch() {
        if (inBook.get().isEmpty()) {
            written = null;
            saved.set(false);
            unsaved.forEach(Runnable::run);
        }
    }

    /** Gives the exercise its place in the Book, before it is saved there. */
    public void joinBook(UUID id) {
        inBook.set(Optional.of(new InBook(id, 0)));
    }

    /** Notes that the exercise was saved in the Book; does nothing where another one is open by now. */
    public void savedInBook(InBook kept, Exercise now) {
        if (is(kept.id())) {
            written = now;
            inBook.set(Optional.of(kept));
            saved.set(isKept());
        }
    }

    /** Takes over what another window saved of this exercise, as a step that can be undone. */
    public void receive(InBook kept, Exercise now) {
        if (is(kept.id())) {
            endBurst();
            written = now;
            inBook.set(Optional.of(kept));
            if (isSame(history.present(), now)) {
                saved.set(isKept());
            } else {
                step(now);
            }
        }
    }

    /** Returns whether the open exercise is one of the Book. */
    public boolean is(UUID id) {
        return inBook.get().filter(open -> open.id().equals(id)).isPresent();
    }

    /** Returns whether two states differ in nothing but which section is selected. */
    private static boolean isSame(Exercise one, Exercise other) {
        return one.withSelected(0).equals(other.withSelected(0));
    }

    private boolean isKept() {
        return written != null && isSame(history.present(), written);
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
        if (!saved.get()) {
            unsaved.forEach(Runnable::run);
        }
    }

    @Override
    public void close() {
        answers.close();
    }
}
