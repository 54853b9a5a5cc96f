package nimblestride.desktop.view.staff;

import javafx.scene.paint.Color;
import nimblestride.core.notation.engraving.Ink;
import nimblestride.desktop.ui.look.Palette;

/** Maps a drawing's inks to the window's colors, or to paper. */
final class ScreenColors {
    private ScreenColors() {}

    static Color of(Ink ink, Palette palette) {
        return switch (ink) {
            case INK -> palette.ink();
            case QUIET -> palette.quiet();
            case LINE -> palette.line();
            case LANDING -> palette.landing();
        };
    }
}
