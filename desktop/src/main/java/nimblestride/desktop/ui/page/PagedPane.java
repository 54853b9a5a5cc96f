package nimblestride.desktop.ui.page;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.desktop.document.exercise.AnalyzedExercise;
import nimblestride.desktop.service.PageId;
import nimblestride.desktop.ui.control.ControlTip;
import nimblestride.desktop.ui.look.Palette;

/** Shows the names of pages on the left, one above the other, and the open page on the right. */
public class PagedPane extends HBox implements AutoCloseable {
    private final VBox names = new VBox();
    private final ToggleGroup chosen = new ToggleGroup();
    private final Map<PageId, ToggleButton> buttons = new EnumMap<>(PageId.class);
    private final List<LazyPage<?>> pages = new ArrayList<>();
    private Optional<Exercise> latest = Optional.empty();
    private Optional<AnalyzedExercise> latestAnswer = Optional.empty();
    private Optional<LazyPage<?>> inView = Optional.empty();

    protected PagedPane() {
        getStyleClass().add("pages");
        names.getStyleClass().add("page-names");
        names.setMinWidth(Region.USE_PREF_SIZE);
        chosen.selectedToggleProperty().addListener((property, old, now) -> {
            if (now == null) {
                chosen.selectToggle(old);
            }
        });
        sceneProperty().addListener(change -> {
            showPage();
            answerPage();
        });
    }

    /** Puts something of its own among the names. */
    protected final void addBeside(Node node) {
        names.getChildren().add(node);
    }

    /** Adds a page after the others, to be built when it is first shown. */
    protected final <P extends Region & Page> LazyPage<P> add(PageId id, Supplier<P> making) {
        LazyPage<P> page = new LazyPage<>(making);
        ToggleButton button = new ToggleButton(id.title());
        button.setId("page-" + id.name().toLowerCase(Locale.ROOT).replace('_', '-'));
        button.setToggleGroup(chosen);
        button.getStyleClass().add("page-name");
        ControlTip.on(button, id.about());
        button.setMaxWidth(Double.MAX_VALUE);
        button.selectedProperty().addListener((property, was, selected) -> {
            if (selected) {
                inView = Optional.of(page);
                showPage();
                answerPage();
            }
        });
        names.getChildren().add(button);
        buttons.put(id, button);
        pages.add(page);
        return page;
    }

    /**
     * Shows a page.
     *
     * @throws NullPointerException if the page belongs to another workspace
     */
    public final void open(PageId page) {
        chosen.selectToggle(Objects.requireNonNull(buttons.get(page), () -> page + " is not a page of this workspace"));
    }

    /** Returns the page in view; this pane while there is none. */
    public final Node page() {
        return getChildren().isEmpty() ? this : getChildren().get(getChildren().size() - 1);
    }

    /** Shows the exercise on the page in view at once, on the others when they open. */
    public final void show(Exercise exercise) {
        latest = Optional.of(exercise);
        showPage();
    }

    /** Shows what follows from the exercise, on the page in view. */
    public final void show(AnalyzedExercise answer) {
        latestAnswer = Optional.of(answer);
        answerPage();
    }

    private void answerPage() {
        inView().ifPresent(page -> latestAnswer.ifPresent(page::show));
    }

    private void showPage() {
        inView().ifPresent(page -> latest.ifPresent(exercise -> {
            prepare(exercise);
            page.show(exercise);
        }));
    }

    /** Returns the chosen page, while these pages are shown. */
    private Optional<Page> inView() {
        if (getScene() == null) {
            return Optional.empty();
        }
        return inView.map(late -> {
            Region page = late.get();
            if (!getChildren().equals(List.of(names, page))) {
                HBox.setHgrow(page, Priority.ALWAYS);
                getChildren().setAll(names, page);
            }
            return late.get();
        });
    }

    /** Sets the palette of every page, or of one not built yet when it is. */
    public final void setPalette(Palette palette) {
        pages.forEach(page -> page.setPalette(palette));
    }

    /** Shows the exercise on what stands beside the pages. */
    protected void prepare(Exercise exercise) {
        // Most workspaces have nothing there.
    }

    @Override
    public final void close() {
        pages.forEach(page -> page.ifMade(Page::close));
    }
}
