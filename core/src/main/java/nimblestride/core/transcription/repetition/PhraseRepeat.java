package nimblestride.core.transcription.repetition;

import nimblestride.core.foundation.words.Counted;

/**
 * Bars that repeat.
 *
 * @param bars in the phrase
 * @param variation which of the whole rounds differ
 * @param over bars left over after the last whole round
 * @param ending whether those differ from the start of the phrase
 */
public record PhraseRepeat(int bars, VariantRounds variation, int over, boolean ending) {
    /** Returns how many whole rounds there are. */
    public int rounds() {
        return variation.times();
    }

    /** Returns whether every round is alike. */
    public boolean isExact() {
        return variation.isNone() && !ending;
    }

    /** Returns it in words: {@code 4 bars, 8 times; the last one is varied}. */
    public String said() {
        return Counted.count(bars, "bar") + ", " + rounds() + " times"
                + (variation.isNone() ? "" : "; " + variation.said())
                + (over == 0
                        ? ""
                        : "; then " + Counted.count(over, "bar") + (ending ? " of another ending" : " more of it"));
    }

    /** Returns how sure the repeat is. */
    public Confidence sureness() {
        return Confidence.of(rounds() - variation.varied().size(), rounds());
    }
}
