package nimblestride.core.language.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nimblestride.core.time.partition.FitQuestion;
import nimblestride.core.time.partition.PartitionConstraints;
import nimblestride.core.time.partition.Partitions;
import nimblestride.core.time.value.NoteValue;

/**
 * Reads cells into a length: {@code 5,3 into 4/4 of 1/16}. It takes constraints: {@code 5,3 into 4/4 of 1/16 with each
 * at least once, at most 4, starting with 3, ending with 5, alike together, lead hand back}.
 */
public final class FitText {
    private static final String EXAMPLE = "For example: 5,3 into 4/4 of 1/16";
    private static final String DEMANDS =
            "each at least once, at most 4, starting with 3, ending with 5, alike together, lead hand back";
    private static final Pattern NUMBERED = Pattern.compile("(at most|starting with|ending with)\\s+(\\d{1,6})");

    private FitText() {}

    /**
     * Reads a question.
     *
     * @throws TextException at the first place that can't be read
     */
    public static FitQuestion read(String text) {
        int into = word(text, "into", 0);
        int of = word(text, "of", into + "into".length());
        int with = text.indexOf(" with ", of);
        int end = with < 0 ? text.length() : with;
        List<Integer> sizes = sizes(text.substring(0, into));
        int lengthStart = into + "into".length();
        NoteValue length = length(text, lengthStart, of);
        NoteValue unit = ValueText.read(text, of + "of".length(), end);
        if (unit.isZero() || !length.isMultipleOf(unit)) {
            throw new TextException(text, of, end, length + " is no whole number of " + unit + ". " + EXAMPLE);
        }
        long units = length.wholePartsOf(unit);
        if (units > Partitions.MAX_LENGTH) {
            throw new TextException(
                    text,
                    lengthStart,
                    of,
                    String.format(
                            Locale.ROOT,
                            "at most %,d units can be filled, and this is %,d. %s",
                            Partitions.MAX_LENGTH,
                            units,
                            EXAMPLE));
        }
        PartitionConstraints demands = with < 0 ? PartitionConstraints.NONE : demands(text, with + " with ".length());
        Partitions filling =
                new TextCursor(text).make(0, () -> Partitions.of((int) units, sizes), "5,3 into 4/4 of 1/16");
        return new FitQuestion(filling.with(demands), unit);
    }

    private static int word(String text, String word, int from) {
        int at = text.indexOf(word, Math.min(from, text.length()));
        if (at < 0) {
            throw new TextException(text, text.length(), text.length(), "expected \"" + word + "\". " + EXAMPLE);
        }
        return at;
    }

    private static List<Integer> sizes(String text) {
        TextCursor cursor = new TextCursor(text);
        List<Integer> sizes = new ArrayList<>();
        do {
            sizes.add(cursor.number("expected the length of a cell, in units. " + EXAMPLE));
        } while (cursor.take(','));
        if (!cursor.atEnd()) {
            throw cursor.here("expected a comma and another cell, or \"into\". " + EXAMPLE);
        }
        return sizes;
    }

    /** Reads a value, or bars as a user types them. */
    private static NoteValue length(String text, int from, int to) {
        try {
            return BarsText.read(text.substring(from, to)).length();
        } catch (TextException e) {
            return ValueText.read(text, from, to);
        }
    }

    private static PartitionConstraints demands(String text, int from) {
        PartitionConstraints demands = PartitionConstraints.NONE;
        int start = from;
        for (String part : text.substring(from).split(",", -1)) {
            int at = start + part.length() - part.stripLeading().length();
            int end = at + Math.max(1, part.strip().length());
            demands =
                    demand(text, at, Math.min(end, text.length()), part.strip().toLowerCase(Locale.ROOT), demands);
            start += part.length() + 1;
        }
        return demands;
    }

    private static PartitionConstraints demand(
            String text, int from, int to, String part, PartitionConstraints demands) {
        return switch (part) {
            case "each at least once" -> demands.eachOnce();
            case "alike together" -> demands.together();
            case "lead hand back" -> demands.handBack();
            default -> numbered(text, from, to, part, demands);
        };
    }

    private static PartitionConstraints numbered(
            String text, int from, int to, String part, PartitionConstraints demands) {
        Matcher numbered = NUMBERED.matcher(part);
        if (!numbered.matches()) {
            throw new TextException(text, from, to, "expected what is asked of the cells: " + DEMANDS);
        }
        int number = Integer.parseInt(numbered.group(2));
        if (number == 0) {
            throw new TextException(text, from, to, "expected a number of 1 or more, as in at most 4");
        }
        return switch (numbered.group(1)) {
            case "starting with" -> demands.startingWith(number);
            case "ending with" -> demands.endingWith(number);
            default -> demands.atMost(number);
        };
    }
}
