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

    private static final java.util.regex.Pattern SEMICOLON = java.util.regex.Pattern.compile(";");

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
        TextCursor whole = new TextCursor(text);
        for (TextCursor part : whole.split(SEMICOLON)) {
            if (!part.isBlank()) {
                Clause clause = clause(part, voices);
                Map<Placement, Placement> ofVoice = placed.computeIfAbsent(clause.voice, voice -> new TreeMap<>());
                // What is named later replaces what is there.
                for (Placement placement : new PlacesText(phrase).read(clause.places)) {
                    ofVoice.remove(placement);
                    ofVoice.put(placement, placement);
                }
            }
        }
        List<Layer> layers = new ArrayList<>();
        placed.forEach((voice, places) -> layers.add(
                whole.make(() -> Layer.of(voice, new Pattern.Placed(List.copyOf(places.values()))), ". " + EXAMPLE)));
        return layers;
    }

    /** A voice and the text of its places. */
    private record Clause(Voice voice, TextCursor places) {}

    /** Reads the voice, the longest name with which the text starts. */
    private static Clause clause(TextCursor part, NamedVoices voices) {
        Optional<Clause> longest = Optional.empty();
        TextCursor.Word first = part.peekWord();
        while (!part.atEnd()) {
            int end = part.takeWord().to();
            Optional<Voice> voice = voices.named(part.part(first.from(), end).content());
            if (voice.isPresent()) {
                longest = Optional.of(new Clause(voice.get(), part.part(end, part.end())));
            }
        }
        return longest.orElseThrow(() -> part.at(first, "a voice: " + voices.names() + ". " + EXAMPLE));
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
