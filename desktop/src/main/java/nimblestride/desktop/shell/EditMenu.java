package nimblestride.desktop.shell;

import java.util.function.UnaryOperator;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import nimblestride.core.exercise.edit.RewriteEdits;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.document.library.UndoHistory;
import nimblestride.desktop.service.Status;

/** The Edit menu: undo, redo, paste, history, and writing the same music in other bars or values. */
final class EditMenu extends Menu {
    private final ExerciseDocument document;
    private final Status status;

    EditMenu(
            ExerciseDocument document,
            UndoHistory steps,
            HistoryView history,
            AssignView assign,
            FileActions files,
            Status status) {
        super("Edit");
        this.document = document;
        this.status = status;
        MenuItem undo = MenuItems.item("Undo", "Shortcut+Z", steps::undo);
        undo.disableProperty().bind(steps.canUndoProperty().not());
        MenuItem redo = MenuItems.item("Redo", "Shortcut+Shift+Z", steps::redo);
        redo.disableProperty().bind(steps.canRedoProperty().not());
        getItems()
                .setAll(
                        undo,
                        redo,
                        MenuItems.item("Paste a score or file", "Shortcut+V", files::paste),
                        new SeparatorMenuItem(),
                        MenuItems.item("Name this state…", "Shortcut+S", history::name),
                        MenuItems.item("History…", "Shortcut+H", history::showHistory),
                        MenuItems.item("Assign to students…", "Shortcut+Shift+A", assign::show),
                        MenuItems.item("Recently removed…", "Shortcut+Shift+U", history::showRemoved),
                        new SeparatorMenuItem(),
                        MenuItems.item("Write as one long bar", "Shortcut+L", () -> rewrite(RewriteEdits::joinBars)),
                        MenuItems.item(
                                "Double the note values", "Shortcut+UP", () -> rewrite(RewriteEdits::doubleValues)),
                        MenuItems.item(
                                "Halve the note values", "Shortcut+DOWN", () -> rewrite(RewriteEdits::halveValues)));
    }

    private void rewrite(UnaryOperator<Exercise> rewriting) {
        try {
            Exercise before = document.exerciseProperty().get();
            document.edit(rewriting);
            status.show(
                    document.exerciseProperty().get().equals(before)
                            ? "It already is."
                            : "Bars rewritten. Layers that follow the bar now follow the new bars.");
        } catch (StrideException e) {
            status.show("I can't rewrite these bars: " + e.getMessage() + ".");
        }
    }
}
