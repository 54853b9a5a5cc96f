package nimblestride.desktop.workspace.place;

import java.math.BigInteger;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.language.text.StickingText;
import nimblestride.desktop.ui.control.ControlTip;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.view.staff.DrawingPicture;

/** One row of the table of variations: its number, its sticking, how hard it is and why, and its staff. */
final class VariationRowView extends HBox {
    /** The height of a row, in pixels. */
    static final double HEIGHT = 62;

    private static final double SPACE = 4.4;
    private static final double MOST_STAFF = 56;
    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");

    private final VariationRow row;
    private final CheckBox practiced = new CheckBox();
    private final CheckBox picked = new CheckBox();

    /** @param differences steps, from 1, in which it differs from a row it is compared with */
    VariationRowView(
            VariationRow row, List<Integer> differences, boolean isPracticed, boolean isPicked, Palette palette) {
        this.row = row;
        getStyleClass().add("variation");
        setAlignment(Pos.CENTER_LEFT);
        setMinHeight(HEIGHT);
        setMaxHeight(HEIGHT);
        setAccessibleRole(AccessibleRole.LIST_ITEM);
        practiced.setSelected(isPracticed);
        picked.setSelected(isPicked);
        ControlTip.on(practiced, "Practiced");
        ControlTip.on(picked, "On the sheet");
        Label number = new Label(String.format(Locale.ROOT, "%,d", row.number().add(BigInteger.ONE)));
        number.getStyleClass().add("quiet");
        number.setMinWidth(USE_PREF_SIZE);
        Label sticking = new Label(StickingText.write(row.sticking()));
        sticking.getStyleClass().add("variation-sticking");
        Label why = new Label(why(differences));
        why.getStyleClass().add("quiet");
        VBox words = new VBox(sticking, why);
        words.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(words, Priority.ALWAYS);
        words.setMinWidth(0);
        getChildren().setAll(practiced, picked, number, words);
        row.staff().ifPresent(drawing -> {
            double space = Math.min(SPACE, MOST_STAFF / drawing.height());
            getChildren().add(new DrawingPicture(drawing, space, palette));
        });
        setAccessibleText(number.getText() + ": " + sticking.getText() + ". " + why.getText());
    }

    private String why(List<Integer> steps) {
        String voices = row.voices().stream().map(Voice::name).collect(Collectors.joining(", "));
        String hard = Counted.count(row.difficulty().points(), "point") + ": "
                + row.difficulty().words();
        String differs = steps.isEmpty()
                ? ""
                : " · differs in " + (steps.size() == 1 ? "step " : "steps ")
                        + steps.stream().map(String::valueOf).collect(Collectors.joining(", "));
        return hard + differs + " · " + voices;
    }

    VariationRow row() {
        return row;
    }

    void select(boolean selected) {
        pseudoClassStateChanged(SELECTED, selected);
        practiced.setId(selected ? "deal-practiced" : null);
        picked.setId(selected ? "deal-picked" : null);
    }

    void onTicked(Consumer<Boolean> ticked) {
        practiced.selectedProperty().addListener((property, was, on) -> ticked.accept(on));
    }

    void onPicked(Consumer<Boolean> pick) {
        picked.selectedProperty().addListener((property, was, on) -> pick.accept(on));
    }
}
