package nimblestride.core.language.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.MatchResult;
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
    private static final Pattern NUMBERED =
            Pattern.compile("(at most|starting with|ending with)\\s+(\\d{1,6})", Pattern.CASE_INSENSITIVE);
    private static final Pattern COMMA = Pattern.compile(",");

    private FitText() {}

    /**
     * Reads a question.
     *
     * @throws TextException at the first place that can't be read
     */
    public static FitQuestion read(String text) {
        TextCursor whole = new TextCursor(text);
        TextCursor into = word(whole, "into", 0);
        TextCursor of = word(whole, "of", into.end());
        Optional<TextCursor> with = whole.find(" with ", of.start());
        int end = with.map(TextCursor::start).orElse(whole.end());
        List<Integer> sizes = sizes(whole.part(0, into.start()));
        TextCursor lengthText = whole.part(into.end(), of.start());
        NoteValue length = length(lengthText);
        NoteValue unit = ValueText.read(whole.part(of.end(), end));
        if (unit.isZero() || !length.isMultipleOf(unit)) {
            throw whole.part(of.start(), end)
                    .error("a unit that divides " + length + " evenly; " + unit + " doesn't. " + EXAMPLE);
        }
        long units = length.wholePartsOf(unit);
        if (units > Partitions.MAX_LENGTH) {
            throw lengthText.error(String.format(
                    Locale.ROOT,
                    "a length of up to %,d units; this is %,d. %s",
                    Partitions.MAX_LENGTH,
                    units,
                    EXAMPLE));
        }
        PartitionConstraints demands =
                with.map(found -> demands(whole.part(found.end(), whole.end()))).orElse(PartitionConstraints.NONE);
        Partitions filling = whole.make(() -> Partitions.of((int) units, sizes), ". " + EXAMPLE);
        return new FitQuestion(filling.with(demands), unit);
    }

    private static TextCursor word(TextCursor text, String word, int from) {
        return text.find(word, from)
                .orElseThrow(() -> text.part(text.end(), text.end()).error("\"" + word + "\". " + EXAMPLE));
    }

    private static List<Integer> sizes(TextCursor cursor) {
        List<Integer> sizes = new ArrayList<>();
        do {
            sizes.add(cursor.number("the length of a cell in units. " + EXAMPLE));
        } while (cursor.take(','));
        if (!cursor.atEnd()) {
            throw cursor.here("a comma and another cell, or \"into\". " + EXAMPLE);
        }
        return sizes;
    }

    /** Reads a value, or bars as a user types them. */
    private static NoteValue length(TextCursor part) {
        try {
            return BarsText.read(part.content()).length();
        } catch (TextException e) {
            return ValueText.read(part);
        }
    }

    private static PartitionConstraints demands(TextCursor text) {
        PartitionConstraints demands = PartitionConstraints.NONE;
        for (TextCursor part : text.split(COMMA)) {
            demands = demand(part.stripped(), demands);
        }
        return demands;
    }

    private static PartitionConstraints demand(TextCursor part, PartitionConstraints demands) {
        return switch (part.content().toLowerCase(Locale.ROOT)) {
            case "each at least once" -> demands.eachOnce();
            case "alike together" -> demands.together();
            case "lead hand back" -> demands.handBack();
            default -> numbered(part, demands);
        };
    }

    private static PartitionConstraints numbered(TextCursor part, PartitionConstraints demands) {
        MatchResult numbered = part.match(NUMBERED).orElseThrow(() -> part.error("a condition: " + DEMANDS));
        int number = Integer.parseInt(numbered.group(2));
        if (number == 0) {
            throw part.error("a number of 1 or more, such as at most 4");
        }
        return switch (numbered.group(1).toLowerCase(Locale.ROOT)) {
            case "starting with" -> demands.startingWith(number);
            case "ending with" -> demands.endingWith(number);
            default -> demands.atMost(number);
        };
    }
}
