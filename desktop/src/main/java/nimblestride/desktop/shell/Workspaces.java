package nimblestride.desktop.shell;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.desktop.document.exercise.AnalyzedExercise;
import nimblestride.desktop.ui.control.ControlTip;
import nimblestride.desktop.ui.control.EndsLine;
import nimblestride.desktop.ui.control.ScrollIntoView;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.page.PagedPane;
import nimblestride.desktop.ui.page.Workspace;

/** The benches below the Road, one at a time, in the order in which people work. */
final class Workspaces extends VBox {
    private static final double ROOM_FOR_ABOUT = 920;

    private final List<Workspace> all = new ArrayList<>();
    private final HBox names = new HBox();
    private Region head = names;
    private final ScrollIntoView pages = new ScrollIntoView(null).filled();
    private final Label about = new Label();
    private final ToggleGroup chosen = new ToggleGroup();
    private final ReadOnlyObjectWrapper<Region> shown = new ReadOnlyObjectWrapper<>();
    private final Map<String, PagedPane> named = new HashMap<>();
    private final Map<String, ToggleButton> buttons = new LinkedHashMap<>();

    Workspaces() {
        getStyleClass().add("benches");
        names.getStyleClass().add("bench-names");
        about.setMinWidth(0);
        about.getStyleClass().addAll("quiet", "bench-about");
        about.visibleProperty().bind(widthProperty().greaterThan(ROOM_FOR_ABOUT));
        names.getChildren().add(about);
        pages.getStyleClass().add("bench-pages");
        VBox.setVgrow(pages, Priority.ALWAYS);
        getChildren().setAll(head, pages);
        chosen.selectedToggleProperty().addListener((property, old, now) -> {
            if (now == null) {
                chosen.selectToggle(old);
            }
        });
    }

    /** Adds a bench after the others. */
    <B extends PagedPane & Workspace> void add(String name, String what, B bench) {
        all.add(bench);
        named.put(name, bench);
        ToggleButton button = new ToggleButton(name);
        button.setId("bench-" + name.toLowerCase(Locale.ROOT).replace(' ', '-'));
        button.setMinWidth(USE_PREF_SIZE);
        button.setToggleGroup(chosen);
        button.getStyleClass().add("bench-name");
        ControlTip.on(button, what);
        button.selectedProperty().addListener((property, was, selected) -> {
            if (selected) {
                shown.set(bench);
                about.setText(what);
                pages.setContent(bench);
            }
        });
        buttons.put(name, button);
        names.getChildren().add(buttons.size() - 1, button);
    }

    /** Puts something at the right end of the line that names the benches, once. */
    void putAtTheEnd(Region end) {
        getChildren().remove(names);
        head = new EndsLine(names, end);
        head.getStyleClass().add("bench-head");
        getChildren().add(0, head);
    }

    void show(Exercise exercise) {
        all.forEach(bench -> bench.show(exercise));
    }

    void show(AnalyzedExercise answer) {
        all.forEach(bench -> bench.show(answer));
    }

    void setPalette(Palette palette) {
        all.forEach(bench -> bench.setPalette(palette));
    }

    void close() {
        all.forEach(Workspace::close);
    }

    /** The bench that is shown. */
    ReadOnlyObjectProperty<Region> chosenProperty() {
        return shown.getReadOnlyProperty();
    }

    /** The page in view of the bench in view. */
    Node page() {
        return named.get(((ToggleButton) chosen.getSelectedToggle()).getText()).page();
    }

    /** Goes to a bench. */
    void choose(String name) {
        chosen.selectToggle(buttons.get(name));
    }

    /** Goes to a page of a bench. */
    void choose(String name, String page) {
        choose(name);
        named.get(name).choose(page);
    }
}
