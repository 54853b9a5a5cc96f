package nimblestride.desktop.view.staff;

import javafx.scene.paint.Color;
import nimblestride.core.notation.engraving.Ink;
import nimblestride.desktop.ui.look.Palette;

/** The inks of drawings in the colors of the program, or as on paper. */
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
