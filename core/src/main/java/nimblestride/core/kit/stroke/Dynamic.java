package nimblestride.core.kit.stroke;

/** How hard a note is played, softest first. */
public enum Dynamic {
    GHOST("ghost note", 0.25),
    SOFT("soft", 0.45),
    NORMAL("normal", 0.7),
    ACCENT("accent", 0.9),
    STRONG("strong accent", 1.0);

    private final String title;
    private final double strength;

    Dynamic(String title, double strength) {
        this.title = title;
        this.strength = strength;
    }

    /** Returns its name for people. */
    public String title() {
        return title;
    }

    /** Returns a strength from 0 (silence) to 1 (as hard as possible). */
    public double strength() {
        return strength;
    }

    /** Returns whether it stands out from the notes around it. */
    public boolean isAccent() {
        return this == ACCENT || this == STRONG;
    }
}
