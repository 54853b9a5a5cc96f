package nimblestride.core.kit.stroke;

/** What goes with a note (common practice). */
public enum Ornament {
    NONE("", 0),
    /** One grace note just before it, by the other hand. */
    FLAM("flam", 1),
    /** Two grace notes before it, both by the other hand. */
    DRAG("drag", 2),
    /** Three grace notes before it. */
    RUFF("ruff", 3),
    /** In time: two notes of half the value in its place, by the same hand. */
    DOUBLED("doubled", 0),
    /** The stick pressed so that it bounces for as long as the note lasts. */
    BUZZ("buzz", 0);

    /**
     * The time from grace note to grace note, in seconds: as close as hands usually play them (common practice),
     * whatever the tempo.
     */
    public static final double SECONDS_BETWEEN_GRACE_NOTES = 0.028;

    private final String title;
    private final int graceNotes;

    Ornament(String title, int graceNotes) {
        this.title = title;
        this.graceNotes = graceNotes;
    }

    /** Returns its name for people; empty for none. */
    public String title() {
        return title;
    }

    /** Returns how many grace notes come before the note. */
    public int graceNotes() {
        return graceNotes;
    }
}
