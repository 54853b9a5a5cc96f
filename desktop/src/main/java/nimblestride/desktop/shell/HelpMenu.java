package nimblestride.desktop.shell;

import javafx.scene.control.Menu;
import javafx.scene.control.MenuBar;
import javafx.scene.control.SeparatorMenuItem;
import nimblestride.desktop.failure.DefectLog;
import nimblestride.desktop.service.Dialogs;

/** The Help menu: help, the list of shortcuts, and the log of defects. */
final class HelpMenu extends Menu {
    private final HelpView help;
    private final Dialogs dialogs;
    private final DefectLog defects;

    HelpMenu(HelpView help, Dialogs dialogs, DefectLog defects) {
        super("Help");
        this.help = help;
        this.dialogs = dialogs;
        this.defects = defects;
    }

    /** Fills the menu, with the shortcuts of all menus. */
    void listShortcutsOf(MenuBar menus) {
        getItems()
                .setAll(
                        MenuItems.item("Help", "Shift+F1", help::welcome),
                        MenuItems.item("Shortcuts", "F1", () -> help.shortcuts(ShortcutList.all(menus))),
                        new SeparatorMenuItem(),
                        MenuItems.item(
                                "Program log…", "Shortcut+F1", () -> dialogs.showText("Program log", defects.text())));
    }
}
