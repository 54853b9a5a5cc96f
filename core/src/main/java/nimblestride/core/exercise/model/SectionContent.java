package nimblestride.core.exercise.model;

import java.util.List;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.words.PlainText;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.time.meter.Phrase;

/**
 * Bars and what runs across them. An exercise has one feel or several, and plays them section by section.
 *
 * @param name what it is called among the others, such as {@code A} or {@code lead-in to B}; from 1 to
 *     {@value #MAX_NAME_LENGTH} characters
 * @param layers at most {@value #MAX_LAYERS}, in the order in which they are shown
 */
public record SectionContent(String name, Phrase phrase, List<Layer> layers) {
    public static final int MAX_NAME_LENGTH = 40;
    public static final int MAX_LAYERS = 64;

    public SectionContent {
        layers = List.copyOf(layers);
        name = PlainText.name("a feel", name, MAX_NAME_LENGTH);
        if (layers.size() > MAX_LAYERS) {
            throw new InvalidValueException("an exercise has at most " + MAX_LAYERS + " layers, not " + layers.size());
        }
    }

    public SectionContent withName(String newName) {
        return new SectionContent(newName, phrase, layers);
    }

    public SectionContent withPhrase(Phrase newPhrase) {
        return new SectionContent(name, newPhrase, layers);
    }

    public SectionContent withLayers(List<Layer> newLayers) {
        return new SectionContent(name, phrase, newLayers);
    }
}
