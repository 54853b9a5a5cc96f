package nimblestride.formats.picture;

import nimblestride.core.notation.engraving.Mark.Align;
import nimblestride.formats.font.Fonts;

/** How words are set in a picture. */
final class PictureText {
    private static final String UNKNOWN = "?";

    private PictureText() {}

    /** What the text face can show of them; a letter it lacks is a question mark. */
    static String shown(String text) {
        StringBuilder shown = new StringBuilder();
        text.codePoints().forEach(point -> {
            if (Fonts.get().canShow(point)) {
                shown.appendCodePoint(point);
            } else {
                shown.append(Character.isWhitespace(point) ? " " : UNKNOWN);
            }
        });
        return shown.toString();
    }

    /** Which part of their width lies before the x they are set at. */
    static double part(Align align) {
        return switch (align) {
            case START -> 0;
            case MIDDLE -> 0.5;
            case END -> 1;
        };
    }
}
