package nimblestride.core.language.text;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Grouping;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.meter.PhrasePart;
import nimblestride.core.time.meter.Repeat;

/**
 * Bars as people write them: {@code 11/8(3+3+3+2) x2, 9/16}, {@code [7/16, 5/8] x3}, {@code 4/4+1/12}. A line
 * between groups is a bar line within the bar: {@code 11/8(3+3|3+2)}.
 *
 * <pre>
 * bars  = part { "," part }
 * part  = ( bar | "[" bars "]" ) [ "x" number ]
 * bar   = term { "+" term } [ "(" inner { "|" inner } ")" ]
 * inner = number { "+" number }
 * term  = number { "+" number } "/" number
 * </pre>
 */
public final class BarsText {
    private static final String EXAMPLE = "11/8(3+3+3+2) x2, 9/16";
    private static final int MAX_DEPTH = 16;

    private BarsText() {}

    /**
     * Reads bars.
     *
     * @throws TextException at the first place that can't be read
     */
    public static Phrase read(String text) {
        TextCursor cursor = new TextCursor(text);
        List<PhrasePart> parts = parts(cursor, 0);
        if (!cursor.atEnd()) {
            throw cursor.here("a comma and another bar, or the end. For example: " + EXAMPLE);
        }
        return cursor.make(0, () -> Phrase.of(parts), EXAMPLE);
    }

    private static List<PhrasePart> parts(TextCursor cursor, int depth) {
        List<PhrasePart> parts = new ArrayList<>();
        do {
            parts.addAll(part(cursor, depth));
        } while (cursor.take(','));
        return parts;
    }

    private static List<PhrasePart> part(TextCursor cursor, int depth) {
        cursor.skipSpaces();
        int start = cursor.at();
        List<PhrasePart> parts;
        if (cursor.startsWith('[')) {
            if (depth == MAX_DEPTH) {
                throw cursor.here("at most " + MAX_DEPTH + " brackets inside each other. For example: [7/16, 5/8] x3");
            }
            cursor.take('[');
            parts = parts(cursor, depth + 1);
            cursor.expect(']', "a comma and another bar, or the closing bracket. For example: [7/16, 5/8] x3");
        } else {
            parts = List.of(bar(cursor));
        }
        if (!cursor.take('x') && !cursor.take('X') && !cursor.take('×')) {
            return parts;
        }
        int times = cursor.number("how many times. For example: 11/8 x2");
        if (times == 1) {
            return parts;
        }
        return List.of(cursor.make(start, () -> new Repeat(parts, times), "11/8 x2"));
    }

    private static Bar bar(TextCursor cursor) {
        cursor.skipSpaces();
        int start = cursor.at();
        Meter meter = meter(cursor);
        if (!cursor.startsWith('(')) {
            return cursor.make(start, () -> Bar.of(meter), EXAMPLE);
        }
        cursor.skipSpaces();
        int bracket = cursor.at();
        cursor.take('(');
        List<List<Integer>> innerBars = new ArrayList<>();
        do {
            List<Integer> sizes = new ArrayList<>();
            do {
                sizes.add(cursor.number("a group size in units of " + meter.unit() + ". For example: 11/8(3+3+3+2)"));
            } while (cursor.take('+'));
            innerBars.add(sizes);
        } while (cursor.take('|'));
        cursor.expect(
                ')',
                "+ and another group, | and another inner bar, or the closing bracket. For example:"
                        + " 11/8(3+3|3+2)");
        String usual = meter + "(" + meter.defaultGrouping() + ")";
        return cursor.make(bracket, () -> new Bar(meter, Grouping.ofInnerBars(innerBars)), usual);
    }

    private static Meter meter(TextCursor cursor) {
        cursor.skipSpaces();
        int start = cursor.at();
        List<Meter.Term> terms = new ArrayList<>();
        do {
            terms.add(term(cursor));
        } while (cursor.take('+'));
        return cursor.make(start, () -> new Meter(terms), EXAMPLE);
    }

    private static Meter.Term term(TextCursor cursor) {
        cursor.skipSpaces();
        int start = cursor.at();
        List<Integer> numerators = new ArrayList<>();
        do {
            numerators.add(cursor.number("a bar, such as 7/8 or 3+3+2/8"));
        } while (cursor.take('+'));
        cursor.expect(
                '/',
                "/ and the note value that is counted. For example: " + numerators.get(numerators.size() - 1) + "/8");
        int denominator = cursor.number("the note value that is counted, a whole number. For example: "
                + numerators.get(numerators.size() - 1) + "/8");
        return cursor.make(start, () -> new Meter.Term(numerators, denominator), "7/8");
    }

    /** Prints a phrase as a user would type it; a grouping only where it is not the default. */
    public static String write(Phrase phrase) {
        return write(phrase.parts());
    }

    private static String write(List<PhrasePart> parts) {
        return parts.stream().map(BarsText::write).collect(Collectors.joining(", "));
    }

    private static String write(PhrasePart part) {
        if (part instanceof Repeat repeat) {
            String body = write(repeat.parts());
            boolean single = repeat.parts().size() == 1 && repeat.parts().get(0) instanceof Bar;
            return (single ? body : "[" + body + "]") + " x" + repeat.times();
        }
        return write((Bar) part);
    }

    /** Prints one bar as a user would type it. */
    public static String write(Bar bar) {
        return bar.hasUsualGrouping() ? bar.meter().toString() : bar.meter() + "(" + bar.grouping() + ")";
    }
}
