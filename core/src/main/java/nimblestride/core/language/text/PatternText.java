package nimblestride.core.language.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.stream.Collectors;
import nimblestride.core.kit.sticking.Sticking;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.layer.pattern.CellPart;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Placement;
import nimblestride.core.layer.pattern.Span;
import nimblestride.core.time.value.NoteValue;

/**
 * Reads and prints what a layer plays: {@code every 3/16}, {@code 4 over bar}, {@code cell x..x.g of 1/16}, {@code
 * sticking R L R R of 1/16}. Placed notes are {@code at 1:0 1:3/8}, the number of the bar and how far into it.
 */
public final class PatternText {
    private static final String ACROSS = "across";

    static final Set<String> ENDINGS = Set.of("from", "reset", "one", "moving");

    private static final String EXPECTED =
            "\"every\" and a value, \"4 over bar\", \"cell\" or \"sticking\" and a pattern."
                    + " For example: every 3/16";
    private static final Set<String> OF = Set.of("of");
    private static final java.util.regex.Pattern PLACE =
            java.util.regex.Pattern.compile("(.*?)(\\d{1,9}):(\\d+(?:/\\d+)?)(.*)");

    private final TextCursor cursor;

    private PatternText(TextCursor cursor) {
        this.cursor = cursor;
    }

    /**
     * Reads a pattern.
     *
     * @throws TextException at the first place that can't be read
     */
    public static Pattern read(String text) {
        TextCursor cursor = new TextCursor(text);
        if (cursor.atEnd() || !begins(cursor)) {
            throw cursor.atNext(EXPECTED);
        }
        Pattern pattern = read(cursor);
        if (!cursor.atEnd()) {
            throw cursor.atNext("nothing more. For example: every 3/16");
        }
        return pattern;
    }

    /**
     * Reads a sticking and the value of a stroke: {@code R L R R of 1/16}.
     *
     * @throws TextException at the first place that can't be read
     */
    public static Pattern.Stuck readSticking(String text) {
        TextCursor cursor = new TextCursor(text);
        Pattern.Stuck stuck = new PatternText(cursor).sticking(0);
        if (!cursor.atEnd()) {
            throw cursor.atNext("nothing more. For example: R L R R of 1/16");
        }
        return stuck;
    }

    /** Returns whether a pattern starts with the next word. */
    static boolean begins(TextCursor cursor) {
        TextCursor.Word word = cursor.peekWord();
        return word.is("every")
                || word.is("cell")
                || word.is("sticking")
                || word.is("at")
                || (word.text().matches("-?\\d+") && cursor.secondWordIs("over"));
    }

    static Pattern read(TextCursor cursor) {
        if (cursor.atEnd()) {
            throw cursor.atNext(EXPECTED);
        }
        return new PatternText(cursor).pattern();
    }

    private Pattern pattern() {
        TextCursor.Word word = cursor.takeWord();
        return switch (word.text()) {
            case "every" -> every(word);
            case "cell" -> cell(word);
            case "sticking" -> sticking(word.from());
            case "at" -> placed(word);
            default -> over(word);
        };
    }

    private Pattern every(TextCursor.Word keyword) {
        NoteValue value = ValueText.read(cursor.takeUpTo(ENDINGS));
        return cursor.make(keyword.from(), () -> new Pattern.Every(value));
    }

    private Pattern over(TextCursor.Word number) {
        int notes = number(cursor.part(number.from(), number.to()));
        cursor.takeWord();
        Span span = span();
        return cursor.make(number.from(), () -> new Pattern.Over(notes, span));
    }

    private Pattern cell(TextCursor.Word keyword) {
        List<CellPart> parts = CellText.read(cursor.takeUpTo(OF));
        NoteValue step = step("\"of\" and the value of one sign. For example: kick cell x..x. of 1/16");
        return cursor.make(keyword.from(), () -> new Pattern.Cell(parts, step));
    }

    private Pattern.Stuck sticking(int from) {
        Sticking sticking = StickingText.read(cursor.takeUpTo(OF));
        NoteValue step = step("\"of\" and the value of one stroke. For example: snare sticking R L R R of 1/16");
        return cursor.make(from, () -> new Pattern.Stuck(sticking, step));
    }

    private NoteValue step(String expected) {
        if (cursor.atEnd()) {
            throw cursor.atNext(expected);
        }
        cursor.takeWord();
        return ValueText.read(cursor.takeUpTo(ENDINGS));
    }

    private Pattern placed(TextCursor.Word keyword) {
        List<Placement> placements = new ArrayList<>();
        while (!cursor.atEnd()
                && !cursor.peekWord().is(ACROSS)
                && !ENDINGS.contains(cursor.peekWord().text())) {
            TextCursor.Word word = cursor.takeWord();
            placements.add(placement(word));
        }
        int ownBars = ownBars();
        return cursor.make(keyword.from(), () -> new Pattern.Placed(placements, ownBars));
    }

    /** Reads {@code across 3 bars}; nothing there means that the notes repeat with the phrase. */
    private int ownBars() {
        if (cursor.atEnd() || !cursor.peekWord().is(ACROSS)) {
            return 0;
        }
        TextCursor.Word across = cursor.takeWord();
        String expected = "a number of bars. For example: snare at 1:0 3:0 across 3 bars";
        if (!cursor.secondWordIs("bar") && !cursor.secondWordIs("bars")) {
            throw cursor.atEnd() ? cursor.atNext(expected) : cursor.at(across, expected);
        }
        TextCursor.Word number = cursor.takeWord();
        cursor.takeWord();
        return number(cursor.part(number.from(), number.to()));
    }

    /** Reads a place with the signs of a stroke around it. */
    private Placement placement(TextCursor.Word word) {
        TextCursor part = cursor.part(word.from(), word.to());
        return part.match(PLACE)
                .flatMap(match -> StrokeSigns.read(match.group(1), match.group(4))
                        .map(stroke -> part.make(() -> placement(match, stroke), "")))
                .orElseThrow(() -> part.error(
                        "the number of a bar, a colon, and how far into it. For example: at 1:0 1:3/8 >2:0"));
    }

    private static Placement placement(MatchResult match, Stroke stroke) {
        return new Placement(Integer.parseInt(match.group(2)) - 1, NoteValue.parse(match.group(3)), stroke);
    }

    /** Reads a word that must be a number. */
    static int number(TextCursor word) {
        try {
            return Integer.parseInt(word.content());
        } catch (NumberFormatException e) {
            throw word.error("a whole number. For example: snare 4 over 2 bars");
        }
    }

    private Span span() {
        String examples = "bar, 2 bars, phrase or a value. For example: snare 4 over bar";
        if (cursor.atEnd()) {
            throw cursor.atNext(examples);
        }
        TextCursor.Word word = cursor.peekWord();
        if (word.is("bar")) {
            cursor.takeWord();
            return new Span.Bars(1);
        }
        if (word.is("phrase")) {
            cursor.takeWord();
            return new Span.WholePhrase();
        }
        if (cursor.secondWordIs("bar") || cursor.secondWordIs("bars")) {
            int bars = number(cursor.part(word.from(), word.to()));
            cursor.takeWord();
            cursor.takeWord();
            return cursor.make(word.from(), () -> new Span.Bars(bars));
        }
        NoteValue value = ValueText.read(cursor.takeUpTo(ENDINGS));
        return cursor.make(word.from(), () -> new Span.Length(value));
    }

    /** Prints a pattern as a user would type it. */
    public static String write(Pattern pattern) {
        if (pattern instanceof Pattern.Every every) {
            return "every " + every.value();
        }
        if (pattern instanceof Pattern.Over over) {
            return over.notes() + " over " + over.span();
        }
        if (pattern instanceof Pattern.Stuck stuck) {
            return "sticking " + StickingText.write(stuck.sticking()) + " of " + stuck.step();
        }
        if (pattern instanceof Pattern.Placed placed) {
            return placed.placements().stream()
                    .map(PatternText::write)
                    .collect(Collectors.joining(
                            " ",
                            "at ",
                            placed.isOnPhrase()
                                    ? ""
                                    : " " + ACROSS + " " + placed.ownBars()
                                            + (placed.ownBars() == 1 ? " bar" : " bars")));
        }
        Pattern.Cell cell = (Pattern.Cell) pattern;
        return "cell " + CellText.write(cell.made()).strip() + " of " + cell.step();
    }

    private static String write(Placement placement) {
        return StrokeSigns.about(placement.stroke(), placement.bar() + 1 + ":" + placement.position());
    }
}
