package nimblestride.desktop.shell;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javafx.application.Platform;
import javafx.beans.binding.Bindings;
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
import nimblestride.desktop.service.PageId;
import nimblestride.desktop.service.WorkspaceId;
import nimblestride.desktop.ui.control.ControlTip;
import nimblestride.desktop.ui.control.EndsLine;
import nimblestride.desktop.ui.control.ScrollIntoView;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.page.PagedPane;
import nimblestride.desktop.ui.page.Workspace;

/** Shows the workspaces below the Road, one at a time, in the order in which people work. */
final class Workspaces extends VBox {
    private final List<Workspace> all = new ArrayList<>();
    private final HBox names = new HBox();
    private Region head = names;
    private final ScrollIntoView pages = new ScrollIntoView(null).filled();
    private final Label about = new Label();
    private final ToggleGroup chosen = new ToggleGroup();
    private final ReadOnlyObjectWrapper<WorkspaceId> shown = new ReadOnlyObjectWrapper<>();
    private final Map<WorkspaceId, PagedPane> panes = new EnumMap<>(WorkspaceId.class);
    private final Map<WorkspaceId, ToggleButton> buttons = new EnumMap<>(WorkspaceId.class);

    Workspaces() {
        getStyleClass().add("benches");
        names.getStyleClass().add("bench-names");
        about.setMinWidth(0);
        about.getStyleClass().addAll("quiet", "bench-about");
        // Whole or not at all.
        about.visibleProperty()
                .bind(Bindings.createBooleanBinding(
                        () -> about.getWidth() >= about.prefWidth(-1), about.widthProperty(), about.textProperty()));
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

    /** Adds a workspace after the others. */
    <W extends PagedPane & Workspace> void add(WorkspaceId id, W workspace) {
        all.add(workspace);
        panes.put(id, workspace);
        ToggleButton button = new ToggleButton(id.title());
        button.setId("bench-" + id.name().toLowerCase(Locale.ROOT));
        button.setMinWidth(USE_PREF_SIZE);
        button.setToggleGroup(chosen);
        button.getStyleClass().add("bench-name");
        ControlTip.on(button, id.about());
        button.selectedProperty().addListener((property, was, selected) -> {
            if (selected) {
                about.setText(id.about());
                pages.setContent(workspace);
                shown.set(id);
            }
        });
        buttons.put(id, button);
        names.getChildren().add(buttons.size() - 1, button);
    }

    /** Puts a control at the right end of the row of workspace names. Call it once. */
    void setTrailing(Region end) {
        getChildren().remove(names);
        head = new EndsLine(names, end);
        head.getStyleClass().add("bench-head");
        getChildren().add(0, head);
    }

    void show(Exercise exercise) {
        all.forEach(workspace -> workspace.show(exercise));
    }

    void show(AnalyzedExercise answer) {
        all.forEach(workspace -> workspace.show(answer));
    }

    void setPalette(Palette palette) {
        all.forEach(workspace -> workspace.setPalette(palette));
    }

    void close() {
        all.forEach(Workspace::close);
    }

    /** Returns which workspace is shown. */
    ReadOnlyObjectProperty<WorkspaceId> shownProperty() {
        return shown.getReadOnlyProperty();
    }

    /** Returns the page in view. */
    Node page() {
        return panes.get(shown.get()).page();
    }

    /** Puts the focus on the first control of the page that is shown. */
    void enter() {
        // Where the focus was may be gone, and what stands in for it comes first.
        Platform.runLater(() -> WindowParts.inside(page()).findFirst().ifPresent(Node::requestFocus));
    }

    /** Shows a workspace, at the page it showed last. */
    void open(WorkspaceId workspace) {
        chosen.selectToggle(buttons.get(workspace));
    }

    /** Shows a page. */
    void open(PageId page) {
        open(page.workspace());
        panes.get(page.workspace()).open(page);
    }
}
