package nimblestride.desktop.shell;

import javafx.beans.binding.Bindings;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import nimblestride.desktop.playback.BarLoop;
import nimblestride.desktop.playback.PlaybackSettings;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.service.Navigation;
import nimblestride.desktop.service.PageId;
import nimblestride.desktop.view.road.RoadView;

/** The Play menu: play and stop, from where, and how fast; the sound pages do everything else. */
final class PlayMenu extends Menu {
    private static final int STEP = 5;

    /** @param road whose bar being written, or first bar in view, playback can start from */
    PlayMenu(Transport transport, BarLoop bar, RoadView road, Navigation navigation) {
        super("Play");
        PlaybackSettings settings = transport.settings();
        MenuItem toggle = new MenuItem();
        toggle.textProperty()
                .bind(Bindings.when(transport.playingProperty())
                        .then("Stop  (Space)")
                        .otherwise("Play  (Space)"));
        toggle.setOnAction(event -> transport.toggle());
        // Has no accelerator, because a text field would react to it.
        MenuItem fromHere = new MenuItem("Play from this bar  (Shift+Space)");
        fromHere.setOnAction(event -> transport.playFrom(road.barHere()));
        CheckMenuItem all = new CheckMenuItem("Play all sections in order");
        all.selectedProperty().bindBidirectional(settings.allSectionsProperty());
        CheckMenuItem click = new CheckMenuItem("Click");
        click.selectedProperty().bindBidirectional(settings.clickProperty());
        getItems()
                .setAll(
                        toggle,
                        fromHere,
                        MenuItems.item("Loop this bar, slowly", "F4", () -> bar.toggle(road.numberOfBarHere())),
                        MenuItems.item("Loop the next bar", "Shift+F4", () -> bar.next(road.numberOfBarHere())),
                        all,
                        new SeparatorMenuItem(),
                        MenuItems.item("Slower", "F7", () -> settings.faster(-STEP)),
                        MenuItems.item("Faster", "F8", () -> settings.faster(STEP)),
                        MenuItems.item("Full tempo", "F9", () -> settings.percentProperty()
                                .set(100)),
                        new SeparatorMenuItem(),
                        click,
                        MenuItems.item(
                                "Click, mix, band, pads…", "Shortcut+Shift+C", () -> navigation.open(PageId.CLICK)));
    }
}
