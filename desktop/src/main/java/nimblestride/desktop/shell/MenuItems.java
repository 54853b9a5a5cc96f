package nimblestride.desktop.shell;

import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCombination;

/** Makes menu items with a shortcut each. */
final class MenuItems {
    private MenuItems() {}

    /** Makes an item. {@code keys} are in the form of {@link KeyCombination#valueOf}: {@code Shortcut+S}. */
    static MenuItem item(String text, String keys, Runnable action) {
        MenuItem item = item(text, action);
        item.setAccelerator(KeyCombination.valueOf(keys));
        return item;
    }

    /** Makes an item without a shortcut. */
    static MenuItem item(String text, Runnable action) {
        MenuItem item = new MenuItem(text);
        item.setOnAction(event -> action.run());
        return item;
    }

    /** Makes an item with a check mark. */
    static CheckMenuItem check(String text, String keys) {
        CheckMenuItem item = new CheckMenuItem(text);
        item.setAccelerator(KeyCombination.valueOf(keys));
        return item;
    }
}
