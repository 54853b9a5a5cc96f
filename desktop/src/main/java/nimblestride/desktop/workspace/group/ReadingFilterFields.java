package nimblestride.desktop.workspace.group;

import java.util.Arrays;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.scene.control.CheckBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import nimblestride.core.time.meter.Grouping;
import nimblestride.core.time.reading.ReadingFilter;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.ControlTip;

/**
 * Filters readings by the first and the last group, their number, and their sizes. An empty field filters nothing.
 */
final class ReadingFilterFields extends FlowPane {
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    private final TextField first;
    private final TextField last;
    private final TextField most;
    private final TextField sizes;
    private final CheckBox keep = new CheckBox("keep the order");

    ReadingFilterFields(Runnable changed) {
        getStyleClass().add("wishes");
        first = field("wish-first", "First group", 40, changed);
        last = field("wish-last", "Last group", 40, changed);
        most = field("wish-most", "Most groups", 40, changed);
        sizes = field("wish-sizes", "Only these sizes, such as 2, 3", 64, changed);
        sizes.setPromptText("2, 3");
        keep.setId("wish-keep");
        keep.setMinWidth(USE_PREF_SIZE);
        ControlTip.on(keep, "Split or join neighboring groups, but never reorder them");
        keep.selectedProperty().addListener(change -> changed.run());
        getChildren()
                .setAll(
                        new Caption("first"),
                        first,
                        new Caption("last"),
                        last,
                        new Caption("at most"),
                        most,
                        new Caption("groups of"),
                        sizes,
                        keep);
    }

    private static TextField field(String id, String name, double width, Runnable changed) {
        TextField field = new TextField();
        field.setId(id);
        field.setAccessibleText(name);
        field.setPrefWidth(width);
        field.setMinWidth(width);
        field.textProperty().addListener(change -> changed.run());
        return field;
    }

    /**
     * Returns the filter; marks a field that holds no number, and ignores it.
     *
     * @param now the grouping whose order is kept if that is checked
     */
    ReadingFilter wish(Grouping now) {
        OptionalInt groups = number(most);
        return new ReadingFilter(
                number(first),
                number(last),
                groups.orElse(Integer.MAX_VALUE),
                sizes(),
                keep.isSelected() ? Optional.of(now) : Optional.empty());
    }

    private static OptionalInt number(TextField field) {
        String text = field.getText().strip();
        boolean good = text.matches("[1-9]\\d{0,3}");
        field.pseudoClassStateChanged(WRONG, !good && !text.isEmpty());
        return good ? OptionalInt.of(Integer.parseInt(text)) : OptionalInt.empty();
    }

    private Set<Integer> sizes() {
        String text = sizes.getText().strip();
        boolean good = text.matches("[1-9]\\d{0,3}(\\s*[, ]\\s*[1-9]\\d{0,3})*");
        sizes.pseudoClassStateChanged(WRONG, !good && !text.isEmpty());
        return good
                ? Arrays.stream(text.split("[, ]+", -1)).map(Integer::valueOf).collect(Collectors.toSet())
                : Set.of();
    }
}
