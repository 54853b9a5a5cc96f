package nimblestride.core.insight.wording;

import static nimblestride.core.foundation.words.Counted.count;
import static nimblestride.core.foundation.words.Counted.number;
import static nimblestride.core.time.value.NoteName.written;

import java.util.List;
import nimblestride.core.insight.fact.CycleLength;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Span;
import nimblestride.core.time.meter.CountPosition;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteName;
import nimblestride.core.time.value.NoteValue;

/** Puts bars, phrases, cycles, and patterns into words. */
final class FindingWords {
    private static final int LISTED = 8;

    private FindingWords() {}

    /** {@code bar 2}, {@code bars 1, 2 and 3}, {@code bars 1, 2, … and 1,992 more}. */
    static String bars(List<Long> fromZero) {
        List<String> numbers =
                fromZero.stream().limit(LISTED).map(bar -> number(bar + 1)).toList();
        if (fromZero.size() == 1) {
            return "bar " + numbers.get(0);
        }
        if (fromZero.size() > LISTED) {
            return "bars " + String.join(", ", numbers) + " and " + number(fromZero.size() - LISTED) + " more";
        }
        int last = numbers.size() - 1;
        return "bars " + String.join(", ", numbers.subList(0, last)) + " and " + numbers.get(last);
    }

    /** Returns the sum of a number of phrases: {@code 5 phrases of 49/16 = 245/16}, but {@code 1 bar of 11/8}. */
    static String phrasesSum(Phrase phrase, long number, NoteValue length) {
        return phrases(phrase, number) + (number == 1 ? "" : " = " + written(length));
    }

    /** {@code 5 phrases of 49/16}, {@code 2 bars of 11/8} where the phrase is one bar. */
    static String phrases(Phrase phrase, long number) {
        return count(number, phrase.bars().size() == 1 ? "bar" : "phrase") + " of " + written(phrase.length());
    }

    /** {@code 1 of bar 2}, {@code 2a of bar 4}. */
    static String place(Phrase phrase, NoteValue at) {
        long bar = phrase.barAt(at);
        NoteValue within = at.minus(phrase.startOf(bar));
        return new CountPosition(phrase.bar(bar).meter(), within) + " of bar " + number(bar + 1);
    }

    /**
     * {@code 22 hits of 3/16}, {@code 49 cells of 5/16}, {@code 5 rounds of 4 over 9/8}, and {@code 2 rounds of 5 over the bar}
     * where bars differ.
     */
    static String cycles(long number, CycleLength of) {
        Pattern pattern = of.pattern();
        if (!of.isEven()) {
            return count(number, "round") + " of " + pattern(pattern);
        }
        String cycle = written(of.length());
        if (pattern instanceof Pattern.Every) {
            return count(number, "hit") + " of " + cycle;
        }
        if (pattern instanceof Pattern.Cell) {
            return count(number, "cell") + " of " + cycle;
        }
        if (pattern instanceof Pattern.Stuck) {
            return count(number, "sticking") + " of " + cycle;
        }
        if (pattern instanceof Pattern.Placed) {
            return count(number, "phrase") + " of " + cycle;
        }
        return count(number, "round") + " of " + ((Pattern.Over) pattern).notes() + " over " + cycle;
    }

    /** {@code every dotted eighth}, {@code 5 over the bar}, {@code in a cell of 7 sixteenths}. */
    static String pattern(Pattern pattern) {
        if (pattern instanceof Pattern.Every every) {
            return "every " + NoteName.each(every.value());
        }
        if (pattern instanceof Pattern.Cell cell) {
            String steps = cell.parts() == 1 ? NoteName.each(cell.step()) : NoteName.sayMany(cell.step());
            return "in a cell of " + cell.parts() + " " + steps;
        }
        if (pattern instanceof Pattern.Stuck stuck) {
            String steps = stuck.parts() == 1 ? NoteName.each(stuck.step()) : NoteName.sayMany(stuck.step());
            return "in a sticking of " + stuck.parts() + " " + steps;
        }
        if (pattern instanceof Pattern.Placed placed) {
            return "on " + count(placed.parts(), "count");
        }
        Pattern.Over over = (Pattern.Over) pattern;
        Span span = over.span();
        String across = span instanceof Span.Length length
                ? NoteName.one(length.value())
                : span instanceof Span.Bars bars && bars.count() > 1 ? bars.toString() : "the " + span;
        return over.notes() + " over " + across;
    }
}
