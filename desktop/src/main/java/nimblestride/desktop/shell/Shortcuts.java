package nimblestride.desktop.shell;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuBar;
import javafx.scene.control.MenuItem;
import nimblestride.desktop.workspace.help.Entry;

/** The list of all shortcuts, read from the menus, so that it never tells a different story. */
final class Shortcuts {
    private static final List<Entry> BESIDE_THE_MENUS = List.of(
            new Entry("Space", "Play and stop, outside a text field"),
            new Entry("Shift+Space", "Play from the first bar in view"),
            new Entry(
                    "F6, Shift+F6",
                    "To the next part of the window, or the one before: bars, Road, bench, findings, Book"),
            new Entry("F10", "To the menus"),
            new Entry("Enter", "Press the button or tick the box in focus"),
            new Entry("Esc", "Put back the last good text; leave the field"),
            new Entry("Arrows, Page Up, Page Down, Home, End", "Move along the Road"),
            new Entry("+, -, 0", "Zoom the Road, and fit the phrase"),
            new Entry("Arrows on the Weave", "From hit to hit; with Shift, start the layer in hand elsewhere"),
            new Entry("Up, Down in the tempo", "One beat a minute more or less"),
            new Entry("Enter, I, Ctrl+C on a finding", "Show its place; explain its terms; copy it"));

    private Shortcuts() {}

    static List<Entry> all(MenuBar menus) {
        List<Entry> all = new ArrayList<>();
        for (Menu menu : menus.getMenus()) {
            for (MenuItem item : menu.getItems()) {
                if (item.getAccelerator() != null) {
                    all.add(new Entry(
                            item.getAccelerator().getDisplayText(),
                            item.getText().replace("…", "")));
                }
            }
        }
        all.addAll(BESIDE_THE_MENUS);
        return all;
    }
}
