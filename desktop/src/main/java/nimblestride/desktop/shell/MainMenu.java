package nimblestride.desktop.shell;

import javafx.beans.property.BooleanProperty;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuBar;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.input.KeyCombination;
import nimblestride.core.exercise.edit.RewriteEdits;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.ui.look.DisplaySizes;
import nimblestride.desktop.view.road.RoadView;

/** Every command with its shortcut. */
final class MainMenu extends MenuBar {
    private final CheckMenuItem bookShown = new CheckMenuItem("The Book");
    private final CheckMenuItem roomForBench = new CheckMenuItem("More room for the bench");
    private final CheckMenuItem night = new CheckMenuItem("Night");
    private final CheckMenuItem reducedMotion = new CheckMenuItem("Less motion");

    MainMenu(
            MainWindow window,
            FileMenu files,
            BookExport book,
            ExerciseDocument document,
            Transport transport,
            RoadView road) {
        Menu file = new Menu("File");
        file.getItems()
                .setAll(
                        item("New", "Shortcut+N", files::newExercise),
                        item("Open…", "Shortcut+O", files::open),
                        item("Bring in a score or MIDI…", "Shortcut+I", files::bringIn),
                        new SeparatorMenuItem(),
                        item("Save", "Shortcut+S", files::save),
                        item("Save as…", "Shortcut+Shift+S", files::saveAs),
                        item("Keep in the Book", "Shortcut+K", files::keepInBook),
                        item("Write the original…", "Shortcut+Shift+O", files::saveOriginal),
                        item("Write a MIDI file…", "Shortcut+M", files::saveMidi),
                        item("Write a WAV file…", "Shortcut+W", window::writeSound),
                        item("Print the sheet…", "Shortcut+P", window::print),
                        new SeparatorMenuItem(),
                        item("Write the whole Book…", "Shortcut+Shift+W", book::everything),
                        item("Back the Book up…", "Shortcut+Shift+B", book::backUp),
                        item("Restore a backup…", "Shortcut+Shift+R", book::restore),
                        new SeparatorMenuItem(),
                        item("Quit", "Shortcut+Q", () -> {
                            window.close();
                            window.stage().close();
                        }));

        Menu edit = new Menu("Edit");
        MenuItem undo = item("Undo", "Shortcut+Z", document::undo);
        undo.disableProperty().bind(document.canUndoProperty().not());
        MenuItem redo = item("Redo", "Shortcut+Shift+Z", document::redo);
        redo.disableProperty().bind(document.canRedoProperty().not());
        edit.getItems()
                .setAll(
                        undo,
                        redo,
                        item("Paste a score or a file", "Shortcut+V", window::paste),
                        new SeparatorMenuItem(),
                        item("Write as one long bar", "Shortcut+L", () -> window.rewrite(RewriteEdits::joinBars)),
                        item(
                                "Write in doubled values",
                                "Shortcut+UP",
                                () -> window.rewrite(RewriteEdits::doubleValues)),
                        item(
                                "Write in halved values",
                                "Shortcut+DOWN",
                                () -> window.rewrite(RewriteEdits::halveValues)));

        Menu view = new Menu("View");
        bookShown.setAccelerator(KeyCombination.valueOf("Shortcut+B"));
        bookShown.setSelected(true);
        roomForBench.setAccelerator(KeyCombination.valueOf("Shortcut+E"));
        night.setAccelerator(KeyCombination.valueOf("Shortcut+D"));
        night.selectedProperty().addListener((property, was, on) -> window.setNight(on));
        view.getItems()
                .setAll(
                        item("Break", "Shortcut+1", () -> window.chooseBench("Break")),
                        item("Place", "Shortcut+2", () -> window.chooseBench("Place")),
                        item("Cross", "Shortcut+3", () -> window.chooseBench("Cross")),
                        item("Shift", "Shortcut+4", () -> window.chooseBench("Shift")),
                        item("Practise", "Shortcut+5", () -> window.chooseBench("Practise")),
                        item("Hand out", "Shortcut+6", () -> window.chooseBench("Hand out")),
                        item("The count, large", "Shortcut+R", window::showCountStand),
                        new SeparatorMenuItem(),
                        item("Closer", "Shortcut+PLUS", road::zoomIn),
                        item("Farther", "Shortcut+MINUS", road::zoomOut),
                        item("Fit the phrase", "Shortcut+0", road::fitPhrase),
                        new SeparatorMenuItem(),
                        item("Everything larger", "Shortcut+Shift+PERIOD", () -> window.resize(DisplaySizes::larger)),
                        item("Everything smaller", "Shortcut+Shift+COMMA", () -> window.resize(DisplaySizes::smaller)),
                        new SeparatorMenuItem(),
                        item("Find in the Book", "Shortcut+F", window::findInBook),
                        bookShown,
                        roomForBench,
                        night,
                        reducedMotion);

        Menu help = new Menu("Help");
        help.getItems()
                .setAll(
                        item("Help", "Shift+F1", window::showHelp),
                        item("Shortcuts", "F1", window::showShortcuts),
                        new SeparatorMenuItem(),
                        item("Program log…", "Shortcut+F1", window::showLog));
        getMenus()
                .setAll(
                        file,
                        edit,
                        new PlayMenu(
                                transport,
                                () -> transport.playFrom(road.firstBarInView()),
                                () -> window.go("Practise", "Click")),
                        view,
                        help);
    }

    private static MenuItem item(String text, String keys, Runnable action) {
        MenuItem item = new MenuItem(text);
        item.setAccelerator(KeyCombination.valueOf(keys));
        item.setOnAction(event -> action.run());
        return item;
    }

    BooleanProperty bookShownProperty() {
        return bookShown.selectedProperty();
    }

    BooleanProperty roomForWorkspaceProperty() {
        return roomForBench.selectedProperty();
    }

    BooleanProperty darkModeProperty() {
        return night.selectedProperty();
    }

    BooleanProperty reducedMotionProperty() {
        return reducedMotion.selectedProperty();
    }
}
