package nimblestride.core.insight.fact;

import nimblestride.core.kit.voice.Voice;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/** Something in a layer that does not add up. */
public sealed interface CheckFact extends Fact {
    /** Something can't be counted exactly. {@code problem} says what, and begins the sentence. */
    record TooLarge(String problem) implements CheckFact {
        @Override
        public FactKind kind() {
            return FactKind.TOO_LARGE;
        }
    }

    /**
     * A layer resets before it ever plays.
     *
     * @param resetsWithPhrase whether it resets with the phrase, and not at bar lines within it
     */
    record Silent(String layer, NoteValue offset, boolean resetsWithPhrase, Phrase phrase) implements CheckFact {
        @Override
        public FactKind kind() {
            return FactKind.SILENT;
        }
    }

    /** Notes are on places the bars do not have. */
    record LostPlaces(String layer, long notes) implements CheckFact {
        @Override
        public FactKind kind() {
            return FactKind.LOST_PLACES;
        }
    }

    /**
     * A rule of the orchestration matches no note.
     *
     * @param rule its number, from 1
     */
    record IdleRule(String layer, int rule, Voice to) implements CheckFact {
        @Override
        public FactKind kind() {
            return FactKind.IDLE_RULE;
        }
    }
}
