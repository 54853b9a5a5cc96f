package nimblestride.formats.picture;

import java.awt.Color;
import java.util.Locale;
import nimblestride.core.notation.engraving.Ink;

/** The colors of the inks on white paper; all but the guiding lines keep a contrast of 4.5 to 1 (WCAG 2.2, 1.4.3). */
final class PrintColors {
    private PrintColors() {}

    static Color onPaper(Ink ink) {
        return switch (ink) {
            case INK -> new Color(0x1a1a1a);
            case QUIET -> new Color(0x5b5b5b);
            case LINE -> new Color(0xb8b0a2);
            case LANDING -> new Color(0xa8320a);
        };
    }

    static String web(Ink ink) {
        return String.format(Locale.ROOT, "#%06x", onPaper(ink).getRGB() & 0xffffff);
    }
}
