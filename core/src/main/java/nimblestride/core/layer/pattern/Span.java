package nimblestride.core.layer.pattern;

import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.value.NoteValue;

/** What even notes are spread over. */
public sealed interface Span {
    /**
     * A number of bars, as they come in the phrase.
     *
     * @param count one or more
     */
    record Bars(int count) implements Span {
        /** @throws nimblestride.core.foundation.failure.InvalidValueException if there is no bar */
        public Bars {
            if (count < 1) {
                throw new InvalidValueException("spread notes over 1 bar or more, not " + count);
            }
        }

        @Override
        public String toString() {
            return count == 1 ? "bar" : count + " bars";
        }
    }

    /** The whole phrase. */
    record WholePhrase() implements Span {
        @Override
        public String toString() {
            return "phrase";
        }
    }

    /**
     * A length, whatever the bars.
     *
     * @param value longer than zero
     */
    record Length(NoteValue value) implements Span {
        /** @throws nimblestride.core.foundation.failure.InvalidValueException if the length is zero */
        public Length {
            if (value.isZero()) {
                throw new InvalidValueException("spread notes over a length longer than zero");
            }
        }

        @Override
        public String toString() {
            return value.toString();
        }
    }
}
