package nimblestride.desktop.workspace.modulate;

import java.util.List;
import javafx.scene.layout.VBox;
import nimblestride.core.layer.modulation.Shift;
import nimblestride.core.notation.engraving.BothFeels;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.view.staff.DrawingPicture;
import nimblestride.formats.font.Faces;

/** Both feels of a change to scale, row below row. */
final class FeelsPicture extends VBox {
    private static final double SPACE = 6;

    private List<Drawing> rows = List.of();
    private Palette palette = Palette.DAY;

    /** @param changed is called when there is more or less room across */
    FeelsPicture(String id, Runnable changed) {
        setId(id);
        setMinWidth(0);
        widthProperty().addListener(change -> changed.run());
    }

    /** The room across, in staff spaces. */
    double room() {
        return (getWidth() - 4) / SPACE;
    }

    boolean isLaidOut() {
        return getWidth() > 4;
    }

    static List<Drawing> rows(Shift shift, BothFeels.Kind kind, NoteValue late, double room) {
        return new BothFeels(shift, kind, late, Faces.get().music(), Faces.get(), room).rows();
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
