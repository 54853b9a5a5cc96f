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
 * 1/16 reset phrase}, {@code snare sticking R L R R of 1/16 moving accents to crash}.
 */
public final class LayerText {
    private static final String EXAMPLE = "kick every 3/16 from 1/16";

    private final Tokens tokens;

    private final NamedVoices voices;

    private LayerText(String text, NamedVoices voices) {
        this.tokens = new Tokens(text);
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
        Pattern pattern = PatternText.read(tokens);
        NoteValue offset = NoteValue.ZERO;
        Reset reset = Reset.NEVER;
        int downbeatEvery = 1;
        int from = 0;
        List<OrchestrationRule> moves = List.of();
        Set<String> left = new HashSet<>(PatternText.ENDINGS);
        while (!tokens.atEnd()) {
            Tokens.Word word = tokens.take();
            if (!left.remove(word.text())) {
                throw tokens.at(
                        word,
                        "expected \"from\" and an offset, \"reset\" and bar, phrase, never or bars, or"
                                + " \"one every\" and a number of bars, each once."
                                + " For example: " + EXAMPLE + " reset bar");
            }
            switch (word.text()) {
                case "from" -> offset = tokens.value(PatternText.ENDINGS);
                case "reset" -> reset = ResetText.read(tokens);
                case "one" -> {
                    downbeatEvery = downbeatEvery(word);
                    from = word.from();
                }
                default ->
                    moves = OrchestrationText.read(
                            tokens.text(), tokens.upTo(Set.of()).from(), voices);
            }
        }
        NoteValue late = offset;
        Reset again = reset;
        List<OrchestrationRule> rules = moves;
        Layer layer = tokens.make(0, () -> new Layer(voice, pattern, late, again, 1, rules));
        int ones = downbeatEvery;
        return ones == 1 ? layer : tokens.make(from, () -> layer.withDownbeatEvery(ones));
    }

    private Voice voice() {
        int from = tokens.atEnd() ? 0 : tokens.peek().from();
        boolean firstIsVoice =
                !tokens.atEnd() && voices.named(tokens.peek().text()).isPresent();
        List<Tokens.Word> words = new ArrayList<>();
        while (!tokens.atEnd() && !PatternText.begins(tokens)) {
            words.add(tokens.take());
        }
        if (words.isEmpty()) {
            throw tokens.atNext("expected a voice first. For example: " + EXAMPLE);
        }
        int to = tokens.last().to();
        Optional<Voice> voice = voices.named(tokens.text().substring(from, to));
        if (voice.isEmpty() && tokens.atEnd() && firstIsVoice) {
            throw noPattern(words);
        }
        return voice.orElseThrow(() -> new TextException(
                tokens.text(),
                from,
                to,
                "there is no voice of that name. Voices are " + voices.names() + ". For example: " + EXAMPLE));
    }

    /** Reports a voice without a pattern. */
    private TextException noPattern(List<Tokens.Word> words) {
        if (words.size() > 2 && words.get(1).text().matches("\\d+")) {
            return tokens.at(
                    words.get(2),
                    "expected \"over\" and a span. For example: " + words.get(0).text() + " 4 over bar");
        }
        return tokens.at(
                words.get(Math.min(1, words.size() - 1)),
                "expected \"every\" and a value, \"4 over bar\", or \"cell\" and a pattern. For example: " + EXAMPLE);
    }

    /** Reads {@code every 4 bars}, after "one". */
    private int downbeatEvery(Tokens.Word one) {
        String expected = "expected \"every\" and a number of bars. For example: " + EXAMPLE + " one every 4 bars";
        if (!tokens.startsWith(0, "every") || tokens.startsWith(1, "bars")) {
            throw tokens.at(one, expected);
        }
        tokens.take();
        if (tokens.atEnd()) {
            throw tokens.atNext(expected);
        }
        int bars = tokens.number(tokens.take());
        if (!tokens.startsWith(0, "bars") && !tokens.startsWith(0, "bar")) {
            throw tokens.atNext(expected);
        }
        tokens.take();
        return bars;
    }

    /** Prints a layer as a user would type it. */
    public static String write(Layer layer) {
        StringBuilder written =
                new StringBuilder(layer.voice().name()).append(' ').append(PatternText.write(layer.pattern()));
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
