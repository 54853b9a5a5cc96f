package nimblestride.core.transcription.repetition;

/**
 * How sure it is that what looks like a repeat is one: the part of it that repeats, times the odds against chance,
 * where each further repeat makes chance half as likely (a choice of this program).
 *
 * @param value from 0 to 1
 */
public record Confidence(double value) {
    private static final double SURE = 0.9;
    private static final double LIKELY = 0.5;

    /**
     * Returns the confidence in a repeat.
     *
     * @param alike how many times are alike
     * @param times how many there are
     */
    public static Confidence of(int alike, int times) {
        return new Confidence((double) alike / times * (1 - Math.pow(0.5, Math.max(0, alike - 1))));
    }

    /** Returns it in words. */
    public String said() {
        return value >= SURE ? "sure" : value >= LIKELY ? "likely" : "perhaps";
    }
}
