package nimblestride.core.language.text;

import java.util.List;
import java.util.Optional;
import nimblestride.core.kit.voice.NamedVoices;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.time.meter.Phrase;

/** A part as somebody writes it, read once: what it plays, what there is to say of it, and where each place stands. */
public final class WrittenPart {
    private final PartLayout layout;
    private final PartParser parser;
    private final Phrase phrase;

    /** Reads a part; what is wrong with it is among its {@link #remarks}. */
    public WrittenPart(String text, Phrase phrase, NamedVoices voices) {
        this.layout = PartLayout.of(text);
        this.parser = new PartParser(text, layout, phrase, voices);
        this.phrase = phrase;
    }

    /**
     * Returns a layer for each voice, in the order in which they are named.
     *
     * @throws TextException at the first place that can't be read, or where a bar has too many or too few strides
     */
    public List<Layer> layers() {
        return parser.layers();
    }

    /** Returns what there is to say: what is wrong, in the order of the text, and then what is rarely meant. */
    public List<PartRemark> remarks() {
        return parser.remarks();
    }

    /**
     * Finds the stride that a place of the text stands for; empty where the bars have none.
     *
     * @param index from 0 to the length of the text
     */
    public Optional<PartPlace> placeAt(int index) {
        return PartPlace.at(layout, index, phrase);
    }
}
