package nimblestride.core.crossing;

import nimblestride.core.layer.Layer;
import nimblestride.core.layer.Reset;
import nimblestride.core.layer.Riff;
import nimblestride.core.meter.Phrase;
import nimblestride.core.value.NoteValue;

/** How late a layer must start so that it lands where it is wanted. */
public final class Landing {
    private Landing() {}

    /**
     * The shortest delay after which a cycle starts on the line of a bar.
     *
     * @param bar its number, from 0, rounds of the phrase counted on
     * @throws IllegalArgumentException if the layer begins again with bars or phrases, or is as long as its bars
     */
    public static NoteValue on(Layer layer, Phrase phrase, long bar) {
        if (!layer.reset().equals(Reset.NEVER)) {
            throw new IllegalArgumentException("a layer that begins again lands where it does; let it run on first");
        }
        NoteValue cycle = Riff.of(layer.pattern())
                .map(Riff::length)
                .orElseThrow(
                        () -> new IllegalArgumentException("a layer that lies over bars lands on their lines anyway"));
        return phrase.startOf(bar).remainder(cycle);
    }
}
