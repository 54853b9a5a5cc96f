package nimblestride.core.language.text;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import nimblestride.core.kit.voice.NamedVoices;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Placement;
import nimblestride.core.time.meter.Phrase;

/**
 * Reads and prints voices placed by naming counts: {@code kick 1, 4; snare ghost a of 2, accent 7&; ride every third
 * count; cowbell even counts in bar 1, odd counts in bar 3; hi-hat quarters}.
 *
 * <p>Semicolons stand between voices, commas between what they play. A word for how it is played ({@code accent},
 * {@code ghost}, {@code flam}, {@code right}) holds until another. {@code in bar 2}, {@code in bars 2 to 4} goes for
 * everything before it that has no bars yet; what has none at all is in every bar that has the place. What is printed
 * reads back as the same notes.
 */
public final class PlacingText {
    private static final String EXAMPLE = "For example: kick 1, 4; snare a of 2; ride every third count";

    private PlacingText() {}

    /**
     * Reads what is placed on a phrase: a layer for each voice, in the order in which they are named.
     *
     * @throws TextException at the word that can't be read, or that names a place the bars do not have
     */
    public static List<Layer> read(String text, Phrase phrase) {
        return read(text, phrase, NamedVoices.KIT);
    }

    /**
     * Reads the same with some voices.
     *
     * @throws TextException at the word that can't be read, or that names a place the bars do not have
     */
    public static List<Layer> read(String text, Phrase phrase, NamedVoices voices) {
        Map<Voice, Map<Placement, Placement>> placed = new LinkedHashMap<>();
        int from = 0;
        for (String part : text.split(";", -1)) {
            if (!part.isBlank()) {
                Clause clause = clause(text, from, from + part.length(), voices);
                Map<Placement, Placement> ofVoice = placed.computeIfAbsent(clause.voice, voice -> new TreeMap<>());
                // What is named later replaces what is there.
                for (Placement placement : new PlacesText(text, phrase).read(clause.from, clause.to)) {
                    ofVoice.remove(placement);
                    ofVoice.put(placement, placement);
                }
            }
            from += part.length() + 1;
        }
        List<Layer> layers = new ArrayList<>();
        placed.forEach((voice, places) -> layers.add(new TextCursor(text)
                .make(
                        0,
                        () -> Layer.of(voice, new Pattern.Placed(List.copyOf(places.values()))),
                        "kick 1, 4; snare a of 2")));
        return layers;
    }

    /** A voice, and where the text of its places starts and ends. */
    private record Clause(Voice voice, int from, int to) {}

    /** The voice is the longest name with which the text starts. */
    private static Clause clause(String text, int from, int to, NamedVoices voices) {
        int start = from;
        while (Character.isWhitespace(text.charAt(start))) {
            start++;
        }
        Optional<Clause> longest = Optional.empty();
        for (int end = start + 1; end <= to; end++) {
            boolean wordEnds = end == to || Character.isWhitespace(text.charAt(end));
            Optional<Voice> voice = wordEnds ? voices.named(text.substring(start, end)) : Optional.empty();
            if (voice.isPresent()) {
                longest = Optional.of(new Clause(voice.get(), end, to));
            }
        }
        int word = start;
        while (word < to && !Character.isWhitespace(text.charAt(word))) {
            word++;
        }
        int wordEnd = word;
        int first = start;
        return longest.orElseThrow(() -> new TextException(
                text, first, wordEnd, "expected a voice. Voices are " + voices.names() + ". " + EXAMPLE));
    }

    /** Prints placed notes as a user would type them. */
    public static String write(List<Layer> layers, Phrase phrase) {
        return layers.stream()
                .filter(layer -> layer.pattern() instanceof Pattern.Placed)
                .map(layer -> layer.voice().name() + " "
                        + PlacesPrinter.of(((Pattern.Placed) layer.pattern()).placements(), phrase))
                .collect(Collectors.joining("; "));
    }
}
