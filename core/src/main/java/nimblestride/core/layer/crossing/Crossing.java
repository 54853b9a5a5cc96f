package nimblestride.core.layer.crossing;

import java.util.List;
import java.util.Optional;
import nimblestride.core.foundation.exact.ExactOverflowException;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Reset;
import nimblestride.core.layer.pattern.Span;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Beats;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import org.apache.commons.numbers.core.ArithmeticUtils;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * What a layer is called against the bars it runs over. The dissonance is one of grouping (Krebs, <i>Fantasy Pieces</i>,
 * 1999); the words are drummers' common practice.
 *
 * <p>The name depends on the meter, not on how the bar is grouped, so that a player who accepts a grouping keeps the
 * name. Its beats are those of the meter's default grouping ({@link Beats}). Where they are uneven, no ratio of beats
 * is given.
 *
 * @param ratio the layer's notes against the beats in the same time, in lowest terms; empty where there is none
 * @param spread for even notes that fit uneven beats: the notes against the bar's units; empty otherwise
 * @param cutOff whether a reset cuts the layer off before it fits
 */
public record Crossing(Kind kind, Optional<Ratio> ratio, Optional<Spread> spread, boolean cutOff) {
    /** In which way a layer crosses the bars. */
    public enum Kind {
        /** Its hits or its starts keep with the beats, or the bar holds a whole number of its cycles. */
        IN_STEP("in step", "in-step"),
        /** One subdivision, two lengths. */
        POLYMETER("polymeter", "polymeter"),
        /** Evenly spaced hits against the beats, in a time that divides the bar. */
        POLYRHYTHM("polyrhythm", "polyrhythm"),
        /** Evenly spaced hits against the beats that cross the bar line. */
        CROSS_RHYTHM("cross-rhythm", "cross-rhythm"),
        /** Another subdivision and another length. */
        BOTH("polymeter and cross-rhythm", "both");

        private final String title;
        private final String key;

        Kind(String title, String key) {
            this.title = title;
            this.key = key;
        }

        /** Returns the term for it. */
        public String title() {
            return title;
        }

        /** Returns its name in reports. */
        public String key() {
            return key;
        }
    }

    /**
     * A ratio of a layer's notes to the beats in the same time, in lowest terms.
     *
     * @param notes above 1
     * @param beats above 1
     */
    public record Ratio(long notes, long beats) {
        /** Returns whether it is 3:2, the hemiola. */
        public boolean isHemiola() {
            return notes == 3 && beats == 2;
        }

        /** Returns how many different hits both have in that time: the notes and beats together share one. */
        public long hitsTogether() {
            return notes + beats - 1;
        }

        /** Returns the notes and the beats with a colon: {@code 3:2}. */
        @Override
        public String toString() {
            return notes + ":" + beats;
        }
    }

    /**
     * Even notes over the units of a bar with uneven beats: 4 over 7 eighths.
     *
     * @param unit of the bars
     */
    public record Spread(long notes, long units, NoteValue unit) {}

    /** Returns how a layer relates to the bars; its offset makes no difference. */
    public static Crossing of(Layer layer, Phrase phrase) {
        if (layer.pattern().isOnPhrase()) {
            return plain(Kind.IN_STEP);
        }
        return new Namer(layer, phrase).name();
    }

    private static Crossing plain(Kind kind) {
        return new Crossing(kind, Optional.empty(), Optional.empty(), false);
    }

    /** Finds the name of one layer. */
    private static final class Namer {
        private final Pattern pattern;
        private final Phrase phrase;
        private final List<NoteValue> bars;
        private final Optional<NoteValue> beat;
        private final NoteValue cycle;
        private final NoteValue note;
        private final boolean evenNotes;
        private final boolean cutOff;

        Namer(Layer layer, Phrase phrase) {
            this.pattern = layer.pattern();
            this.phrase = phrase;
            this.bars = phrase.kinds().stream().map(Bar::length).distinct().toList();
            this.beat = commonBeat(phrase);
            this.cycle = cycle(pattern.span(), phrase);
            this.note = cycle.dividedBy(pattern.parts());
            this.evenNotes = pattern instanceof Pattern.Every || pattern instanceof Pattern.Over;
            this.cutOff = isCutOff(layer.reset());
        }

        private static Optional<NoteValue> commonBeat(Phrase phrase) {
            List<Optional<NoteValue>> beats = phrase.kinds().stream()
                    .map(bar -> Bar.of(bar.meter()).beats().even())
                    .distinct()
                    .toList();
            return beats.size() == 1 ? beats.get(0) : Optional.empty();
        }

        private static NoteValue cycle(Span span, Phrase phrase) {
            if (span instanceof Span.Bars some) {
                return phrase.startOf(some.count());
            }
            return span instanceof Span.Length length ? length.value() : phrase.length();
        }

        private boolean isCutOff(Reset reset) {
            if (reset.equals(Reset.NEVER) || !(pattern.span() instanceof Span.Length)) {
                return false;
            }
            return reset.equals(Reset.BAR)
                    ? !bars.stream().allMatch(bar -> bar.isMultipleOf(cycle))
                    : !phrase.length().isMultipleOf(cycle);
        }

        Crossing name() {
            if (pattern instanceof Pattern.Placed) {
                return plain(fits(cycle) ? Kind.IN_STEP : Kind.POLYMETER);
            }
            Crossing name = !evenNotes ? ofCell() : beat.isPresent() ? ofEvenNotes() : overUnevenBeats();
            return new Crossing(name.kind, name.ratio, name.spread, cutOff);
        }

        private Crossing ofEvenNotes() {
            Optional<Ratio> ratio = ratio(note);
            if (ratio.isEmpty()) {
                return plain(fits(note) || cutOff ? Kind.IN_STEP : Kind.POLYMETER);
            }
            NoteValue together = note.times(ratio.get().notes());
            boolean inTheBar = !cutOff && bars.stream().allMatch(bar -> bar.isMultipleOf(together));
            return new Crossing(inTheBar ? Kind.POLYRHYTHM : Kind.CROSS_RHYTHM, ratio, Optional.empty(), false);
        }

        private Crossing overUnevenBeats() {
            boolean wholeUnits = phrase.kinds().stream()
                    .allMatch(bar -> note.isMultipleOf(bar.meter().unit()));
            boolean fillsEachBar = bars.stream().allMatch(bar -> bar.isMultipleOf(note));
            if (fillsEachBar && !wholeUnits) {
                return spread(Kind.POLYRHYTHM);
            }
            if (fits(note) || cutOff) {
                return plain(Kind.IN_STEP);
            }
            if (!(pattern.span() instanceof Span.Length)) {
                return spread(Kind.CROSS_RHYTHM);
            }
            return plain(sharesTheSubdivision() ? Kind.POLYMETER : Kind.BOTH);
        }

        /** Names even notes that fit a time of uneven beats, by the units of that time where all bars have the same. */
        private Crossing spread(Kind kind) {
            List<NoteValue> units = phrase.kinds().stream()
                    .map(bar -> bar.meter().unit())
                    .distinct()
                    .toList();
            NoteValue time = pattern.span() instanceof Span.Length ? bars.get(0) : cycle;
            Optional<Spread> spread = units.size() == 1 && (bars.size() == 1 || time.equals(cycle))
                    ? Optional.of(new Spread(time.wholePartsOf(note), time.wholePartsOf(units.get(0)), units.get(0)))
                    : Optional.empty();
            return new Crossing(kind, Optional.empty(), spread, false);
        }

        private Crossing ofCell() {
            if (fits(cycle)) {
                Optional<Ratio> ofStarts = ratio(cycle);
                return new Crossing(
                        ofStarts.isPresent() ? Kind.POLYRHYTHM : Kind.IN_STEP, ofStarts, Optional.empty(), false);
            }
            if (cutOff) {
                return new Crossing(Kind.IN_STEP, ratio(cycle), Optional.empty(), false);
            }
            return sharesTheSubdivision()
                    ? plain(Kind.POLYMETER)
                    : new Crossing(Kind.BOTH, ratio(note), Optional.empty(), false);
        }

        /** Returns the notes of a value against the even beats, where neither number is 1. */
        private Optional<Ratio> ratio(NoteValue value) {
            if (beat.isEmpty()) {
                return Optional.empty();
            }
            try {
                BigFraction overBeat = value.fraction().divide(beat.get().fraction());
                long beats = overBeat.getNumerator().longValueExact();
                long notes = overBeat.getDenominator().longValueExact();
                return notes > 1 && beats > 1 ? Optional.of(new Ratio(notes, beats)) : Optional.empty();
            } catch (ArithmeticException e) {
                throw new ExactOverflowException(
                        value + " against a beat of " + beat.get() + " is too large a ratio to count");
            }
        }

        /** Returns whether every bar holds a whole number of them, or each is a whole number of equal bars. */
        private boolean fits(NoteValue length) {
            return bars.stream().allMatch(bar -> bar.isMultipleOf(length))
                    || (bars.size() == 1 && length.isMultipleOf(bars.get(0)));
        }

        /** Returns whether its notes lie on the bars' own units, or on those units halved repeatedly. */
        private boolean sharesTheSubdivision() {
            return phrase.kinds().stream()
                    .map(bar -> bar.meter().unit())
                    .distinct()
                    .allMatch(unit -> {
                        long divisor = ArithmeticUtils.gcd(unit.denominator(), note.denominator());
                        return Long.bitCount(note.denominator() / divisor) == 1;
                    });
        }
    }
}
