package nimblestride.core.notation.page;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.notation.engraving.Mark.Weight;
import nimblestride.core.notation.engraving.TextMetrics;

/** Breaks words into lines that fit; a word too long for a line is broken where it must be. */
final class TextWrapping {
    private TextWrapping() {}

    static List<String> fill(String text, TextMetrics letters, Weight weight, double size, double width) {
        List<String> lines = new ArrayList<>();
        for (String paragraph : text.split("\\R", -1)) {
            StringBuilder line = new StringBuilder();
            for (String word : paragraph.split(" ", -1)) {
                String longer = line.isEmpty() ? word : line + " " + word;
                if (letters.width(longer, weight, size) <= width) {
                    line = new StringBuilder(longer);
                    continue;
                }
                if (!line.isEmpty()) {
                    lines.add(line.toString());
                }
                line = new StringBuilder(broken(word, letters, weight, size, width, lines));
            }
            lines.add(line.toString());
        }
        return lines;
    }

    /** Adds the lines that a long word fills, and returns what is left of it. */
    private static String broken(
            String word, TextMetrics letters, Weight weight, double size, double width, List<String> lines) {
        String rest = word;
        while (letters.width(rest, weight, size) > width && rest.codePointCount(0, rest.length()) > 1) {
            int fits = rest.offsetByCodePoints(0, 1);
            while (fits < rest.length()
                    && letters.width(rest.substring(0, rest.offsetByCodePoints(fits, 1)), weight, size) <= width) {
                fits = rest.offsetByCodePoints(fits, 1);
            }
            lines.add(rest.substring(0, fits));
            rest = rest.substring(fits);
        }
        return rest;
    }
}
