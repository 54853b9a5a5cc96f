package nimblestride.core.layer.crossing;

import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Reset;
import nimblestride.core.layer.pattern.Riff;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/** Displaces a layer: by a number of units, or so that it lands on a bar line. */
public final class Displacement {
    private Displacement() {}

    /** Returns the unit of displacement: the longest unit that measures both the layer's steps and the first bar. */
    public static NoteValue unit(Layer layer, Phrase phrase) {
        NoteValue unit = phrase.bars().get(0).meter().unit();
        return Riff.of(layer.pattern())
                .map(riff -> riff.step().greatestCommonDivisor(unit))
                .orElse(unit);
    }

    /**
     * Displaces a layer by units, earlier where they are negative. A start before the phrase becomes a start one cycle
     * later; a layer without a cycle of its own starts with the phrase at the earliest.
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
     * Returns the shortest delay after which a cycle starts on the line of a bar.
     *
     * @param bar number from 0, counted on through the rounds of the phrase
     * @throws InvalidValueException if the layer resets, or is as long as its bars
     */
    public static NoteValue landingOn(Layer layer, Phrase phrase, long bar) {
        if (!layer.reset().equals(Reset.NEVER)) {
            throw new InvalidValueException("a layer that resets can't land elsewhere; set its reset to never first");
        }
        NoteValue cycle = Riff.of(layer.pattern())
                .map(Riff::length)
                .orElseThrow(() -> new InvalidValueException("a layer spread over bars always lands on their 1"));
        return phrase.startOf(bar).remainder(cycle);
    }
}
