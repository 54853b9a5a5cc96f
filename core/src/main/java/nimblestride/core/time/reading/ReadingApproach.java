package nimblestride.core.time.reading;

/** Four ways in which people take a long bar apart (common practice). */
public enum ReadingApproach {
    /** Twos and threes. */
    TWOS_THREES("twos-threes", "twos and threes"),
    /** A pair of bars, one even and one odd. */
    PAIRED_BARS("paired-bars", "an even and an odd bar"),
    /** A familiar bar with units added or taken off. */
    FAMILIAR("familiar", "familiar, more or less"),
    /** Fours, fives and sevens with a remainder. */
    CELLS("cells", "bigger cells");

    private final String key;
    private final String title;

    ReadingApproach(String key, String title) {
        this.key = key;
        this.title = title;
    }

    /** Returns its name in a report. */
    public String key() {
        return key;
    }

    /** Returns its name for people. */
    public String title() {
        return title;
    }
}
