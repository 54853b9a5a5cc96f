package nimblestride.core.language.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
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
    static final Set<String> ENDINGS = Set.of("from", "reset", "one", "moving");

    private static final String EXPECTED =
            "expected \"every\" and a value, \"4 over bar\", \"cell\" or \"sticking\" and a pattern."
                    + " For example: every 3/16";
    private static final Set<String> OF = Set.of("of");
    private static final java.util.regex.Pattern PLACE =
            java.util.regex.Pattern.compile("(.*?)(\\d{1,9}):(\\d+(?:/\\d+)?)(.*)");

    private final Tokens tokens;

    private PatternText(Tokens tokens) {
        this.tokens = tokens;
    }

    /**
     * Reads a pattern.
     *
     * @throws TextException at the first place that can't be read
     */
    public static Pattern read(String text) {
        Tokens tokens = new Tokens(text);
        if (tokens.atEnd() || !begins(tokens)) {
            throw tokens.atNext(EXPECTED);
        }
        Pattern pattern = read(tokens);
        if (!tokens.atEnd()) {
            throw tokens.atNext("expected the end. For example: every 3/16");
        }
        return pattern;
    }

    /**
     * Reads a sticking and the value of a stroke: {@code R L R R of 1/16}.
     *
     * @throws TextException at the first place that can't be read
     */
    public static Pattern.Stuck readSticking(String text) {
        Tokens tokens = new Tokens(text);
        Pattern.Stuck stuck = new PatternText(tokens).sticking(0);
        if (!tokens.atEnd()) {
            throw tokens.atNext("expected the end. For example: R L R R of 1/16");
        }
        return stuck;
    }

    /** Returns whether a pattern starts with the next word. */
    static boolean begins(Tokens tokens) {
        Tokens.Word word = tokens.peek();
        return word.is("every")
                || word.is("cell")
                || word.is("sticking")
                || word.is("at")
                || (word.text().matches("-?\\d+") && tokens.startsWith(1, "over"));
    }

    static Pattern read(Tokens tokens) {
        if (tokens.atEnd()) {
            throw tokens.atNext(EXPECTED);
        }
        return new PatternText(tokens).pattern();
    }

    private Pattern pattern() {
        Tokens.Word word = tokens.take();
        return switch (word.text()) {
            case "every" -> every(word);
            case "cell" -> cell(word);
            case "sticking" -> sticking(word.from());
            case "at" -> placed(word);
            default -> over(word);
        };
    }

    private Pattern every(Tokens.Word keyword) {
        NoteValue value = tokens.value(ENDINGS);
        return tokens.make(keyword.from(), () -> new Pattern.Every(value));
    }

    private Pattern over(Tokens.Word number) {
        int notes = tokens.number(number);
        tokens.take();
        Span span = span();
        return tokens.make(number.from(), () -> new Pattern.Over(notes, span));
    }

    private Pattern cell(Tokens.Word keyword) {
        Tokens.Word signs = tokens.upTo(OF);
        List<CellPart> parts = CellText.read(tokens.text(), signs.from(), signs.to());
        NoteValue step = step("expected \"of\" and the value of one sign. For example: kick cell x..x. of 1/16");
        return tokens.make(keyword.from(), () -> new Pattern.Cell(parts, step));
    }

    private Pattern.Stuck sticking(int from) {
        Tokens.Word signs = tokens.upTo(OF);
        Sticking sticking = StickingText.read(tokens.text(), signs.from(), signs.to());
        NoteValue step =
                step("expected \"of\" and the value of one stroke. For example: snare sticking R L R R of 1/16");
        return tokens.make(from, () -> new Pattern.Stuck(sticking, step));
    }

    private NoteValue step(String expected) {
        if (tokens.atEnd()) {
            throw tokens.atNext(expected);
        }
        tokens.take();
        return tokens.value(ENDINGS);
    }

    private Pattern placed(Tokens.Word keyword) {
        List<Placement> placements = new ArrayList<>();
        while (!tokens.atEnd() && !ENDINGS.contains(tokens.peek().text())) {
            Tokens.Word word = tokens.take();
            placements.add(placement(word));
        }
        return tokens.make(keyword.from(), () -> new Pattern.Placed(placements));
    }

    /** Reads a place with the signs of a stroke around it. */
    private Placement placement(Tokens.Word word) {
        Matcher matcher = PLACE.matcher(tokens.text().substring(word.from(), word.to()));
        Optional<Stroke> stroke =
                matcher.matches() ? StrokeSigns.read(matcher.group(1), matcher.group(4)) : Optional.empty();
        if (stroke.isEmpty()) {
            throw tokens.at(
                    word, "expected the number of a bar, a colon, and how far into it. For example: at 1:0 1:3/8 >2:0");
        }
        return tokens.make(
                word.from(),
                () -> new Placement(
                        Integer.parseInt(matcher.group(2)) - 1, NoteValue.parse(matcher.group(3)), stroke.get()));
    }

    private Span span() {
        String examples = "expected bar, 2 bars, phrase or a value. For example: snare 4 over bar";
        if (tokens.atEnd()) {
            throw tokens.atNext(examples);
        }
        Tokens.Word word = tokens.peek();
        if (word.is("bar")) {
            tokens.take();
            return new Span.Bars(1);
        }
        if (word.is("phrase")) {
            tokens.take();
            return new Span.WholePhrase();
        }
        if (tokens.startsWith(1, "bar") || tokens.startsWith(1, "bars")) {
            int bars = tokens.number(word);
            tokens.take();
            tokens.take();
            return tokens.make(word.from(), () -> new Span.Bars(bars));
        }
        NoteValue value = tokens.value(ENDINGS);
        return tokens.make(word.from(), () -> new Span.Length(value));
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
            return placed.placements().stream().map(PatternText::write).collect(Collectors.joining(" ", "at ", ""));
        }
        Pattern.Cell cell = (Pattern.Cell) pattern;
        return "cell " + CellText.write(cell.made()).strip() + " of " + cell.step();
    }

    private static String write(Placement placement) {
        return StrokeSigns.about(placement.stroke(), placement.bar() + 1 + ":" + placement.position());
    }
}
