package nimblestride.core.layer.pattern;

import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.value.NoteValue;

/** What a number of even notes is spread over. */
public sealed interface Span {
    /**
     * So many bars, as they come in the phrase.
     *
     * @param count one or more
     */
    record Bars(int count) implements Span {
        public Bars {
            if (count < 1) {
                throw new InvalidValueException("notes are spread over 1 bar or more, not " + count);
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
     * A length of its own.
     *
     * @param value longer than zero
     */
    record Length(NoteValue value) implements Span {
        public Length {
            if (value.isZero()) {
                throw new InvalidValueException("notes are spread over a length longer than zero");
            }
        }

        @Override
        public String toString() {
            return value.toString();
        }
    }
}
