package nimblestride.core.exercise.model;

import java.util.List;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.words.PlainText;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.meter.Swing;

/**
 * Bars and what runs across them, under a name. An exercise plays one or several of them, section by section.
 *
 * @param name such as {@code A} or {@code lead-in to B}; from 1 to {@value #MAX_NAME_LENGTH} characters
 * @param layers at most {@value #MAX_LAYERS}, in the order in which they are shown
 * @param swing how uneven its pairs of notes are
 */
public record SectionContent(String name, Phrase phrase, List<Layer> layers, Swing swing) {
    /** The most characters in a name. */
    public static final int MAX_NAME_LENGTH = 40;
    /** The most layers. */
    public static final int MAX_LAYERS = 64;

    /** @throws InvalidValueException if the name is blank or too long, or there are too many layers */
    public SectionContent {
        layers = List.copyOf(layers);
        name = PlainText.name("a section", name, MAX_NAME_LENGTH);
        if (layers.size() > MAX_LAYERS) {
            throw new InvalidValueException("a section holds up to " + MAX_LAYERS + " layers, not " + layers.size());
        }
    }

    /**
     * Creates a content that is played straight.
     *
     * @throws InvalidValueException if the name is blank or too long, or there are too many layers
     */
    public SectionContent(String name, Phrase phrase, List<Layer> layers) {
        this(name, phrase, layers, Swing.STRAIGHT);
    }

    /**
     * Returns the content with another name.
     *
     * @throws InvalidValueException if it is blank or too long
     */
    public SectionContent withName(String newName) {
        return new SectionContent(newName, phrase, layers, swing);
    }

    /** Returns the content with other bars. */
    public SectionContent withPhrase(Phrase newPhrase) {
        return new SectionContent(name, newPhrase, layers, swing);
    }

    /**
     * Returns the content with other layers.
     *
     * @throws InvalidValueException if there are more than {@value #MAX_LAYERS}
     */
    public SectionContent withLayers(List<Layer> newLayers) {
        return new SectionContent(name, phrase, newLayers, swing);
    }

    /** Returns the content with other swing. */
    public SectionContent withSwing(Swing newSwing) {
        return new SectionContent(name, phrase, layers, newSwing);
    }
}
