package nimblestride.formats.picture;

import nimblestride.core.notation.engraving.Mark.Align;
import nimblestride.formats.font.Fonts;

/** How words are set in a picture. */
final class PictureText {
    private static final String UNKNOWN = "?";

    private PictureText() {}

    /** Returns a text with a question mark for each character the text font lacks. */
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

    /** Returns which part of a text's width lies before its anchor. */
    static double part(Align align) {
        return switch (align) {
            case START -> 0;
            case MIDDLE -> 0.5;
            case END -> 1;
        };
    }
}
