package nimblestride.core.foundation.words;

import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * Makes text safe to show in windows, on paper, in XML, and in terminals. Invisible characters, control characters,
 * and code points that are no characters (Unicode 15, section 23.7) become spaces.
 */
public final class PlainText {
    private PlainText() {}

    /**
     * Returns a text with a space in place of each control character, noncharacter, and unpaired surrogate. Line
     * breaks stay.
     */
    public static String of(String text) {
        if (text.codePoints().allMatch(PlainText::isPlain)) {
            return text;
        }
        StringBuilder plain = new StringBuilder();
        text.codePoints().forEach(point -> plain.appendCodePoint(isPlain(point) ? point : ' '));
        return plain.toString();
    }

    private static boolean isPlain(int point) {
        boolean layout = point == '\n' || point == '\r' || point == '\t';
        boolean noCharacter = (point & 0xFFFE) == 0xFFFE || (point >= 0xFDD0 && point <= 0xFDEF);
        boolean halfPair = point >= Character.MIN_SURROGATE && point <= Character.MAX_SURROGATE;
        return layout || !(Character.isISOControl(point) || noCharacter || halfPair);
    }

    /**
     * Returns a name as plain text on one line; a name of invisible characters only becomes "unnamed".
     *
     * @param what has the name, for the message: {@code a student}
     * @param most the largest number of characters
     * @throws InvalidValueException if the name is blank or longer
     */
    public static String name(String what, String text, int most) {
        if (text.isBlank() || text.length() > most) {
            throw new InvalidValueException(what + " needs a name of 1 to " + most + " characters");
        }
        return text.codePoints().anyMatch(PlainText::isSeen) ? of(text).replaceAll("\\s", " ") : "Unnamed";
    }

    private static boolean isSeen(int point) {
        return switch (Character.getType(point)) {
            case Character.SPACE_SEPARATOR,
                    Character.LINE_SEPARATOR,
                    Character.PARAGRAPH_SEPARATOR,
                    Character.CONTROL,
                    Character.FORMAT,
                    Character.UNASSIGNED -> false;
            default -> true;
        };
    }
}
