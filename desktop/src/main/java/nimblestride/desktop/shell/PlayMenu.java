package nimblestride.desktop.shell;

import javafx.beans.binding.Bindings;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.input.KeyCombination;
import nimblestride.desktop.playback.PlaybackSettings;
import nimblestride.desktop.playback.Transport;

/** Play and stop, from where, and how fast; all else about it is set on the Practise bench. */
final class PlayMenu extends Menu {
    private static final int STEP = 5;

    /**
     * @param fromView plays from the first bar in view
     * @param more goes to where the rest is set
     */
    PlayMenu(Transport transport, Runnable fromView, Runnable more) {
        super("Play");
        PlaybackSettings settings = transport.settings();
        MenuItem toggle = new MenuItem();
        toggle.textProperty()
                .bind(Bindings.when(transport.playingProperty())
                        .then("Stop  (Space)")
                        .otherwise("Play  (Space)"));
        toggle.setOnAction(event -> transport.toggle());
        // No accelerator: within a text field it would be taken for one.
        MenuItem fromHere = new MenuItem("Play from the first bar in view  (Shift+Space)");
        fromHere.setOnAction(event -> fromView.run());
        CheckMenuItem all = new CheckMenuItem("All sections in order");
        all.selectedProperty().bindBidirectional(settings.allSectionsProperty());
        CheckMenuItem click = new CheckMenuItem("Click");
        click.selectedProperty().bindBidirectional(settings.clickProperty());
        getItems()
                .setAll(
                        toggle,
                        fromHere,
                        all,
                        new SeparatorMenuItem(),
                        item("Slower", "F7", () -> settings.faster(-STEP)),
                        item("Faster", "F8", () -> settings.faster(STEP)),
                        item("At its own tempo", "F9", () -> settings.percentProperty()
                                .set(100)),
                        new SeparatorMenuItem(),
                        click,
                        item("Click, count-in, balance, band, pads…", "Shortcut+Shift+C", more));
    }

    private static MenuItem item(String text, String keys, Runnable action) {
        MenuItem item = new MenuItem(text);
        item.setAccelerator(KeyCombination.valueOf(keys));
        item.setOnAction(event -> action.run());
        return item;
    }
}
