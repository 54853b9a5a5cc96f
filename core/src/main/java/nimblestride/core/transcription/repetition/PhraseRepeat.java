package nimblestride.core.transcription.repetition;

import nimblestride.core.foundation.words.Counted;

/**
 * Bars that come again.
 *
 * @param bars how many make the phrase
 * @param variation which of the whole rounds differ
 * @param over bars left over after the last whole round
 * @param ending whether those are otherwise than the phrase begins
 */
public record PhraseRepeat(int bars, VariantRounds variation, int over, boolean ending) {
    public int rounds() {
        return variation.times();
    }

    public boolean isExact() {
        return variation.isNone() && !ending;
    }

    /** {@code 4 bars, 8 times; the last one is varied}. */
    public String said() {
        return Counted.count(bars, "bar") + ", " + rounds() + " times"
                + (variation.isNone() ? "" : "; " + variation.said())
                + (over == 0
                        ? ""
                        : "; then " + Counted.count(over, "bar") + (ending ? " of another ending" : " more of it"));
    }

    public Confidence sureness() {
        return Confidence.of(rounds() - variation.varied().size(), rounds());
    }
}
