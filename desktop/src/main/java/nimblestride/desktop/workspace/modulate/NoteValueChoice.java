package nimblestride.desktop.workspace.modulate;

import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import nimblestride.core.notation.engraving.NoteSign;
import nimblestride.core.time.value.NoteName;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.view.staff.DrawingPicture;
import nimblestride.formats.font.Fonts;

/** Chooses a note value from the common ones; others are typed. */
final class NoteValueChoice extends MenuButton {
    private static final double SPACE = 6;
    private static final List<NoteValue> DEFAULT = Stream.of(
                    "whole",
                    "dotted half",
                    "half",
                    "dotted quarter",
                    "quarter",
                    "dotted eighth",
                    "eighth",
                    "dotted sixteenth",
                    "sixteenth",
                    "triplet half",
                    "triplet quarter",
                    "triplet eighth",
                    "triplet sixteenth",
                    "quintuplet eighth",
                    "quintuplet sixteenth",
                    "septuplet sixteenth")
            .map(name -> NoteName.read(name).orElseThrow())
            .toList();

    private final Consumer<NoteValue> chosen;

    /** @param chosen receives the value */
    NoteValueChoice(String text, String id, Consumer<NoteValue> chosen) {
        super(text);
        this.chosen = chosen;
        setId(id);
        setAccessibleText(text + ": common values");
        setMinWidth(USE_PREF_SIZE);
        getStyleClass().add("small");
        setPalette(Palette.DAY);
    }

    void setPalette(Palette palette) {
        getItems().setAll(DEFAULT.stream().map(value -> item(value, palette)).toList());
    }

    private CustomMenuItem item(NoteValue value, Palette palette) {
        Label label = new Label(NoteName.say(value));
        label.setGraphic(new DrawingPicture(NoteSign.drawing(Fonts.get().music(), Fonts.get(), value), SPACE, palette));
        label.setContentDisplay(ContentDisplay.LEFT);
        label.setMinWidth(150);
        CustomMenuItem item = new CustomMenuItem(label);
        item.setId("value-" + value.toString().replace('/', '-'));
        item.setOnAction(event -> chosen.accept(value));
        return item;
    }
}
