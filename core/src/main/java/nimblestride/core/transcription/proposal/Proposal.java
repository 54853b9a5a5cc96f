package nimblestride.core.transcription.proposal;

import nimblestride.core.transcription.repetition.Confidence;
import nimblestride.core.transcription.repetition.PhraseRepeat;
import nimblestride.core.transcription.repetition.RepeatedCycle;

/** Something that repeats, and may be taken as such. */
public sealed interface Proposal {
    /** In which passage, from 0. */
    int passage();

    /** What it is, in a sentence. */
    String said();

    Confidence sureness();

    /** Whether taking it changes not a stroke. */
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

    /** Bars that come again, as the phrase. Rounds that are varied come as sections of their own, so that no stroke is lost. */
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
