package nimblestride.core.text;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.stream.Collectors;
import nimblestride.core.groove.Kit;
import nimblestride.core.groove.Stroke;
import nimblestride.core.groove.Voice;
import nimblestride.core.layer.Layer;
import nimblestride.core.layer.Pattern;
import nimblestride.core.layer.Reset;
import nimblestride.core.layer.Span;
import nimblestride.core.value.NoteValue;

/**
 * Layers as people write them: {@code kick every 3/16 from 1/16}, {@code snare 4 over bar},
 * {@code cowbell cell x..x.g of 1/16 reset phrase}.
 */
public final class LayerText {
    private static final String EXAMPLE = "kick every 3/16 from 1/16";
    private static final Set<String> ENDINGS = Set.of("from", "reset");

    private final String text;
    private final List<Word> words = new ArrayList<>();
    private int next;

    private record Word(String text, int from, int to) {
        boolean is(String word) {
            return text.equals(word);
        }
    }

    private LayerText(String text) {
        this.text = text;
        Matcher matcher = java.util.regex.Pattern.compile("\\S+").matcher(text);
        while (matcher.find()) {
            words.add(new Word(matcher.group().toLowerCase(Locale.ROOT), matcher.start(), matcher.end()));
        }
    }

    /** @throws TextException at the first place that makes no sense */
    public static Layer read(String text) {
        return new LayerText(text).layer();
    }

    /**
     * Reads what a layer plays, without its voice: {@code every 3/16}, {@code 4 over bar}.
     *
     * @throws TextException at the first place that makes no sense
     */
    public static Pattern readPattern(String text) {
        LayerText reader = new LayerText(text);
        if (reader.words.isEmpty() || !reader.startsPattern(0)) {
            throw reader.atNext("expected \"every\" and a value, \"4 over bar\", or \"cell\" and a pattern."
                    + " For example: every 3/16");
        }
        Pattern pattern = reader.pattern();
        if (reader.next < reader.words.size()) {
            throw reader.atNext("expected the end. For example: every 3/16");
        }
        return pattern;
    }

    private Layer layer() {
        Voice voice = voice();
        Pattern pattern = pattern();
        NoteValue offset = NoteValue.ZERO;
        Reset reset = Reset.NEVER;
        Set<String> left = new HashSet<>(ENDINGS);
        while (next < words.size()) {
            Word word = words.get(next);
            if (!left.remove(word.text)) {
                throw at(
                        word,
                        "expected \"from\" and an offset, or \"reset\" and bar, phrase or never, each once."
                                + " For example: " + EXAMPLE + " reset bar");
            }
            next++;
            if (word.is("from")) {
                offset = value();
            } else {
                reset = reset();
            }
        }
        return new Layer(voice, pattern, offset, reset);
    }

    private Voice voice() {
        int first = next;
        while (next < words.size() && !startsPattern(next)) {
            next++;
        }
        if (next == first) {
            throw atNext("expected a voice first. For example: " + EXAMPLE);
        }
        int from = words.get(first).from;
        int to = words.get(next - 1).to;
        String name = text.substring(from, to);
        Optional<Voice> voice = Kit.named(name);
        if (voice.isEmpty()
                && next == words.size()
                && Kit.named(words.get(first).text).isPresent()) {
            throw at(
                    words.get(Math.min(first + 1, next - 1)),
                    "expected \"every\" and a value, \"4 over bar\"," + " or \"cell\" and a pattern. For example: "
                            + EXAMPLE);
        }
        return voice.orElseThrow(() -> new TextException(
                text,
                from,
                to,
                "there is no voice of that name. Voices are "
                        + Kit.voices().stream().map(Voice::name).collect(Collectors.joining(", "))
                        + ". For example: " + EXAMPLE));
    }

    private boolean startsPattern(int index) {
        Word word = words.get(index);
        return word.is("every")
                || word.is("cell")
                || (word.text.matches("-?\\d+")
                        && index + 1 < words.size()
                        && words.get(index + 1).is("over"));
    }

    private Pattern pattern() {
        if (next == words.size()) {
            throw atNext("expected \"every\" and a value, \"4 over bar\", or \"cell\" and a pattern. For example: "
                    + EXAMPLE);
        }
        Word word = words.get(next++);
        if (word.is("every")) {
            int start = words.get(next - 1).from;
            NoteValue value = value();
            return make(start, () -> new Pattern.Every(value));
        }
        if (word.is("cell")) {
            return cell(word);
        }
        int notes = number(word);
        next++;
        Span span = span();
        return make(word.from, () -> new Pattern.Over(notes, span));
    }

    private Pattern cell(Word keyword) {
        List<Optional<Stroke>> steps = new ArrayList<>();
        while (next < words.size() && !words.get(next).is("of")) {
            Word word = words.get(next++);
            for (int i = word.from; i < word.to; i++) {
                steps.add(step(i));
            }
        }
        if (next == words.size()) {
            throw atNext("expected \"of\" and the value of one sign. For example: kick cell x..x. of 1/16");
        }
        next++;
        NoteValue step = value();
        return make(keyword.from, () -> new Pattern.Cell(steps, step));
    }

    private Optional<Stroke> step(int index) {
        return switch (text.charAt(index)) {
            case 'x' -> Optional.of(Stroke.NORMAL);
            case 'X' -> Optional.of(Stroke.ACCENT);
            case 'g', 'G' -> Optional.of(Stroke.GHOST);
            case '.' -> Optional.empty();
            default ->
                throw new TextException(
                        text,
                        index,
                        index + 1,
                        "a pattern is made of x (hit), X (accent),"
                                + " g (ghost note) and . (rest). For example: kick cell x..x. of 1/16");
        };
    }

    private Span span() {
        String examples = "expected bar, 2 bars, phrase or a value. For example: snare 4 over bar";
        if (next == words.size()) {
            throw atNext(examples);
        }
        Word word = words.get(next);
        if (word.is("bar")) {
            next++;
            return new Span.Bars(1);
        }
        if (word.is("phrase")) {
            next++;
            return new Span.WholePhrase();
        }
        if (next + 1 < words.size() && words.get(next + 1).text.matches("bars?")) {
            int bars = number(word);
            next += 2;
            return make(word.from, () -> new Span.Bars(bars));
        }
        NoteValue value = value();
        return make(word.from, () -> new Span.Length(value));
    }

    private Reset reset() {
        Word word = next < words.size() ? words.get(next) : null;
        if (word != null) {
            for (Reset reset : Reset.values()) {
                if (word.is(write(reset))) {
                    next++;
                    return reset;
                }
            }
        }
        throw atNext("expected bar, phrase or never. For example: " + EXAMPLE + " reset bar");
    }

    /** The words up to the next ending, as a value. */
    private NoteValue value() {
        int first = next;
        while (next < words.size() && !ENDINGS.contains(words.get(next).text)) {
            next++;
        }
        int from = first < words.size() ? words.get(first).from : text.length();
        return ValueText.read(text, from, next > first ? words.get(next - 1).to : from);
    }

    private int number(Word word) {
        try {
            return Integer.parseInt(word.text);
        } catch (NumberFormatException e) {
            throw at(word, "expected a whole number. For example: snare 4 over 2 bars");
        }
    }

    private <T> T make(int from, Supplier<T> value) {
        try {
            return value.get();
        } catch (TextException e) {
            throw e;
        } catch (IllegalArgumentException e) {
            throw new TextException(text, from, words.get(next - 1).to, e.getMessage());
        }
    }

    private TextException at(Word word, String expected) {
        return new TextException(text, word.from, word.to, expected);
    }

    private TextException atNext(String expected) {
        return next < words.size()
                ? at(words.get(next), expected)
                : new TextException(text, text.length(), text.length(), expected);
    }

    /** The layer as it would be typed. */
    public static String write(Layer layer) {
        StringBuilder written =
                new StringBuilder(layer.voice().name()).append(' ').append(write(layer.pattern()));
        if (!layer.offset().isZero()) {
            written.append(" from ").append(layer.offset());
        }
        if (layer.reset() != Reset.NEVER) {
            written.append(" reset ").append(write(layer.reset()));
        }
        return written.toString();
    }

    /** A pattern as it would be typed. */
    public static String write(Pattern pattern) {
        if (pattern instanceof Pattern.Every every) {
            return "every " + every.value();
        }
        if (pattern instanceof Pattern.Over over) {
            return over.notes() + " over " + over.span();
        }
        Pattern.Cell cell = (Pattern.Cell) pattern;
        return "cell " + writeSteps(cell) + " of " + cell.step();
    }

    /** The signs of a cell: {@code x..X.g}. */
    public static String writeSteps(Pattern.Cell cell) {
        return cell.steps().stream().map(LayerText::sign).collect(Collectors.joining());
    }

    private static String sign(Optional<Stroke> step) {
        if (step.isEmpty()) {
            return ".";
        }
        return switch (step.get()) {
            case NORMAL -> "x";
            case ACCENT -> "X";
            case GHOST -> "g";
        };
    }

    private static String write(Reset reset) {
        return reset.name().toLowerCase(Locale.ROOT);
    }
}
