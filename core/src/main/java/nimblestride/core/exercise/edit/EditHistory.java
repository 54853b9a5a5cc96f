package nimblestride.core.exercise.edit;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.exercise.model.Exercise;

/**
 * An exercise with the ones it came from and the ones that were undone: undo is a list of old exercises.
 *
 * @param past oldest first
 * @param future the one undone last first
 */
public record EditHistory(List<Exercise> past, Exercise present, List<Exercise> future) {
    /** How many steps back are kept. */
    public static final int MAX_LENGTH = 1_000;

    public EditHistory {
        past = List.copyOf(past);
        future = List.copyOf(future);
    }

    public static EditHistory of(Exercise present) {
        return new EditHistory(List.of(), present, List.of());
    }

    /** A step on; what had been undone is given up. An edit that changes nothing is no step. */
    public EditHistory edit(Exercise next) {
        if (next.equals(present)) {
            return this;
        }
        List<Exercise> longer = new ArrayList<>(past);
        longer.add(present);
        return new EditHistory(longer.subList(Math.max(0, longer.size() - MAX_LENGTH), longer.size()), next, List.of());
    }

    /** Changes the present without a step of its own: the further keystrokes of one piece of typing. */
    public EditHistory amend(Exercise next) {
        return new EditHistory(past, next, List.of());
    }

    /** Takes another feel in hand, which is no edit. */
    public EditHistory withSelected(int content) {
        return new EditHistory(past, present.withSelected(content), future);
    }

    public boolean canUndo() {
        return !past.isEmpty();
    }

    public boolean canRedo() {
        return !future.isEmpty();
    }

    public EditHistory undo() {
        if (!canUndo()) {
            return this;
        }
        List<Exercise> longer = new ArrayList<>();
        longer.add(present);
        longer.addAll(future);
        return new EditHistory(past.subList(0, past.size() - 1), past.get(past.size() - 1), longer);
    }

    public EditHistory redo() {
        if (!canRedo()) {
            return this;
        }
        List<Exercise> longer = new ArrayList<>(past);
        longer.add(present);
        return new EditHistory(longer, future.get(0), future.subList(1, future.size()));
    }
}
