package nimblestride.core.transcription.proposal;

import nimblestride.core.transcription.repetition.Confidence;
import nimblestride.core.transcription.repetition.PhraseRepeat;
import nimblestride.core.transcription.repetition.RepeatedCycle;

/** Something that repeats, and may be taken as such. */
public sealed interface Proposal {
    /** Returns in which passage it is, from 0. */
    int passage();

    /** Returns what it is, in a sentence. */
    String said();

    Confidence sureness();

    /** Returns whether taking it changes no hit. */
    boolean isExact();

    /** A voice with a cycle of its own, as a layer. */
    record AsLayer(int passage, RepeatedCycle cycle, String said) implements Proposal {
        @Override
        public Confidence sureness() {
            return cycle.sureness();
        }

        @Override
        public boolean isExact() {
            return cycle.isExact();
        }
    }

    /** Bars that repeat, as the phrase. Rounds that vary become sections of their own, so that no hit is lost. */
    record AsPhrase(int passage, PhraseRepeat repeat, String said) implements Proposal {
        @Override
        public Confidence sureness() {
            return repeat.sureness();
        }

        @Override
        public boolean isExact() {
            return repeat.isExact();
        }
    }
}
