package nimblestride.core.transcription.repetition;

import nimblestride.core.foundation.words.Tally;

/**
 * Bars that come again.
 *
 * @param bars how many make the phrase
 * @param variation which of the whole rounds differ
 * @param over bars left over after the last whole round
 * @param ending whether those are otherwise than the phrase begins
 */
public record PhraseRepeat(int bars, Variation variation, int over, boolean ending) {
    public int rounds() {
        return variation.times();
    }

    public boolean isExact() {
        return variation.isNone() && !ending;
    }

    /** {@code 4 bars, 8 times; the last one is varied}. */
    public String said() {
        return Tally.count(bars, "bar") + ", " + rounds() + " times"
                + (variation.isNone() ? "" : "; " + variation.said())
                + (over == 0
                        ? ""
                        : "; then " + Tally.count(over, "bar") + (ending ? " of another ending" : " more of it"));
    }

    public Sureness sureness() {
        return Sureness.of(rounds() - variation.varied().size(), rounds());
    }
}
