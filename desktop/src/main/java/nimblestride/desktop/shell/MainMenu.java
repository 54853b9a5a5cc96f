package nimblestride.desktop.shell;

import javafx.scene.control.MenuBar;

/** Holds every command with its shortcut. */
final class MainMenu extends MenuBar {
    MainMenu(FileMenu file, EditMenu edit, PlayMenu play, ViewMenu view, HelpMenu help) {
        getMenus().setAll(file, edit, play, view, help);
        help.listShortcutsOf(this);
    }
}
