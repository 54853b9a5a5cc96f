package nimblestride.core.time.counting;

import java.util.List;

/** How six notes in a beat are counted (common practice; teachers differ, and a student learns one of them). */
public enum SixNotes {
    /** Two threes of an eighth each, halved: {@code 1 ta la ta li ta}. */
    TA_LA("1 ta la ta li ta"),
    /** Two triplets: {@code 1 trip let & trip let}. */
    TRIP_LET("1 trip let & trip let");

    private final String title;

    SixNotes(String title) {
        this.title = title;
    }

    /** Returns its name for people: the count itself. */
    public String title() {
        return title;
    }

    /** Returns the syllables after the number of the beat. */
    List<String> afterTheNumber() {
        return List.of(title.substring(title.indexOf(' ') + 1).split(" ", -1));
    }
}
