package nimblestride.core.language.text;

import java.util.List;
import nimblestride.core.kit.voice.NamedVoices;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.time.meter.Phrase;

/**
 * Reads and prints a part beat by beat: {@code ride+kick . snare ride / hi-hat hi-hat hi-hat | %}.
 *
 * <p>{@code |} stands between bars, {@code /} between the strides of a bar. The notes of a stride share it evenly: four
 * in a quarter are sixteenths, six a sextuplet. {@code +} joins what sounds together, {@code .} is a rest, {@code -}
 * holds on, {@code >} accents, {@code ( )} makes a ghost note. {@code (3:2 kick . snare)} fits three notes into the time
 * of two. {@code %} is the bar before once more, and {@code x3} after a bar plays it three times. Ornaments stand
 * before and after a name: {@code 'snare} is a flam, {@code ''snare} a drag, three such signs a ruff, {@code snare:} a
 * double, {@code snare~} a buzz. A capital before the name says which limb plays: {@code Lsnare}. Words of a name are
 * joined by hyphens; a short name is enough, and so are the first letters where they name one voice only.
 */
public final class PartText {
    /** The most notes that share a stride, or fill a tuplet in it. */
    public static final int MAX_SHARES = 32;

    private PartText() {}

    /**
     * Reads a part: a layer for each voice, in the order in which they are named. Bars of the phrase after the last one
     * typed rest. A part of more bars than the phrase runs across it, as a riff does.
     *
     * @throws TextException at the first place that can't be read, or where a bar has too many or too few strides
     */
    public static List<Layer> read(String text, Phrase phrase, NamedVoices voices) {
        return new WrittenPart(text, phrase, voices).layers();
    }

    /**
     * Prints placed notes as the shortest part that says them. What is printed reads back as the same notes.
     *
     * @param layers of placed notes; others are passed over, as is what is on no bar of the phrase
     * @param voices whose short names are used
     * @throws nimblestride.core.foundation.failure.InvalidValueException if a stride has notes that no part can say
     */
    public static String write(List<Layer> layers, Phrase phrase, NamedVoices voices) {
        return new PartPrinter(layers, phrase, voices).text();
    }

    /**
     * Prints placed notes as {@link #write} does, each bar on lines of its own, with strides below each other.
     *
     * @param columns the most characters in a line, as far as one stride fits into it
     */
    public static String lines(List<Layer> layers, Phrase phrase, NamedVoices voices, int columns) {
        return new PartPrinter(layers, phrase, voices).lines(columns);
    }
}
