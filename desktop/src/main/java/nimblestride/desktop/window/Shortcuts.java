package nimblestride.desktop.window;

import javafx.geometry.Insets;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuBar;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import javafx.stage.Stage;

/** The list of all shortcuts, read from the menus, so that it never tells a different story. */
final class Shortcuts {
    private Shortcuts() {}

    static void show(Stage stage, MenuBar menus) {
        GridPane grid = new GridPane();
        grid.setHgap(28);
        grid.setVgap(5);
        grid.setPadding(new Insets(8));
        for (Menu menu : menus.getMenus()) {
            for (MenuItem item : menu.getItems()) {
                if (item.getAccelerator() != null) {
                    add(
                            grid,
                            item.getAccelerator().getDisplayText(),
                            item.getText().replace("…", ""));
                }
            }
        }
        add(grid, "Space", "Play and stop, outside a text field");
        add(grid, "Shift+Space", "Play from the first bar in view");
        add(grid, "Enter", "Press the button or tick the box in focus");
        add(grid, "Esc", "Put back the last good text; leave the field");
        add(grid, "Arrows, Page Up, Page Down, Home, End", "Move along the Road");
        add(grid, "+  -  0", "Zoom the Road, and fit the phrase");
        add(grid, "Arrows on the Weave", "From hit to hit; with Shift, start the layer in hand elsewhere");
        add(grid, "Up, Down in the tempo", "One beat a minute more or less");
        add(grid, "Enter, Ctrl+C on a finding", "Show its place; copy it");
        Dialog<ButtonType> dialog = new Dialog<>();
        dialog.initOwner(stage);
        dialog.setTitle("Shortcuts - Nimble Stride");
        dialog.getDialogPane().setContent(grid);
        dialog.getDialogPane().getButtonTypes().setAll(ButtonType.CLOSE);
        dialog.getDialogPane().setStyle(stage.getScene().getRoot().getStyle());
        dialog.getDialogPane().getStylesheets().setAll(stage.getScene().getStylesheets());
        dialog.showAndWait();
    }

    private static void add(GridPane grid, String keys, String what) {
        Label label = new Label(keys);
        label.getStyleClass().add("keys");
        label.setMinWidth(Region.USE_PREF_SIZE);
        Label meaning = new Label(what);
        meaning.setMinWidth(Region.USE_PREF_SIZE);
        grid.addRow(grid.getRowCount(), label, meaning);
    }
}
