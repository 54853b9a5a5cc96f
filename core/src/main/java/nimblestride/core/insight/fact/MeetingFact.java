package nimblestride.core.insight.fact;

import nimblestride.core.layer.alignment.CompositeRhythm;
import nimblestride.core.layer.alignment.Meeting;
import nimblestride.core.layer.alignment.Unison;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import org.apache.commons.numbers.fraction.BigFraction;

/** Where layers coincide: in pairs, all at once, on the 1. */
public sealed interface MeetingFact extends Fact {
    /** Two layers play together, or never do. */
    record Meets(String one, String other, Meeting meeting, Phrase phrase) implements MeetingFact {
        @Override
        public FactKind kind() {
            return meeting.perCycle() == 0 ? FactKind.NEVER_MEET : FactKind.MEET;
        }
    }

    /** What two layers sound like as one. */
    record Composite(String one, String other, CompositeRhythm rhythm, Phrase phrase) implements MeetingFact {
        @Override
        public FactKind kind() {
            return FactKind.COMPOSITE;
        }
    }

    /** How many pairs of layers meet, of those that have no fact of their own. */
    record MorePairs(long pairs, long meet, long never) implements MeetingFact {
        @Override
        public FactKind kind() {
            return FactKind.MORE_PAIRS;
        }
    }

    /** All layers play at once, or never do. */
    record AllAtOnce(int layers, Unison unison, Phrase phrase) implements MeetingFact {
        @Override
        public FactKind kind() {
            return unison.perCycle() == 0 ? FactKind.NEVER_ALL_AT_ONCE : FactKind.ALL_AT_ONCE;
        }
    }

    /**
     * All layers are back where they began.
     *
     * @param seconds that takes at the tempo of the exercise
     */
    record Together(Phrase phrase, long bars, long phrases, NoteValue length, BigFraction seconds)
            implements MeetingFact {
        @Override
        public FactKind kind() {
            return FactKind.TOGETHER;
        }
    }

    /** All layers play on the 1 of some bars, or of none. */
    record OnOne(Unison.OnBarLines ones) implements MeetingFact {
        @Override
        public FactKind kind() {
            return ones.perCycle() == 0 ? FactKind.NEVER_ON_ONE : FactKind.ON_ONE;
        }
    }
}
