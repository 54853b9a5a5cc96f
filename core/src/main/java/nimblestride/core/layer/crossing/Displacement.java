package nimblestride.core.layer.crossing;

import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Reset;
import nimblestride.core.layer.pattern.Riff;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/** A layer begun elsewhere: by so many units, or so that it lands where it is wanted. */
public final class Displacement {
    private Displacement() {}

    /** By how much a layer is displaced at a time: the longest unit its steps and the first bar share. */
    public static NoteValue unit(Layer layer, Phrase phrase) {
        NoteValue unit = phrase.bars().get(0).meter().unit();
        return Riff.of(layer.pattern())
                .map(riff -> riff.step().greatestCommonDivisor(unit))
                .orElse(unit);
    }

    /**
     * The layer begun so many units later, or earlier where there are fewer than none. Before the beginning of the phrase
     * it is begun a cycle later instead; a layer without a cycle of its own begins with the phrase at the earliest.
     */
    public static Layer by(Layer layer, Phrase phrase, long units) {
        NoteValue moved = unit(layer, phrase).times(Math.abs(units));
        if (units >= 0) {
            return layer.withOffset(layer.offset().plus(moved));
        }
        if (moved.compareTo(layer.offset()) <= 0) {
            return layer.withOffset(layer.offset().minus(moved));
        }
        NoteValue early = moved.minus(layer.offset());
        return Riff.of(layer.pattern())
                .map(riff -> {
                    NoteValue within = early.remainder(riff.length());
                    return layer.withOffset(
                            within.isZero() ? within : riff.length().minus(within));
                })
                .orElse(layer.withOffset(NoteValue.ZERO));
    }

    /**
     * The shortest delay after which a cycle starts on the line of a bar.
     *
     * @param bar its number, from 0, rounds of the phrase counted on
     * @throws InvalidValueException if the layer begins again with bars or phrases, or is as long as its bars
     */
    public static NoteValue landingOn(Layer layer, Phrase phrase, long bar) {
        if (!layer.reset().equals(Reset.NEVER)) {
            throw new InvalidValueException("a layer that begins again lands where it does; let it run on first");
        }
        NoteValue cycle = Riff.of(layer.pattern())
                .map(Riff::length)
                .orElseThrow(
                        () -> new InvalidValueException("a layer that lies over bars lands on their lines anyway"));
        return phrase.startOf(bar).remainder(cycle);
    }
}
