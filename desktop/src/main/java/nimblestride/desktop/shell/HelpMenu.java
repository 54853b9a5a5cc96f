package nimblestride.desktop.shell;

import javafx.scene.control.Menu;
import javafx.scene.control.MenuBar;
import javafx.scene.control.SeparatorMenuItem;
import nimblestride.desktop.failure.DefectLog;
import nimblestride.desktop.service.Dialogs;
import nimblestride.desktop.workspace.help.About;

/** The Help menu: help, the list of shortcuts, and the log of defects. */
final class HelpMenu extends Menu {
    private final HelpView help;
    private final Dialogs dialogs;
    private final DefectLog defects;
    private final StartView start;

    HelpMenu(HelpView help, StartView start, Dialogs dialogs, DefectLog defects) {
        super("Help");
        this.help = help;
        this.start = start;
        this.dialogs = dialogs;
        this.defects = defects;
    }

    /** Fills the menu, with the shortcuts of all menus. */
    void listShortcutsOf(MenuBar menus) {
        getItems()
                .setAll(
                        MenuItems.item("Help", "Shift+F1", help::welcome),
                        MenuItems.item("Start page", "Shortcut+Shift+H", start::show),
                        MenuItems.item("Shortcuts", "F1", () -> help.shortcuts(ShortcutList.all(menus))),
                        new SeparatorMenuItem(),
                        MenuItems.item(
                                "About Nimble Stride", () -> dialogs.showText("About Nimble Stride", About.text())),
                        MenuItems.item(
                                "Program log…", "Shortcut+F1", () -> dialogs.showText("Program log", defects.text())));
    }
}
