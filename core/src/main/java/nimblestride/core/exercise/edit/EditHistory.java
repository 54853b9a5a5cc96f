package nimblestride.core.exercise.edit;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.exercise.model.Exercise;

/**
 * An exercise with the ones before it and the ones that were undone. Undo is a list of old exercises.
 *
 * @param past oldest first
 * @param future last undone first
 */
public record EditHistory(List<Exercise> past, Exercise present, List<Exercise> future) {
    /** The most steps that can be undone. */
    public static final int MAX_LENGTH = 1_000;

    public EditHistory {
        past = List.copyOf(past);
        future = List.copyOf(future);
    }

    /** Returns a history without steps. */
    public static EditHistory of(Exercise present) {
        return new EditHistory(List.of(), present, List.of());
    }

    /** Adds a step, and drops what had been undone. An edit that changes nothing is no step. */
    public EditHistory edit(Exercise next) {
        if (next.equals(present)) {
            return this;
        }
        List<Exercise> longer = new ArrayList<>(past);
        longer.add(present);
        return new EditHistory(longer.subList(Math.max(0, longer.size() - MAX_LENGTH), longer.size()), next, List.of());
    }

    /** Changes the present without a step: the next keystroke of the same typing. */
    public EditHistory amend(Exercise next) {
        return new EditHistory(past, next, List.of());
    }

    /** Selects another section, which is no edit. */
    public EditHistory withSelected(int content) {
        return new EditHistory(past, present.withSelected(content), future);
    }

    /** Returns whether there is a step to undo. */
    public boolean canUndo() {
        return !past.isEmpty();
    }

    /** Returns whether there is a step to redo. */
    public boolean canRedo() {
        return !future.isEmpty();
    }

    /** Undoes the last step; does nothing if there is none. */
    public EditHistory undo() {
        if (!canUndo()) {
            return this;
        }
        List<Exercise> longer = new ArrayList<>();
        longer.add(present);
        longer.addAll(future);
        return new EditHistory(past.subList(0, past.size() - 1), past.get(past.size() - 1), longer);
    }

    /** Redoes the last step undone; does nothing if there is none. */
    public EditHistory redo() {
        if (!canRedo()) {
            return this;
        }
        List<Exercise> longer = new ArrayList<>(past);
        longer.add(present);
        return new EditHistory(longer, future.get(0), future.subList(1, future.size()));
    }
}
