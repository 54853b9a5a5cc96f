package nimblestride.core.insight.wording;

import static nimblestride.core.foundation.words.Counted.count;
import static nimblestride.core.foundation.words.Counted.number;

import java.util.List;
import java.util.stream.Collectors;
import nimblestride.core.foundation.words.SpokenDuration;
import nimblestride.core.insight.fact.MeetingFact;
import nimblestride.core.insight.wording.Wording.Words;
import nimblestride.core.layer.alignment.CompositeRhythm;
import nimblestride.core.layer.alignment.Meeting;
import nimblestride.core.layer.alignment.Unison;
import nimblestride.core.time.meter.CountPosition;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.CommonNote;
import nimblestride.core.time.value.NoteValue;

/** The words for where layers coincide. */
final class MeetingWording {
    private MeetingWording() {}

    static Words of(MeetingFact fact) {
        if (fact instanceof MeetingFact.Meets meets) {
            return meets(meets);
        }
        if (fact instanceof MeetingFact.Composite composite) {
            return composite(composite);
        }
        if (fact instanceof MeetingFact.MorePairs pairs) {
            return morePairs(pairs);
        }
        if (fact instanceof MeetingFact.AllAtOnce all) {
            return allAtOnce(all);
        }
        if (fact instanceof MeetingFact.Together together) {
            return together(together);
        }
        return onOne(((MeetingFact.OnOne) fact).ones());
    }

    private static Words meets(MeetingFact.Meets fact) {
        String names = fact.one() + " and " + fact.other();
        Meeting meeting = fact.meeting();
        String every = every(fact.phrase(), meeting.every());
        String hits = count(meeting.onsets(), "hit") + " between them in " + every + ".";
        if (meeting.perCycle() == 0) {
            return new Words(names + " never meet.", hits);
        }
        NoteValue first =
                meeting.first().isEmpty() ? NoteValue.ZERO : meeting.first().get(0);
        return new Words(
                names + " meet " + times(meeting.perCycle()) + " in every " + every + ", first on "
                        + FindingWords.place(fact.phrase(), first) + ".",
                hits,
                meeting.every().toString());
    }

    /** {@code 12 bars} where the length is whole phrases, {@code 33 sixteenths} where it is not. */
    private static String every(Phrase phrase, NoteValue length) {
        return length.isMultipleOf(phrase.length())
                ? count(length.wholePartsOf(phrase.length()) * phrase.bars().size(), "bar")
                : FindingWords.note(phrase).and(length).say(length);
    }

    private static Words composite(MeetingFact.Composite fact) {
        CompositeRhythm rhythm = fact.rhythm();
        String notes = rhythm.lengths().stream().map(FindingWords::plain).collect(Collectors.joining(", "));
        String say = rhythm.saying().isEmpty() ? "" : " Say: “" + rhythm.saying() + "”.";
        return new Words(
                fact.one() + " and " + fact.other() + " together: " + notes + "." + say,
                "Count: " + counts(rhythm.onsets(), fact.phrase()) + ".");
    }

    /** Returns the places of onsets, with a line at each bar line. */
    private static String counts(List<NoteValue> onsets, Phrase phrase) {
        StringBuilder text = new StringBuilder();
        long before = -1;
        for (NoteValue at : onsets) {
            long bar = phrase.barAt(at);
            text.append(before < 0 ? "" : bar == before ? " " : " | ");
            text.append(new CountPosition(phrase.bar(bar).meter(), at.minus(phrase.startOf(bar))));
            before = bar;
        }
        return text.toString();
    }

    private static Words morePairs(MeetingFact.MorePairs fact) {
        long unknown = fact.pairs() - fact.meet() - fact.never();
        return new Words(
                count(fact.pairs(), "more pair") + ": " + number(fact.meet()) + " meet, " + number(fact.never())
                        + " never do"
                        + (unknown == 0 ? "." : ", " + number(unknown) + " too large to count."),
                "");
    }

    private static Words allAtOnce(MeetingFact.AllAtOnce fact) {
        Unison unison = fact.unison();
        String every = every(fact.phrase(), unison.every());
        String sum = unison.onsets().isPresent()
                ? count(unison.onsets().getAsLong(), "hit") + " between them in " + every + "."
                : "";
        String all = "All " + fact.layers() + " layers ";
        if (unison.perCycle() == 0) {
            return new Words(all + "never hit together.", sum);
        }
        return new Words(
                all + "hit together " + times(unison.perCycle()) + " in every " + every + ", first on "
                        + FindingWords.place(fact.phrase(), unison.first().get(0)) + ".",
                sum);
    }

    private static Words together(MeetingFact.Together fact) {
        Phrase phrase = fact.phrase();
        CommonNote note = FindingWords.note(phrase).and(phrase.length());
        return new Words(
                "Everything lines up again after " + count(fact.bars(), "bar") + " ("
                        + SpokenDuration.of(fact.seconds()) + ").",
                note.times(fact.phrases(), phrase.length()) + " = " + note.say(fact.length()) + ".",
                number(fact.phrases()) + " × " + phrase.length() + " = " + fact.length());
    }

    private static Words onOne(Unison.OnBarLines ones) {
        if (ones.perCycle() == 0) {
            return new Words("The layers never share a 1. Count to know where the bar starts.", "");
        }
        long longest = ones.longestWithout().orElse(0);
        return new Words(
                "The layers share the 1 in " + (ones.perCycle() == ones.every() ? "every bar" : fewOf(ones)) + ".",
                longest <= 1 ? "" : "At most " + count(longest, "bar") + " apart.");
    }

    private static String fewOf(Unison.OnBarLines ones) {
        return ones.perCycle() == 1
                ? "bar " + number(ones.first().get(0) + 1) + ", then every " + count(ones.every(), "bar")
                : count(ones.perCycle(), "bar") + " in every " + number(ones.every());
    }

    private static String times(long number) {
        return number == 1 ? "once" : number(number) + " times";
    }
}
