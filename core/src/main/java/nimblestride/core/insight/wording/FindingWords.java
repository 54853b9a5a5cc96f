package nimblestride.core.insight.wording;

import static nimblestride.core.foundation.words.Counted.count;
import static nimblestride.core.foundation.words.Counted.number;

import java.util.List;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Reset;
import nimblestride.core.layer.pattern.Span;
import nimblestride.core.time.meter.CountPosition;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.CommonNote;
import nimblestride.core.time.value.NoteName;
import nimblestride.core.time.value.NoteValue;

/** Puts bars, places, lengths, and patterns into words. */
public final class FindingWords {
    /** The most bars a sentence names. */
    public static final int MAX_BARS_LISTED = 8;

    private FindingWords() {}

    /** {@code bar 2}, {@code bars 1, 2 and 3}, {@code bars 1, 2, … and 1,992 more}. */
    static String bars(List<Long> fromZero) {
        List<String> numbers = fromZero.stream()
                .limit(MAX_BARS_LISTED)
                .map(bar -> number(bar + 1))
                .toList();
        if (fromZero.size() == 1) {
            return "bar " + numbers.get(0);
        }
        if (fromZero.size() > MAX_BARS_LISTED) {
            return "bars " + String.join(", ", numbers) + " and " + number(fromZero.size() - MAX_BARS_LISTED) + " more";
        }
        int last = numbers.size() - 1;
        return "bars " + String.join(", ", numbers.subList(0, last)) + " and " + numbers.get(last);
    }

    /** Returns the note the units of all bars can be counted in. */
    static CommonNote note(Phrase phrase) {
        return CommonNote.of(
                phrase.kinds().stream().map(bar -> bar.meter().unit()).toList());
    }

    /** {@code 3 bars}, {@code 5 phrases (15 bars)}: a number of phrases in bars. */
    static String phrases(Phrase phrase, long phrases, long bars) {
        return phrase.bars().size() == 1 || phrases == 1
                ? count(bars, "bar")
                : count(phrases, "phrase") + " (" + count(bars, "bar") + ")";
    }

    /** {@code 1 of bar 2}, {@code 2a of bar 4}. */
    public static String place(Phrase phrase, NoteValue at) {
        long bar = phrase.barAt(at);
        NoteValue within = at.minus(phrase.startOf(bar));
        return new CountPosition(phrase.bar(bar).meter(), within) + " of bar " + number(bar + 1);
    }

    /** Returns whether a length is one note that drummers count in; nobody counts in double dots. */
    private static boolean isPlain(NoteValue value) {
        return NoteName.of(value)
                .filter(name -> !name.startsWith("double-dotted"))
                .isPresent();
    }

    /** {@code dotted half}, {@code 7 quarters}. */
    static String plain(NoteValue value) {
        return isPlain(value) ? NoteName.say(value) : length(value);
    }

    /** {@code a dotted half}, {@code 7 quarters}. */
    static String onePlain(NoteValue value) {
        return isPlain(value) ? NoteName.one(value) : length(value);
    }

    /** {@code dotted eighths}, {@code every 7 quarters}. */
    static String manyPlain(NoteValue value) {
        return isPlain(value) ? NoteName.sayMany(value) : "every " + length(value);
    }

    /** {@code dotted eighths}, {@code every 5 sixteenths}, {@code 5 over the bar}, {@code cell of 7 sixteenths}. */
    public static String pattern(Pattern pattern) {
        if (pattern instanceof Pattern.Every every) {
            return manyPlain(every.value());
        }
        if (pattern instanceof Pattern.Cell cell) {
            return "cell of " + length(cell.step().times(cell.parts()), cell.step());
        }
        if (pattern instanceof Pattern.Stuck stuck) {
            return "sticking of " + length(stuck.step().times(stuck.parts()), stuck.step());
        }
        if (pattern instanceof Pattern.Placed placed) {
            String notes = count(placed.parts(), "count");
            return placed.isOnPhrase() ? notes : "part of " + count(placed.ownBars(), "bar");
        }
        Pattern.Over over = (Pattern.Over) pattern;
        Span span = over.span();
        String across = span instanceof Span.Length length
                ? length(length.value())
                : span instanceof Span.Bars bars && bars.count() > 1 ? bars.toString() : "the " + span;
        return over.notes() + " over " + across;
    }

    /** {@code every bar}, {@code in bars 1 and 3}. */
    public static String each(Reset reset) {
        if (reset instanceof Reset.AtBars chosen) {
            return "in " + bars(chosen.bars().stream().map(Integer::longValue).toList());
        }
        return reset.equals(Reset.BAR) ? "every bar" : "every phrase";
    }

    /** {@code dotted quarter = half}. */
    public static String pivot(Pivot pivot) {
        return NoteName.say(pivot.oldValue()) + " = " + NoteName.say(pivot.newValue());
    }

    /** {@code 5 sixteenths}. */
    private static String length(NoteValue value) {
        return CommonNote.of(List.of(value)).say(value);
    }

    private static String length(NoteValue value, NoteValue step) {
        return CommonNote.of(List.of(value, step)).say(value);
    }
}
