package nimblestride.desktop.document.library;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.function.BooleanSupplier;
import java.util.function.Predicate;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.service.Status;

/**
 * Undoes and redoes what was done in this window, the last first: edits of the open exercise, and changes to the Book.
 * Belongs to the interface thread.
 */
public final class UndoHistory {
    private static final int MAX_LENGTH = 1_000;

    private final ExerciseDocument document;
    private final Status status;
    /** What can be undone, the last first. */
    private final Deque<Step> done = new ArrayDeque<>();

    private final Deque<Step> undone = new ArrayDeque<>();
    private final ReadOnlyBooleanWrapper canUndo = new ReadOnlyBooleanWrapper();
    private final ReadOnlyBooleanWrapper canRedo = new ReadOnlyBooleanWrapper();
    private boolean running;

    /** One step. Returns whether it could be done. */
    private interface Step {
        boolean undo();

        boolean redo();

        /** Says what was done; empty where the user sees it. */
        String what();
    }

    /** An edit of the open exercise; the document knows the rest. */
    private final class Edit implements Step {
        @Override
        public boolean undo() {
            document.undo();
            return true;
        }

        @Override
        public boolean redo() {
            document.redo();
            return true;
        }

        @Override
        public String what() {
            return "";
        }
    }

    private record BookChange(String what, BooleanSupplier undoing, BooleanSupplier redoing) implements Step {
        @Override
        public boolean undo() {
            return undoing.getAsBoolean();
        }

        @Override
        public boolean redo() {
            return redoing.getAsBoolean();
        }
    }

    /** @param status shows what was undone */
    public UndoHistory(ExerciseDocument document, Status status) {
        this.document = document;
        this.status = status;
        document.onStep(() -> add(new Edit()));
        document.onOpened(this::opened);
        document.exerciseProperty().addListener(change -> show());
        opened();
    }

    /** Edits can be undone while their exercise is open. */
    private void opened() {
        undone.removeIf(Edit.class::isInstance);
        done.removeIf(Edit.class::isInstance);
        for (int i = 0; i < document.steps(); i++) {
            done.addLast(new Edit());
        }
        show();
    }

    /**
     * Adds a change to the Book.
     *
     * @param what was done, such as {@code removed "Weir Steps"}
     * @param undo undoes it; returns whether it did
     * @param redo does it again; returns whether it did
     */
    void add(String what, BooleanSupplier undo, BooleanSupplier redo) {
        document.endBurst();
        add(new BookChange(what, undo, redo));
    }

    private void add(Step step) {
        if (running) {
            return;
        }
        done.push(step);
        undone.clear();
        if (done.size() > MAX_LENGTH) {
            done.removeLast();
        }
        show();
    }

    /** Returns whether there is something to undo. */
    public ReadOnlyBooleanProperty canUndoProperty() {
        return canUndo.getReadOnlyProperty();
    }

    /** Returns whether there is something to redo. */
    public ReadOnlyBooleanProperty canRedoProperty() {
        return canRedo.getReadOnlyProperty();
    }

    /** Undoes the last step, and says what it was where that is not in sight. */
    public void undo() {
        run(done, Step::undo, undone, "Undid: ");
    }

    /** Redoes the last step undone, and says what it was where that is not in sight. */
    public void redo() {
        run(undone, Step::redo, done, "Did again: ");
    }

    /** Runs a step without recording the edits it makes. A step that fails has shown why, and is dropped. */
    private void run(Deque<Step> from, Predicate<Step> way, Deque<Step> to, String said) {
        if (from.isEmpty()) {
            return;
        }
        Step step = from.pop();
        running = true;
        try {
            if (way.test(step)) {
                to.push(step);
                if (!step.what().isEmpty()) {
                    status.show(said + step.what() + ".");
                }
            }
        } finally {
            running = false;
        }
        show();
    }

    private void show() {
        canUndo.set(!done.isEmpty());
        canRedo.set(!undone.isEmpty());
    }
}
