package nimblestride.core.layer.crossing;

import java.util.List;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Reset;
import nimblestride.core.layer.pattern.Span;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import org.apache.commons.numbers.core.ArithmeticUtils;

/**
 * What a layer makes of the bars it runs over (common practice, as the words are used by drummers):
 *
 * <ul>
 *   <li>a <b>polymeter</b> has one pulse and two lengths: cells of another length than the bar, counted in the same units;
 *   <li>a <b>polyrhythm</b> has one length and two pulses: so many even notes against so many beats in the same time;
 *   <li>where neither the length nor the pulse is shared, it is <b>both</b> at once;
 *   <li>everything else keeps step with the bars.
 * </ul>
 *
 * @param notes for a polyrhythm, the even notes in the time that both share; otherwise 0
 * @param against for a polyrhythm, the beats in that time; otherwise 0
 */
public record Crossing(Kind kind, long notes, long against) {
    /** In which way a layer crosses the bars. */
    public enum Kind {
        IN_STEP("in step"),
        POLYMETER("polymeter"),
        POLYRHYTHM("polyrhythm"),
        BOTH("polymeter and polyrhythm");

        private final String title;

        Kind(String title) {
            this.title = title;
        }

        /** Returns the term for it. */
        public String title() {
            return title;
        }
    }

    private static final Crossing IN_STEP = new Crossing(Kind.IN_STEP, 0, 0);

    /** Returns how a layer relates to the bars; its offset makes no difference. */
    public static Crossing of(Layer layer, Phrase phrase) {
        Pattern pattern = layer.pattern();
        if (pattern instanceof Pattern.Placed) {
            return IN_STEP;
        }
        if (pattern.span() instanceof Span.Bars bars) {
            return against(pattern.parts(), beats(phrase, Math.min(bars.count(), 10_000)));
        }
        if (pattern.span() instanceof Span.WholePhrase) {
            return against(pattern.parts(), beats(phrase, phrase.bars().size()));
        }
        NoteValue cycle = ((Span.Length) pattern.span()).value();
        if (layer.reset().equals(Reset.BAR) || fits(cycle, phrase)) {
            return inOneBar(pattern, cycle, phrase);
        }
        return sharesThePulse(cycle.dividedBy(pattern.parts()), phrase)
                ? new Crossing(Kind.POLYMETER, 0, 0)
                : new Crossing(Kind.BOTH, 0, 0);
    }

    /** Returns whether every bar holds a whole number of cycles, or every cycle a whole number of bars. */
    private static boolean fits(NoteValue cycle, Phrase phrase) {
        boolean fillsBars =
                phrase.kinds().stream().map(Bar::length).distinct().allMatch(length -> length.isMultipleOf(cycle));
        return fillsBars
                || (phrase.isEven() && cycle.isMultipleOf(phrase.bars().get(0).length()));
    }

    private static Crossing inOneBar(Pattern pattern, NoteValue cycle, Phrase phrase) {
        boolean evenNotes = pattern instanceof Pattern.Every || pattern instanceof Pattern.Over;
        NoteValue bar = phrase.bars().get(0).length();
        return evenNotes && bar.isMultipleOf(cycle)
                ? against(pattern.parts() * bar.wholePartsOf(cycle), beats(phrase, 1))
                : IN_STEP;
    }

    private static long beats(Phrase phrase, int bars) {
        long beats = 0;
        for (int bar = 0; bar < bars; bar++) {
            Bar one = phrase.bar(bar);
            beats += one.length().isMultipleOf(Beat.of(one))
                    ? one.length().wholePartsOf(Beat.of(one))
                    : one.meter().units();
        }
        return beats;
    }

    private static Crossing against(long notes, long beats) {
        if (notes % beats == 0 || beats % notes == 0) {
            return IN_STEP;
        }
        long divisor = ArithmeticUtils.gcd(notes, beats);
        return new Crossing(Kind.POLYRHYTHM, notes / divisor, beats / divisor);
    }

    /** Returns whether its notes lie on the bars' own units, or on those units halved repeatedly. */
    private static boolean sharesThePulse(NoteValue note, Phrase phrase) {
        List<NoteValue> units = phrase.kinds().stream()
                .map(bar -> bar.meter().unit())
                .distinct()
                .toList();
        return units.stream().allMatch(unit -> {
            long divisor = ArithmeticUtils.gcd(unit.denominator(), note.denominator());
            return Long.bitCount(note.denominator() / divisor) == 1;
        });
    }
}
