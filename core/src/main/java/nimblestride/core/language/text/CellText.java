package nimblestride.core.language.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.layer.pattern.CellPart;
import nimblestride.core.layer.pattern.Pattern;

/**
 * Reads and prints cells: {@code x..X.g}, a sign for each step, spaces ignored. Smaller cells stand in square brackets
 * with how often they repeat: {@code [x..x.]x3 x}.
 */
public final class CellText {
    private static final String EXAMPLE = "For example: kick cell x..x. of 1/16, or kick cell [x..]x4 xx.. of 1/16";

    private final String text;
    private final int to;
    private int next;

    private CellText(String text, int from, int to) {
        this.text = text;
        this.next = from;
        this.to = to;
    }

    /**
     * Reads a cell.
     *
     * @throws TextException at the first sign that can't be read
     */
    public static List<CellPart> read(String text) {
        return read(text, 0, text.length());
    }

    /** Reads part of a longer text, so that an error points into it. */
    static List<CellPart> read(String text, int from, int to) {
        return new CellText(text, from, to).parts(0);
    }

    private List<CellPart> parts(int depth) {
        List<CellPart> parts = new ArrayList<>();
        long steps = 0;
        for (skipSpace(); next < to; skipSpace()) {
            if (depth > 0 && text.charAt(next) == ']') {
                return parts;
            }
            CellPart part = text.charAt(next) == '[' ? inner(depth) : new CellPart.Step(stroke());
            steps += part.length();
            if (steps > Pattern.MAX_STEPS) {
                throw wrong(
                        next - 1,
                        String.format(
                                Locale.ROOT, "a cell has at most %,d steps, and here are more", Pattern.MAX_STEPS));
            }
            parts.add(part);
        }
        if (depth > 0) {
            throw wrong(to, "expected ] and how often that comes, as in [x..]x4");
        }
        return parts;
    }

    private CellPart inner(int depth) {
        int from = next++;
        if (depth == CellPart.MAX_DEPTH) {
            throw wrong(from, "cells stand at most " + CellPart.MAX_DEPTH + " deep in one another");
        }
        List<CellPart> parts = parts(depth + 1);
        next++;
        skipSpace();
        int times = times();
        try {
            return new CellPart.Inner(parts, times);
        } catch (StrideException e) {
            throw new TextException(text, from, next, e.getMessage() + ". " + EXAMPLE);
        }
    }

    private int times() {
        int digits = next + 1;
        int end = digits;
        while (end < to && end - digits < 6 && Character.isDigit(text.charAt(end))) {
            end++;
        }
        if (next >= to || Character.toLowerCase(text.charAt(next)) != 'x' || end == digits) {
            throw wrong(next, "expected x and how often the cell in brackets comes, as in [x..]x4");
        }
        next = end;
        return Integer.parseInt(text.substring(digits, end));
    }

    private Optional<Stroke> stroke() {
        return switch (text.charAt(next++)) {
            case 'x' -> Optional.of(Stroke.NORMAL);
            case 'X' -> Optional.of(Stroke.ACCENT);
            case 'g', 'G' -> Optional.of(Stroke.GHOST);
            case '.' -> Optional.empty();
            default ->
                throw wrong(
                        next - 1,
                        "a pattern is made of x (hit), X (accent), g (ghost note) and . (rest), and cells in brackets");
        };
    }

    private void skipSpace() {
        while (next < to && Character.isWhitespace(text.charAt(next))) {
            next++;
        }
    }

    private TextException wrong(int at, String expected) {
        int from = Math.min(at, text.length());
        return new TextException(text, from, Math.min(from + 1, text.length()), expected + ". " + EXAMPLE);
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
