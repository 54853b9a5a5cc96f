package nimblestride.desktop.workspace.modulate;

import java.util.List;
import javafx.scene.layout.VBox;
import nimblestride.core.layer.modulation.Modulation;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.engraving.ModulationDrawing;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.view.staff.DrawingPicture;
import nimblestride.formats.font.Fonts;

/** Shows both tempos of a modulation to scale, one row below the other. */
final class ModulationPicture extends VBox {
    private static final double SPACE = 6;

    private List<Drawing> rows = List.of();
    private Palette palette = Palette.DAY;

    /** @param changed runs when the width changes */
    ModulationPicture(String id, Runnable changed) {
        setId(id);
        setMinWidth(0);
        widthProperty().addListener(change -> changed.run());
    }

    /** Returns the width, in staff spaces. */
    double room() {
        return (getWidth() - 4) / SPACE;
    }

    boolean isLaidOut() {
        return getWidth() > 4;
    }

    static List<Drawing> rows(Modulation shift, ModulationDrawing.Kind kind, NoteValue late, double room) {
        return new ModulationDrawing(shift, kind, late, Fonts.get().music(), Fonts.get(), room).rows();
    }

    void show(List<Drawing> newRows, String inWords) {
        rows = newRows;
        setAccessibleText(inWords);
        paint();
    }

    void setPalette(Palette newPalette) {
        palette = newPalette;
        paint();
    }

    private void paint() {
        getChildren()
                .setAll(rows.stream()
                        .map(row -> new DrawingPicture(row, SPACE, palette))
                        .toList());
    }
}
