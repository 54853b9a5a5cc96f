package nimblestride.core.language.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.layer.pattern.CellPart;
import nimblestride.core.layer.pattern.Pattern;

/**
 * Reads and prints cells: {@code x..X.g}, a sign for each step, spaces ignored. Smaller cells stand in square brackets
 * with how often they repeat: {@code [x..x.]x3 x}.
 */
public final class CellText {
    private static final String EXAMPLE = "For example: kick cell x..x. of 1/16, or kick cell [x..]x4 xx.. of 1/16";

    private static final java.util.regex.Pattern TIMES = java.util.regex.Pattern.compile("[xX](\\d{1,6})");

    private final TextCursor cursor;

    private CellText(TextCursor cursor) {
        this.cursor = cursor;
    }

    /**
     * Reads a cell.
     *
     * @throws TextException at the first sign that can't be read
     */
    public static List<CellPart> read(String text) {
        return read(new TextCursor(text));
    }

    /** Reads part of a longer text, so that an error points into it. */
    static List<CellPart> read(TextCursor part) {
        return new CellText(part).parts(0);
    }

    private List<CellPart> parts(int depth) {
        List<CellPart> parts = new ArrayList<>();
        long steps = 0;
        while (!cursor.atEnd()) {
            if (depth > 0 && cursor.startsWith(']')) {
                return parts;
            }
            CellPart part = cursor.startsWith('[') ? inner(depth) : new CellPart.Step(stroke());
            steps += part.length();
            if (steps > Pattern.MAX_STEPS) {
                throw wrong(
                        cursor.at() - 1, String.format(Locale.ROOT, "at most %,d steps in a cell", Pattern.MAX_STEPS));
            }
            parts.add(part);
        }
        if (depth > 0) {
            throw wrong(cursor.end(), "] and a repeat count, such as [x..]x4");
        }
        return parts;
    }

    private CellPart inner(int depth) {
        int from = cursor.at();
        cursor.take('[');
        if (depth == CellPart.MAX_DEPTH) {
            throw wrong(from, "at most " + CellPart.MAX_DEPTH + " brackets inside each other");
        }
        List<CellPart> parts = parts(depth + 1);
        cursor.take(']');
        cursor.skipSpaces();
        int times = cursor.take(TIMES)
                .map(match -> Integer.parseInt(match.group(1)))
                .orElseThrow(() -> wrong(cursor.at(), "x and a repeat count, such as [x..]x4"));
        return cursor.part(from, cursor.at()).make(() -> new CellPart.Inner(parts, times), ". " + EXAMPLE);
    }

    private Optional<Stroke> stroke() {
        return switch (cursor.takeSign()) {
            case 'x' -> Optional.of(Stroke.NORMAL);
            case 'X' -> Optional.of(Stroke.ACCENT);
            case 'g', 'G' -> Optional.of(Stroke.GHOST);
            case '.' -> Optional.empty();
            default ->
                throw wrong(cursor.at() - 1, "x (hit), X (accent), g (ghost note), . (rest), or a cell in brackets");
        };
    }

    private TextException wrong(int at, String expected) {
        return cursor.part(at, Math.min(at + 1, cursor.end())).error(expected + ". " + EXAMPLE);
    }

    /** Prints a cell as a user would type it. */
    public static String write(List<CellPart> parts) {
        return parts.stream().map(CellText::write).collect(Collectors.joining());
    }

    private static String write(CellPart part) {
        if (part instanceof CellPart.Inner inner) {
            return "[" + write(inner.parts()) + "]x" + inner.times() + " ";
        }
        return ((CellPart.Step) part).stroke().map(CellText::sign).orElse(".");
    }

    private static String sign(Stroke stroke) {
        return switch (stroke.level()) {
            case ACCENT, STRONG -> "X";
            case GHOST -> "g";
            case NORMAL, SOFT -> "x";
        };
    }
}
