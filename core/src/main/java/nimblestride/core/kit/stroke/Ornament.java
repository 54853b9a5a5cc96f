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

    /** The most seconds that a grace note comes before its note. */
    public static final double MAX_LEAD = 0.18;

    /** Grace notes take up to this share of the time since the stroke before. */
    private static final double ROOM = 0.6;

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

    /**
     * Returns the time from grace note to grace note, and from the last of them to the note, in seconds. Two hands play a
     * flam within a sixteenth of a beat, from 18 to 40 ms; a drag or a ruff bounces, so it takes longer, from 28 to 60 ms.
     * The quicker the tempo, the closer they are (common practice).
     *
     * @param beat how long a beat lasts, in seconds
     * @param since time since the stroke before, in seconds; infinite where there is none
     */
    public double secondsBetweenGraceNotes(double beat, double since) {
        double usual = this == FLAM
                ? Math.max(0.018, Math.min(0.040, beat / 16))
                : Math.max(0.028, Math.min(0.060, beat / 12));
        return graceNotes == 0 ? 0 : Math.min(usual, ROOM * since / graceNotes);
    }

    /** Returns how many grace notes come before the note. */
    public int graceNotes() {
        return graceNotes;
    }
}
