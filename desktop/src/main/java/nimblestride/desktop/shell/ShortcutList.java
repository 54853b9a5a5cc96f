package nimblestride.desktop.shell;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuBar;
import javafx.scene.control.MenuItem;
import nimblestride.desktop.workspace.help.HelpListEntry;

/** Lists all shortcuts, read from the menus, so that the list always matches them. */
final class ShortcutList {
    private static final List<HelpListEntry> BESIDE_THE_MENUS = List.of(
            new HelpListEntry("Space", "Play or stop (in a text field only while it is empty)"),
            new HelpListEntry("Shift+Space", "Play from the first bar in view"),
            new HelpListEntry(
                    "F6, Shift+F6", "Next or previous part of the window: bars, Road, workspace, findings, Book"),
            new HelpListEntry("F10", "Open the menus"),
            new HelpListEntry("Enter", "Press the focused button or check the focused box"),
            new HelpListEntry("Esc", "Restore the last good text and leave the field"),
            new HelpListEntry("Arrows, Page Up, Page Down, Home, End", "Move along the Road"),
            new HelpListEntry("+, -, 0", "Zoom the Road, and fit the phrase"),
            new HelpListEntry("Arrows on the Weave", "Move from hit to hit. With Shift, move the layer's start"),
            new HelpListEntry("Up, Down in the tempo", "Change the tempo by 1 BPM"),
            new HelpListEntry("Tab in a part", "Complete the name or the bar"),
            new HelpListEntry(
                    "Enter, T, C, P on a variation", "Use it, tick it as practiced, compare others with it, play it"),
            new HelpListEntry("Enter, I, Ctrl+C on a finding", "Show its place, explain its terms, copy it"));

    private ShortcutList() {}

    static List<HelpListEntry> all(MenuBar menus) {
        List<HelpListEntry> all = new ArrayList<>();
        for (Menu menu : menus.getMenus()) {
            for (MenuItem item : menu.getItems()) {
                if (item.getAccelerator() != null) {
                    all.add(new HelpListEntry(
                            item.getAccelerator().getDisplayText(),
                            item.getText().replace("…", "")));
                }
            }
        }
        all.addAll(BESIDE_THE_MENUS);
        return all;
    }
}
