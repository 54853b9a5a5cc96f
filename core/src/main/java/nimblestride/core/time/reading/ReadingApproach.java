package nimblestride.core.time.reading;

/** Four ways in which players take a bar apart (common practice). */
public enum ReadingApproach {
    /** Twos and threes. */
    TWOS_THREES("twos-threes", "twos and threes"),
    /** Bars that players know, side by side. */
    PAIRED_BARS("paired-bars", "bars you know"),
    /** A familiar bar with a little added. */
    FAMILIAR("familiar", "close to a familiar bar"),
    /** A few nearly equal cells. */
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
