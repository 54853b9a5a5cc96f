package nimblestride.core.language.text;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nimblestride.core.kit.orchestration.OrchestrationRule;
import nimblestride.core.kit.voice.NamedVoices;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Reset;
import nimblestride.core.time.value.NoteValue;

/**
 * Reads and prints layers: {@code kick every 3/16 from 1/16}, {@code snare 4 over bar}, {@code cowbell cell x..x.g of
 * 1/16 reset phrase}, {@code snare sticking R L R R of 1/16 moving accents to crash}. A name in quotes is a riff:
 * {@code "bass line" cell x..x. of 1/8}.
 */
public final class LayerText {
    private static final String EXAMPLE = "kick every 3/16 from 1/16";
    private static final String PATTERN =
            "\"every\" and a value, \"4 over bar\", or \"cell\" and a pattern. For example: " + EXAMPLE;

    private final TextCursor cursor;

    private final NamedVoices voices;

    private LayerText(String text, NamedVoices voices) {
        this.cursor = new TextCursor(text);
        this.voices = voices;
    }

    /**
     * Reads a layer of the kit.
     *
     * @throws TextException at the first place that can't be read
     */
    public static Layer read(String text) {
        return read(text, NamedVoices.KIT);
    }

    /**
     * Reads a layer of some voices.
     *
     * @throws TextException at the first place that can't be read
     */
    public static Layer read(String text, NamedVoices voices) {
        return new LayerText(text, voices).layer();
    }

    private Layer layer() {
        Voice voice = voice();
        Pattern pattern = PatternText.read(cursor);
        NoteValue offset = NoteValue.ZERO;
        Reset reset = Reset.NEVER;
        int downbeatEvery = 1;
        int from = 0;
        List<OrchestrationRule> moves = List.of();
        Set<String> left = new HashSet<>(PatternText.ENDINGS);
        while (!cursor.atEnd()) {
            TextCursor.Word word = cursor.takeWord();
            if (!left.remove(word.text())) {
                throw cursor.at(
                        word,
                        "\"from\" and an offset, \"reset\" and bar, phrase, never or bars, or"
                                + " \"one every\" and a number of bars, each once."
                                + " For example: " + EXAMPLE + " reset bar");
            }
            switch (word.text()) {
                case "from" -> offset = ValueText.read(cursor.takeUpTo(PatternText.ENDINGS));
                case "reset" -> reset = ResetText.read(cursor);
                case "one" -> {
                    downbeatEvery = downbeatEvery(word);
                    from = word.from();
                }
                default -> moves = OrchestrationText.read(cursor.takeUpTo(Set.of()), voices);
            }
        }
        NoteValue late = offset;
        Reset again = reset;
        List<OrchestrationRule> rules = moves;
        Layer layer = cursor.make(0, () -> new Layer(voice, pattern, late, again, 1, rules));
        int ones = downbeatEvery;
        return ones == 1 ? layer : cursor.make(from, () -> layer.withDownbeatEvery(ones));
    }

    private Voice voice() {
        Optional<Voice> riff = RiffText.take(cursor, voices);
        if (riff.isPresent() && cursor.atEnd()) {
            throw cursor.atNext(PATTERN);
        }
        return riff.orElseGet(this::unquoted);
    }

    private Voice unquoted() {
        int from = cursor.atEnd() ? 0 : cursor.peekWord().from();
        boolean firstIsVoice =
                !cursor.atEnd() && voices.named(cursor.peekWord().text()).isPresent();
        List<TextCursor.Word> words = new ArrayList<>();
        while (!cursor.atEnd() && !PatternText.begins(cursor)) {
            words.add(cursor.takeWord());
        }
        if (words.isEmpty()) {
            throw cursor.atNext("a voice first. For example: " + EXAMPLE);
        }
        TextCursor name = cursor.part(from, cursor.at());
        Optional<Voice> voice = voices.named(name.content());
        if (voice.isEmpty() && cursor.atEnd() && firstIsVoice) {
            throw noPattern(words);
        }
        return voice.orElseThrow(
                () -> name.error("a voice: " + voices.names() + "; or a name in quotes for what another player plays. "
                        + "For example: " + EXAMPLE + ", or " + RiffText.EXAMPLE));
    }

    /** Reports a voice without a pattern. */
    private TextException noPattern(List<TextCursor.Word> words) {
        if (words.size() > 2 && words.get(1).text().matches("\\d+")) {
            return cursor.at(
                    words.get(2),
                    "\"over\" and a span. For example: " + words.get(0).text() + " 4 over bar");
        }
        return cursor.at(words.get(Math.min(1, words.size() - 1)), PATTERN);
    }

    /** Reads {@code every 4 bars}, after "one". */
    private int downbeatEvery(TextCursor.Word one) {
        String expected = "\"every\" and a number of bars. For example: " + EXAMPLE + " one every 4 bars";
        if (!cursor.nextWordIs("every") || cursor.secondWordIs("bars")) {
            throw cursor.at(one, expected);
        }
        cursor.takeWord();
        if (cursor.atEnd()) {
            throw cursor.atNext(expected);
        }
        TextCursor.Word number = cursor.takeWord();
        int bars = PatternText.number(cursor.part(number.from(), number.to()));
        if (!cursor.nextWordIs("bars") && !cursor.nextWordIs("bar")) {
            throw cursor.atNext(expected);
        }
        cursor.takeWord();
        return bars;
    }

    /** Prints a layer as a user would type it. */
    public static String write(Layer layer) {
        StringBuilder written =
                new StringBuilder(RiffText.write(layer.voice())).append(' ').append(PatternText.write(layer.pattern()));
        if (!layer.offset().isZero()) {
            written.append(" from ").append(layer.offset());
        }
        if (!layer.reset().equals(Reset.NEVER)) {
            written.append(" reset ").append(ResetText.write(layer.reset()));
        }
        if (layer.downbeatEvery() > 1) {
            written.append(" one every ").append(layer.downbeatEvery()).append(" bars");
        }
        if (!layer.orchestration().isEmpty()) {
            written.append(" moving ").append(OrchestrationText.write(layer.orchestration()));
        }
        return written.toString();
    }
}
