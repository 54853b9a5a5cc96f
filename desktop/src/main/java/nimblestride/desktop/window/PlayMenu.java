package nimblestride.desktop.window;

import java.util.function.Function;
import javafx.beans.binding.Bindings;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.ToggleGroup;
import nimblestride.desktop.play.Transport;
import nimblestride.sound.render.Click;
import nimblestride.sound.render.Click.Level;

/** What is played and how: the click and its silences, the speed, the count-in. */
final class PlayMenu extends Menu {
    private static final int[] SPEEDS = {40, 50, 60, 70, 80, 90, 95, 100, 105, 110, 125};
    private static final int[] COUNT_INS = {0, 1, 2, 4};
    private static final int[] EVERY = {1, 2, 4, 8, 16};
    private static final int[][] SILENCES = {{0, 1}, {1, 2}, {1, 4}, {2, 4}, {3, 4}, {4, 8}, {6, 8}};

    private final ObjectProperty<Click> clicking;

    PlayMenu(Transport transport) {
        super("Play");
        clicking = transport.clicking();
        MenuItem toggle = new MenuItem();
        toggle.textProperty()
                .bind(Bindings.when(transport.playing()).then("Stop  (Space)").otherwise("Play  (Space)"));
        toggle.setOnAction(event -> transport.toggle());
        CheckMenuItem all = new CheckMenuItem("All sections in order");
        all.selectedProperty().bindBidirectional(transport.allSections());
        CheckMenuItem click = new CheckMenuItem("Click");
        click.selectedProperty().bindBidirectional(transport.click());
        getItems()
                .setAll(
                        toggle,
                        all,
                        numbers("Speed", "speed", SPEEDS, transport.percent(), percent -> percent + " %"),
                        numbers(
                                "Count-in",
                                "count-in",
                                COUNT_INS,
                                transport.countIn(),
                                bars -> bars == 0 ? "none" : bars == 1 ? "1 bar" : bars + " bars"),
                        new SeparatorMenuItem(),
                        click,
                        levels(),
                        silences(),
                        every());
    }

    private static Menu numbers(
            String title, String id, int[] choices, IntegerProperty chosen, Function<Integer, String> told) {
        Menu menu = new Menu(title);
        ToggleGroup group = new ToggleGroup();
        for (int choice : choices) {
            menu.getItems()
                    .add(radio(
                            told.apply(choice),
                            id + "-" + choice,
                            group,
                            choice == chosen.get(),
                            () -> chosen.set(choice)));
        }
        return menu;
    }

    private static RadioMenuItem radio(String text, String id, ToggleGroup group, boolean selected, Runnable action) {
        RadioMenuItem item = new RadioMenuItem(text);
        item.setId(id);
        item.setToggleGroup(group);
        item.setSelected(selected);
        item.setOnAction(event -> action.run());
        return item;
    }

    private Menu levels() {
        Menu menu = new Menu("Click on");
        for (Level level : Level.values()) {
            CheckMenuItem item = new CheckMenuItem(
                    switch (level) {
                        case PHRASE -> "the 1 of the phrase";
                        case BAR -> "each 1";
                        case GROUP -> "each group";
                        case OFF_BEAT -> "the off-beats";
                        case UNIT -> "each unit";
                    });
            item.setSelected(clicking.get().levels().contains(level));
            item.setOnAction(event -> clicking.set(clicking.get().with(level, item.isSelected())));
            menu.getItems().add(item);
        }
        return menu;
    }

    private Menu silences() {
        Menu menu = new Menu("Click silent in");
        ToggleGroup group = new ToggleGroup();
        for (int[] silence : SILENCES) {
            String text = silence[0] == 0 ? "no bars" : silence[0] + " of every " + silence[1] + " bars";
            menu.getItems()
                    .add(radio(
                            text,
                            "silent-" + silence[0] + "-" + silence[1],
                            group,
                            silence[0] == 0,
                            () -> clicking.set(clicking.get().silent(silence[0], silence[1]))));
        }
        return menu;
    }

    private Menu every() {
        Menu menu = new Menu("Click in");
        ToggleGroup group = new ToggleGroup();
        for (int bars : EVERY) {
            String text = bars == 1 ? "every bar" : "one of every " + bars + " bars";
            menu.getItems()
                    .add(radio(
                            text,
                            "click-in-" + bars,
                            group,
                            bars == 1,
                            () -> clicking.set(clicking.get().onceIn(bars))));
        }
        return menu;
    }
}
